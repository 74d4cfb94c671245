import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import Typography from "@mui/material/Typography";
import { ColourDot } from "../../parts/ColourDot";
import { useUnits } from "../../units/useUnits";
import { BoxGlyph } from "./BoxGlyph";
import type { Progress, Sheet } from "./progress";
import type { Run } from "./useRunSheet";
import { amountOf } from "./words";

const TITLES: Record<string, string> = {
  none: "In no box",
  unchosen: "Not chosen from the stock",
  lacking: "Not in the stockroom yet",
};

function titleOf(key: string): string {
  return TITLES[key] ?? `Box ${key}`;
}

/** Before leaving: what goes into the car, box by box, and the tools; each ticked at the car. */
export function ToLoad({ run, sheet, progress }: { run: Run; sheet: Sheet; progress: Progress }) {
  const units = useUnits();
  const { loads } = sheet;
  const strike = sheet.strike !== undefined;
  const turns = [...loads.flatMap(({ things }) => things.map(({ key }) => key)), ...sheet.kit.map(kitTurn)];
  const ticked = turns.filter((turn) => progress.ticked(turn)).length;

  function tick(turn: string, name: string) {
    const standing = progress.ticked(turn);
    if (standing) run.takeBack(standing.key, name);
    else run.said("laid_out", name, { turn });
  }

  return (
    <Box sx={{ maxWidth: 1100, mx: "auto", p: 2, width: "100%" }}>
      <Typography variant="h2">{strike ? "To bring" : "To load"}</Typography>
      {strike && <Typography>Boxes, empty or nearly so, and what goes into each.</Typography>}
      <Typography color="textSecondary" gutterBottom role="status">
        {ticked} of {turns.length} in the car
      </Typography>
      <Box sx={{ columnWidth: { md: 340 }, columnGap: 4 }}>
        {loads.map(({ key, box, place, things }) => (
          <Box key={key} component="section" aria-label={titleOf(key)} sx={{ mb: 2 }}>
            <Typography
              variant="h3"
              component="h3"
              sx={{ display: "flex", gap: 1, alignItems: "center", breakAfter: "avoid" }}
            >
              {box !== null && <BoxGlyph />}
              {titleOf(key)}
              {place && (
                <Typography component="span" color="textSecondary">
                  {place}
                </Typography>
              )}
            </Typography>
            <Box component="ul" sx={list}>
              {things.map(({ key: turn, label, colour, unit, count, rooms }) => (
                <Row
                  key={turn}
                  checked={progress.ticked(turn) !== undefined}
                  onChange={() => tick(turn, label)}
                  name={`${amountOf(count, { unit }, units)} ${label}`}
                >
                  <ColourDot colour={colour} square={unit === "m"} />
                  <Box component="span" sx={{ flex: 1, minWidth: 0 }}>
                    {label}
                    <Typography component="span" variant="body2" color="textSecondary" sx={{ display: "block" }}>
                      {rooms.join(", ")}
                    </Typography>
                  </Box>
                  <strong>{amountOf(count, { unit }, units)}</strong>
                </Row>
              ))}
            </Box>
          </Box>
        ))}
        <Box component="section" aria-label="Kit" sx={{ mb: 2, breakInside: "avoid" }}>
          <Typography variant="h3" component="h3">
            Kit
          </Typography>
          <Box component="ul" sx={list}>
            {sheet.kit.map((one) => (
              <Row
                key={one.key}
                checked={progress.ticked(kitTurn(one)) !== undefined}
                onChange={() => tick(kitTurn(one), one.says)}
                name={one.says}
              >
                <span>{one.says}</span>
              </Row>
            ))}
          </Box>
        </Box>
      </Box>
    </Box>
  );
}

function kitTurn({ key }: { key: string }): string {
  return `kit ${key}`;
}

function Row({
  checked,
  onChange,
  name,
  children,
}: {
  checked: boolean;
  onChange: () => void;
  name: string;
  children: React.ReactNode;
}) {
  return (
    <Box component="li" sx={{ borderBottom: 1, borderColor: "divider", breakInside: "avoid" }}>
      <Box
        component="label"
        sx={{ display: "flex", alignItems: "center", gap: 1, minHeight: 48, opacity: checked ? 0.6 : 1 }}
      >
        <Checkbox checked={checked} onChange={onChange} slotProps={{ input: { "aria-label": name } }} />
        {children}
      </Box>
    </Box>
  );
}

const list = { m: 0, p: 0, listStyle: "none" } as const;
