import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { useRef } from "react";
import { PortraitRow, APART } from "../../drawing/shared/PortraitRow";
import { useSize } from "../../drawing/shared/useSize";
import { drawing } from "../../theme/tokens";
import { Band, motifOf } from "../days/Band";
import { LitSites } from "./LitSites";
import type { RunStep, Sheet, Thing } from "./progress";
import { BRIDGE } from "./strike";

/** How high the band is that shows what is put up, pixels. */
const BAND = 22;

/** What a step is done to: its piece, or all pieces of the room; beneath it what is put up. */
export function StepPicture({ sheet, step, thing }: { sheet: Sheet; step: RunStep; thing?: Thing | undefined }) {
  const { palette } = useTheme();
  const box = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(box);
  const inRoom = new Set(sheet.steps.filter(({ room }) => room === step.room).map(({ piece }) => piece));
  // Where something was the surface is bare now.
  const shown =
    step.key === BRIDGE ? [] : sheet.pieces.filter(({ id }) => (step.piece ? id === step.piece : inRoom.has(id)));
  const portraits = shown.flatMap(({ portrait }) => (portrait ? [portrait] : []));
  const wide = portraits.reduce((sum, { left_m, right_m }) => sum + right_m - left_m + APART, APART);
  const tall = Math.max(0.1, ...portraits.map(({ top_m }) => top_m));
  const scale = Math.max(1, Math.min((width - 24) / wide, (height - BAND - 24) / tall, 190));
  const motif = motifOf(step.key);
  const placed = shown.find(({ id, sites }) => id === step.piece && sites.some(({ style }) => style === thing?.style));
  return (
    <Box
      ref={box}
      sx={{
        flex: 1,
        minHeight: 150,
        position: "relative",
        overflow: "hidden",
        bgcolor: drawing[palette.mode === "light" ? "day" : "dusk"].wallBottom,
      }}
    >
      <Box sx={{ position: "absolute", left: Math.max(0, (width - wide * scale) / 2), bottom: BAND }}>
        <PortraitRow
          portraits={portraits}
          width={Math.ceil(wide * scale)}
          height={Math.ceil(tall * scale) + 4}
          scale={scale}
        />
        {placed && thing?.style && (
          <LitSites
            piece={placed}
            style={thing.style}
            colour={thing.colour}
            width={Math.ceil(wide * scale)}
            height={Math.ceil(tall * scale) + 4}
            scale={scale}
          />
        )}
      </Box>
      {motif !== "piece" && (
        <Box sx={{ position: "absolute", left: 0, right: 0, bottom: 0 }}>
          <Band motif={motif} portrait={portraits[0] ?? null} width={width} height={BAND} />
        </Box>
      )}
    </Box>
  );
}
