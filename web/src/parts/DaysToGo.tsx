import Chip from "@mui/material/Chip";
import { daysToGo } from "../units/format";

/** How long there is until a piece is dressed; a phone has no room for it. */
export function DaysToGo({ days }: { days: number | null | undefined }) {
  return (
    <Chip size="small" variant="outlined" label={daysToGo(days)} sx={{ display: { xs: "none", sm: "inline-flex" } }} />
  );
}
