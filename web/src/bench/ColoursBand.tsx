import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { SeenAndWanted, sharesTold, UNSEEN } from "../parts/SeenAndWanted";
import { counted } from "../units/format";
import { ColoursDrawer } from "./ColoursDrawer";
import type { Dialled } from "./planner";

interface Props {
  colours: Schemas["ColoursSeen"] | undefined;
  pieceId: string;
  dialled: Dialled;
  /** Puts settings on the piece that close what is short. */
  onDress: (settings: object) => void;
}

/** Under the drawing: the colours really seen over those the look wants; it opens what is short and what closes it. */
export function ColoursBand({ colours, pieceId, dialled, onDress }: Props) {
  const [open, setOpen] = useState(false);
  if (!colours) return null;
  const notes = colours.notes.length;
  const hung = colours.things.length > 0;
  return (
    <>
      <ButtonBase
        onClick={() => setOpen(true)}
        sx={(theme) => ({
          width: "100%",
          font: "inherit",
          display: "flex",
          alignItems: "center",
          gap: 1.5,
          px: 2,
          py: 0.75,
          textAlign: "left",
          borderTop: `1px solid ${theme.palette.divider}`,
          "@media print": { display: "none" },
        })}
      >
        <Box sx={{ width: { xs: 92, sm: 148 }, flexShrink: 0 }}>
          <Typography variant="body2" noWrap sx={{ fontWeight: 600 }}>
            Colour seen
          </Typography>
          <Typography variant="body2" noWrap color="textSecondary">
            {colours.look.name}
          </Typography>
        </Box>
        {hung ? (
          <>
            <Box component="span" sx={UNSEEN}>
              {sharesTold(colours.shares)}
            </Box>
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <SeenAndWanted shares={colours.shares} height={18} />
            </Box>
            <Typography variant="body2" sx={{ flexShrink: 0, color: notes > 0 ? "secondary.main" : "text.secondary" }}>
              {notes === 0 ? "as wanted" : counted(notes, "note")}
            </Typography>
          </>
        ) : (
          <Typography variant="body2" color="textSecondary" sx={{ flex: 1 }}>
            Nothing hangs yet that has a colour.
          </Typography>
        )}
      </ButtonBase>
      {open && <ColoursDrawer pieceId={pieceId} dialled={dialled} onDress={onDress} onClose={() => setOpen(false)} />}
    </>
  );
}
