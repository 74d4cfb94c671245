import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { wallName, wallsOf, type Plan } from "./planDraft";

interface Props {
  plan: Plan;
  value: string;
  onChange: (wall: string) => void;
  error: string | undefined;
}

/** One of the room's walls; one that is gone is no choice any more. */
export function WallSelect({ plan, value, onChange, error }: Props) {
  const walls = wallsOf(plan);
  return (
    <TextField
      select
      label="Wall"
      value={walls.some(({ key }) => key === value) ? value : ""}
      onChange={(event) => onChange(event.target.value)}
      error={Boolean(error)}
      helperText={error}
    >
      {walls.map((wall, i) => (
        <MenuItem key={wall.key} value={wall.key}>
          {wallName(wall, i)}
        </MenuItem>
      ))}
    </TextField>
  );
}
