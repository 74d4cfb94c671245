import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { PortraitRow } from "../../drawing/shared/PortraitRow";
import type { Draft, Home } from "./SeasonOpening";
import { stoodWords } from "./stoodWords";

/** A piece of last season: what it looked like, where it has been, and what becomes of it. */
export function DraftCard({
  home,
  draft,
  onKeep,
  onVary,
  onDrop,
}: {
  home: Home;
  draft: Draft;
  onKeep: () => void;
  onVary: () => void;
  onDrop: () => void;
}) {
  const room = home.rooms.find(({ id }) => id === draft.room_id);
  const place = room?.places.find(({ id }) => id === draft.place_id);
  // Where it stood last is where it stands, unless its room has changed meanwhile.
  const [latest] = draft.stood;
  const moved = latest !== undefined && (latest.room !== room?.name || latest.place !== (place?.name ?? null));
  return (
    <Box
      role="group"
      aria-label={draft.name}
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        columnGap: 2,
        rowGap: 1,
        py: 1,
        borderTop: 1,
        borderColor: "divider",
      }}
    >
      <Box sx={{ width: 96, display: "flex", justifyContent: "center", opacity: 0.75 }}>
        {draft.portrait && <PortraitRow portraits={[draft.portrait]} width={96} height={84} />}
      </Box>
      <Box sx={{ flex: "1 1 180px", minWidth: 0 }}>
        <Typography sx={{ fontWeight: 600 }}>{draft.name}</Typography>
        <Typography variant="body2" color="textSecondary">
          {room ? [room.name, place?.name].filter(Boolean).join(", ") : "Its room is not there any more."}
        </Typography>
        {(draft.stood.length > 1 || moved) && (
          <Typography variant="body2" color="textSecondary">
            {stoodWords(draft.stood)}
          </Typography>
        )}
      </Box>
      <Box sx={{ display: "flex", gap: 1 }}>
        <Button variant="outlined" disabled={!room} onClick={onKeep} sx={{ minHeight: 44 }}>
          Keep it
        </Button>
        <Button onClick={onVary} sx={{ minHeight: 44 }}>
          Change it
        </Button>
        <Button onClick={onDrop} sx={{ minHeight: 44 }}>
          Let it go
        </Button>
      </Box>
    </Box>
  );
}
