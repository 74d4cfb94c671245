import Checkbox from "@mui/material/Checkbox";
import type { Line } from "./useBuying";
import type { Rounds } from "./useRound";

/** The box before a line of a list: ticked where it is bought. */
export function BoughtTick({ line, round, size = "medium" }: { line: Line; round: Rounds; size?: "small" | "medium" }) {
  const waiting = round.waits(line) !== undefined;
  return (
    <Checkbox
      size={size}
      checked={waiting}
      disabled={line.quote.packs.length === 0 || waiting || round.busy !== null}
      onChange={() => void round.buy(line)}
      slotProps={{ input: { "aria-label": `${line.name} is bought` } }}
      sx={{ ml: -1, mt: size === "small" ? -0.5 : 0 }}
    />
  );
}
