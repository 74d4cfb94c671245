import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { clockPosition, length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { DressingProps } from "./dressing";

/** What would close the thin arcs, from what is free; one press puts it there. */
export function Closing({ bench, plan }: Pick<DressingProps, "bench" | "plan">) {
  const units = useUnits();
  const { stems } = bench.draft.settings.greens;
  const closable = (plan.closing ?? []).filter(({ ways }) => ways.length > 0);
  return closable.map((arc) => (
    <Box
      key={arc.from_h}
      className="whole-row"
      sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}
    >
      <Typography variant="body2" sx={{ color: "error.main", fontWeight: 600 }}>
        Thin from {clockPosition(arc.from_h)} to {clockPosition(arc.to_h)}, by {length(arc.by_m, units)}:
      </Typography>
      {arc.ways.map(({ style, name, count, free }) => (
        <Button
          key={style}
          size="small"
          variant="outlined"
          onClick={() =>
            bench.dial("greens", {
              stems: [
                ...stems,
                { style, count, from_h: arc.from_h, to_h: arc.to_h === arc.from_h ? (arc.to_h + 0.25) % 12 : arc.to_h },
              ],
            })
          }
        >
          {count} × {name} ({free} free)
        </Button>
      ))}
    </Box>
  ));
}
