import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import useMediaQuery from "@mui/material/useMediaQuery";
import type { Theme } from "@mui/material/styles";
import { useState, type ReactNode } from "react";
import type { Schemas } from "../../api/client";
import { RoomDrawing } from "../../drawing/tree/RoomDrawing";
import { Caution } from "../../parts/Caution";
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { PieceDialog } from "../home/PieceDialog";
import type { RoomDraft } from "./roomDraft";

interface Props {
  draft: RoomDraft;
  room?: Schemas["Room"] | undefined;
  saved: boolean;
  /** Whether what lies below the drawing is there too: on a phone it follows the fields, which are built in turn. */
  whole: boolean;
  /** The room from above, once it is measured. */
  children: ReactNode;
}

/** The room drawn from its measures, and under it the best size for each place. */
export function RoomSheet({ draft, room, saved, whole, children }: Props) {
  const units = useUnits();
  const phone = useMediaQuery((theme: Theme) => theme.breakpoints.down("md"));
  const [adding, setAdding] = useState<string | null>(null);
  const best = new Map(room?.places.map((place) => [place.id, place.best_size]));
  const measured = draft.width_m && draft.depth_m && draft.ceiling_left_m;
  return (
    <Box
      sx={(theme) => ({
        display: { xs: "contents", md: "block" },
        bgcolor: "background.paper",
        borderLeft: { md: `1px solid ${theme.palette.divider}` },
        overflow: { md: "auto" },
        p: { md: 3 },
      })}
    >
      <Box
        sx={(theme) => ({
          position: { xs: "sticky", md: "static" },
          top: 0,
          order: { xs: -1, md: 0 },
          zIndex: { xs: 2, md: 0 },
          flexShrink: 0,
          bgcolor: "background.paper",
          px: { xs: 1, md: 0 },
          borderBottom: { xs: `1px solid ${theme.palette.divider}`, md: 0 },
        })}
      >
        {measured ? (
          <RoomDrawing
            strip={phone}
            units={units}
            room={{
              width: draft.width_m ?? 0,
              depth: draft.depth_m ?? 0,
              left: draft.ceiling_left_m ?? 0,
              right: (draft.sloping ? draft.ceiling_right_m : draft.ceiling_left_m) ?? draft.ceiling_left_m ?? 0,
            }}
            places={draft.places.map((place, i) => ({
              ...place,
              name: place.name || `Place ${i + 1}`,
              best: saved && place.id ? best.get(place.id) : undefined,
            }))}
          />
        ) : (
          <Typography color="textSecondary" sx={{ py: { xs: 1.5, md: 8 }, textAlign: "center" }}>
            Width, depth and ceiling draw the room here.
          </Typography>
        )}
      </Box>
      {measured && whole && children}
      {room && saved && whole && room.places.length > 0 && (
        <Box component="section" aria-label="Best sizes" sx={{ mt: { md: 3 }, px: { xs: 2, sm: 3, md: 0 }, pb: 3 }}>
          <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
            Best size for each place
          </Typography>
          {room.places.map((place) => (
            <Box
              key={place.id}
              sx={(theme) => ({
                display: "flex",
                gap: 2,
                py: 1,
                borderTop: `1px solid ${theme.palette.divider}`,
                alignItems: "center",
              })}
            >
              <Box sx={{ flex: 1 }}>
                <Typography sx={{ fontWeight: 600 }}>{place.name}</Typography>
                {place.best_size.findings.map((finding) => (
                  <Caution key={finding.code} finding={finding} />
                ))}
              </Box>
              <Typography sx={{ fontSize: "1.35rem", fontWeight: 600, whiteSpace: "nowrap" }}>
                {place.best_size.height_m ? length(place.best_size.height_m, units) : "none fits"}
              </Typography>
              <Button
                size="small"
                variant="outlined"
                onClick={() => setAdding(place.id)}
                aria-label={`Put a tree here, in ${place.name}`}
              >
                Put a tree here
              </Button>
            </Box>
          ))}
          <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
            For a classic tree; other shapes are tried on the bench.
          </Typography>
        </Box>
      )}
      {!saved && measured && whole && (
        <Typography variant="body2" color="textSecondary" sx={{ mt: { md: 2 }, px: { xs: 2, sm: 3, md: 0 }, pb: 3 }}>
          Keep the survey to see the best size for each place.
        </Typography>
      )}
      {adding && room && (
        <PieceDialog
          room={{
            ...room,
            pieces: [],
            wreaths: 0,
            colours: null,
            places: [...room.places].sort((a, b) => Number(b.id === adding) - Number(a.id === adding)),
          }}
          onClose={() => setAdding(null)}
        />
      )}
    </Box>
  );
}
