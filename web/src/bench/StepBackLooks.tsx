import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../api/client";
import { Caution } from "../parts/Caution";
import { Tick } from "../parts/Tick";

interface Props<Look extends string> {
  /** Every look in words, in this order. */
  looks: Readonly<Record<Look, string>>;
  looked: Look[];
  onChange: (looked: Look[]) => void;
  cautions: Schemas["StepCaution"][];
  /** Said where nothing is left to be mended. */
  nothing: string;
}

/** What to look at, ticked off, and all that is still to be said of the piece. */
export function StepBackLooks<Look extends string>({ looks, looked, onChange, cautions, nothing }: Props<Look>) {
  const open = cautions.filter(({ severity }) => severity !== "info");
  return (
    <>
      <Box className="whole-row">
        {(Object.keys(looks) as Look[]).map((look) => (
          <Tick
            key={look}
            label={looks[look]}
            checked={looked.includes(look)}
            onChange={(on) => onChange(on ? [...looked, look] : looked.filter((known) => known !== look))}
          />
        ))}
      </Box>
      <Box className="whole-row" sx={{ display: "grid", gap: 1, gridTemplateColumns: { md: "1fr 1fr" } }}>
        {open.length === 0 ? (
          <Typography variant="body2">{nothing}</Typography>
        ) : (
          open.map((caution) => <Caution key={`${caution.code} ${caution.message}`} finding={caution} />)
        )}
      </Box>
    </>
  );
}
