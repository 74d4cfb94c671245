import Close from "@mui/icons-material/Close";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { ColourBar } from "../../parts/ColourBar";
import { useUndo } from "../../parts/undo";
import { give } from "./WearDialog";

type Board = Schemas["LookBoard"];

/** How the palette reads to who sees red, green or blue differently, in words as well. */
export function Vision({ vision }: { vision: Board["vision"] }) {
  return (
    <Box component="section" aria-label="Seen differently" sx={{ mb: 3 }}>
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        Seen differently
      </Typography>
      {vision.map(({ kind, told, colours, alike }) => (
        <Box key={kind} sx={{ mb: 1.25 }}>
          <ColourBar
            height={16}
            label={`Seen ${told}`}
            parts={colours.map(({ name, srgb }) => ({ name, srgb, share: 1 / colours.length }))}
          />
          <Typography variant="body2">
            {told}:{" "}
            {alike.length === 0 ? "all told apart" : alike.map((pair) => `${pair.join(" and ")} look alike`).join("; ")}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

/** Homes, rooms and pieces that wear a look of their own. */
export function Worn({ board, onGive }: { board: Board; onGive: () => void }) {
  const { say } = useUndo();
  return (
    <Box component="section" aria-label="Who wears it" sx={{ mb: 3 }}>
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        Who wears it
      </Typography>
      {board.look.worn.length === 0 && (
        <Typography color="textSecondary" sx={{ mb: 1 }}>
          Nobody yet.
        </Typography>
      )}
      <Box component="ul" sx={{ m: 0, p: 0, mb: 1, listStyle: "none" }}>
        {board.look.worn.map(({ of, id, name, within }) => (
          <Box component="li" key={`${of} ${id}`} sx={{ display: "flex", alignItems: "center" }}>
            <Typography sx={{ flex: 1 }}>
              {name}
              {within && (
                <Typography component="span" variant="body2" color="textSecondary">
                  , {within}
                </Typography>
              )}
            </Typography>
            <IconButton
              size="small"
              aria-label={`Take it off ${name}`}
              onClick={() => void give({ kind: of, id, name }, null, `${name} wears it no more.`, say)}
            >
              <Close fontSize="small" />
            </IconButton>
          </Box>
        ))}
      </Box>
      {board.look.worn_more > 0 && (
        <Typography color="textSecondary" sx={{ mb: 1 }}>
          and {board.look.worn_more} more
        </Typography>
      )}
      <Button size="small" variant="outlined" onClick={onGive}>
        Give it to a home, room or piece
      </Button>
    </Box>
  );
}
