import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import Typography from "@mui/material/Typography";
import { cutLength, INCH } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** How much ribbon really went up, or is left of it: what was planned, less or more by a hand. */
export function UsedDial({
  used,
  onUsed,
  label = "Used of it",
  less = "Less was used",
  more = "More was used",
  most = Infinity,
}: {
  used: number;
  onUsed: (metres: number) => void;
  label?: string;
  less?: string;
  more?: string;
  /** Metres there can be. */
  most?: number;
}) {
  const units = useUnits();
  const by = units === "imperial" ? INCH * 6 : 0.1;
  const change = (sign: number) => onUsed(Math.min(most, Math.max(0, Math.round((used + sign * by) * 1000) / 1000)));
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1 }} role="group" aria-label={label}>
      <Typography sx={{ flex: 1 }}>{label}</Typography>
      <IconButton aria-label={less} onClick={() => change(-1)} sx={{ width: 44, height: 44 }}>
        −
      </IconButton>
      <Typography sx={{ fontWeight: 700, minWidth: 72, textAlign: "center" }}>{cutLength(used, units)}</Typography>
      <IconButton aria-label={more} onClick={() => change(1)} sx={{ width: 44, height: 44 }}>
        +
      </IconButton>
    </Box>
  );
}
