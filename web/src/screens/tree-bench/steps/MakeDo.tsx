import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import type { StepProps } from "./StepDials";

/** Fewer on hand than planned: cross out what is missing, spread again or keep the places, fill what stays empty. */
export function MakeDo({ bench, plan, styles }: StepProps) {
  const { ornaments } = bench.draft.settings;
  const dial = (part: Partial<typeof ornaments>) => bench.dial("ornaments", part);
  const missing = new Map(ornaments.missing.map((entry) => [entry.style, entry.count]));
  const lines = plan.ledger.filter((line) => line.kind === "ornament" && line.style);
  const short = lines.filter((line) => line.need > line.have);
  const setMissing = (style: string, count: number) =>
    dial({
      missing: [...ornaments.missing.filter((entry) => entry.style !== style), { style, count }].filter(
        (entry) => entry.count > 0,
      ),
    });
  const crossOut = () =>
    dial({
      missing: short.map((line) => ({
        style: line.style ?? "",
        count: (missing.get(line.style ?? "") ?? 0) + Math.ceil(line.need - line.have),
      })),
    });
  const crossed = plan.hanging?.crossed_out ?? 0;
  return (
    <>
      <Button size="small" variant="outlined" disabled={short.length === 0} onClick={crossOut}>
        {short.length === 0 ? "Nothing is short" : "Cross out what is short"}
      </Button>
      {crossed > 0 && (
        <>
          <ChoiceDial
            label="The rest"
            value={ornaments.make_do}
            onChange={(make_do) => dial({ make_do })}
            choices={{ spread_again: "is spread again", keep_places: "keeps its places" }}
          />
          <ChoiceDial
            label="Empty spots are filled with"
            value={ornaments.fill}
            onChange={(fill) => dial({ fill })}
            choices={{ none: "nothing", ribbon: "ribbon tucks", picks: "picks" }}
          />
          <Typography variant="body2" role="status">
            <strong>{crossed} crossed out</strong>
            {`; ${plan.hanging?.to_fill ?? 0} spots want something${ornaments.fill === "none" ? "" : ", and get it"}.`}
          </Typography>
        </>
      )}
      <Typography variant="body2" className="whole-row" sx={{ fontWeight: 600, color: "text.secondary", mb: -0.5 }}>
        Missing of each
      </Typography>
      <Box
        role="group"
        aria-label="Missing of each"
        className="whole-row"
        sx={{ display: "flex", flexWrap: "wrap", gap: 2, "& > *": { width: 250 } }}
      >
        {ornaments.styles.map((id) => (
          <CountDial
            key={id}
            label={styles.find((style) => style.id === id)?.name ?? "A style"}
            value={missing.get(id) ?? 0}
            onChange={(count) => setMissing(id, count)}
          />
        ))}
      </Box>
    </>
  );
}
