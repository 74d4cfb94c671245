import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import type { Schemas } from "../../api/client";
import { fonts } from "../../theme/tokens";

const HIGH = 104;
const LID = 16;
/** A box of 45 litres is so wide; others by the root of what they hold. */
const COMMON = { litres: 45, wide: 122 };
const [NARROWEST, WIDEST] = [76, 190];

/** How wide a box is drawn, pixels. */
export function cartonWidth(litres: number): number {
  return Math.round(Math.min(Math.max(COMMON.wide * Math.sqrt(litres / COMMON.litres), NARROWEST), WIDEST));
}

/** A box on its shelf: its number, and inside up to where it is full. */
export function Carton({ box }: { box: Pick<Schemas["Box"], "number" | "litres" | "litres_used" | "breakable"> }) {
  const { tokens } = useTheme().palette;
  const wide = cartonWidth(box.litres);
  const room = HIGH - LID - 8;
  const full = Math.min(box.litres_used / box.litres, 1) * room;
  return (
    <Box component="svg" width={wide} height={HIGH} aria-hidden sx={{ display: "block" }}>
      <rect x={4} y={LID} width={wide - 8} height={HIGH - LID} fill={tokens.kraft} />
      <rect x={8} y={HIGH - 4 - full} width={wide - 16} height={full} fill={tokens.lichen} opacity={0.55} />
      <rect x={0.5} y={2} width={wide - 1} height={LID} rx={2} fill={tokens.kraftLid} />
      <line
        x1={wide / 2 - 14}
        x2={wide / 2 + 14}
        y1={LID / 2 + 2}
        y2={LID / 2 + 2}
        stroke={tokens.edge}
        strokeWidth={3}
        strokeLinecap="round"
      />
      <rect x={wide / 2 - 27} y={32} width={54} height={40} rx={2} fill={tokens.card} />
      <text
        x={wide / 2}
        y={62}
        textAnchor="middle"
        fontFamily={fonts.heading}
        fontSize={28}
        fontWeight={600}
        fill={tokens.ink}
      >
        {box.number}
      </text>
      {box.breakable && (
        <path
          d={`M${wide - 24} 82 h10 l-2.500 7 a2.500 2.500 0 0 1 -5 0 z m5 9 v5 m-3 0 h6`}
          stroke={tokens.ink}
          strokeWidth={1.3}
          fill="none"
        />
      )}
    </Box>
  );
}
