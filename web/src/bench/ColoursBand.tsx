import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { ColourBar } from "../parts/ColourBar";
import { percent } from "../units/format";
import { ColoursDrawer } from "./ColoursDrawer";
import type { Dialled } from "./planner";

type Seen = NonNullable<Schemas["ColoursSeen"]>;

/** What is really seen and what the look wants, in words. */
function coloursTold({ shares }: Seen): string {
  return shares.map(({ name, seen, wanted }) => `${name} ${percent(seen)} of ${percent(wanted)}`).join(", ");
}

/** Told to who does not see the bars. */
const UNSEEN = { position: "absolute", clipPath: "inset(50%)", width: 1, height: 1, overflow: "hidden" } as const;

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
  const seen = colours.shares.map(({ name, colour, seen: share }) => ({ name, srgb: colour, share }));
  const wanted = colours.shares.map(({ name, colour, wanted: share }) => ({ name, srgb: colour, share }));
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
        <Box component="span" sx={UNSEEN}>
          {coloursTold(colours)}
        </Box>
        <Box sx={{ flex: 1, minWidth: 0 }} aria-hidden>
          {hung ? (
            <ColourBar parts={seen} height={18} label="" numbered />
          ) : (
            <Typography variant="body2" color="textSecondary" sx={{ height: 18 }}>
              nothing hangs yet
            </Typography>
          )}
          <Box sx={{ height: 3 }} />
          <ColourBar parts={wanted} height={7} label="" />
        </Box>
        <Typography variant="body2" sx={{ flexShrink: 0, color: notes > 0 ? "secondary.main" : "text.secondary" }}>
          {notes === 0 ? "as wanted" : notes === 1 ? "1 note" : `${notes} notes`}
        </Typography>
      </ButtonBase>
      {open && <ColoursDrawer pieceId={pieceId} dialled={dialled} onDress={onDress} onClose={() => setOpen(false)} />}
    </>
  );
}
