import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { Peep } from "./Peep";

type Room = Schemas["RoomView"];
type View = Schemas["ViewSeen"];

const PEEP = { width: 124, height: 104 };

interface PlacesProps {
  room: Room;
  chosen: string | undefined;
  choose: (id: string) => void;
  dusk: boolean;
  add: (offered: Schemas["OfferedViewpoint"]) => Promise<void>;
  change: (view: View) => void;
}

/** Small pictures of what each place sees; places that doors and sofas offer by themselves. */
export function Places({ room, chosen, choose, dusk, add, change }: PlacesProps) {
  return (
    <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", mt: 0.5 }}>
      {room.views.map((view) => (
        <Box key={view.id} sx={{ width: PEEP.width }}>
          <Box
            component="button"
            type="button"
            aria-label={`Look from ${view.name}: ${view.says}`}
            aria-pressed={view.id === chosen}
            onClick={() => choose(view.id)}
            sx={(theme) => ({
              p: 0,
              display: "block",
              border: `2px solid ${view.id === chosen ? theme.palette.tokens.plum : theme.palette.tokens.edge}`,
              borderRadius: "3px",
              overflow: "hidden",
              cursor: "pointer",
              bgcolor: "transparent",
            })}
          >
            <Peep room={room} view={view} width={PEEP.width - 4} height={PEEP.height} dusk={dusk} />
          </Box>
          <Box sx={{ display: "flex", alignItems: "center" }}>
            <Typography
              variant="body2"
              noWrap
              sx={(theme) => ({
                fontWeight: 700,
                flex: 1,
                color: view.id === chosen ? theme.palette.tokens.plum : undefined,
              })}
            >
              {view.name}
            </Typography>
            <Button
              size="small"
              sx={{ minWidth: 0, px: 0.5, fontSize: "0.75rem" }}
              aria-label={`Change the place ${view.name}`}
              onClick={() => change(view)}
            >
              change
            </Button>
          </Box>
          <Typography
            variant="caption"
            color="textSecondary"
            component="p"
            sx={{ lineHeight: 1.3, overflowWrap: "anywhere" }}
          >
            {view.says}
          </Typography>
        </Box>
      ))}
      {room.offered.map((one) => (
        <Button key={one.name} size="small" variant="outlined" startIcon={<Add />} onClick={() => void add(one)}>
          Look from {one.name}
        </Button>
      ))}
    </Box>
  );
}
