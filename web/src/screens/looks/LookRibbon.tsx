import Box from "@mui/material/Box";
import { useId } from "react";
import type { Schemas } from "../../api/client";
import { darkOn } from "../../parts/ColourBar";

const WIDE = 54;
const KNOT = 9;
const TAIL = 18;
/** A colour of no share is still seen. */
const LEAST = 0.03;

interface Props {
  colours: Schemas["LookColour"][];
  height: number;
}

/** A ribbon knotted of a look's colours, each length its share; the last one ends in a tail. */
export function LookRibbon({ colours, height }: Props) {
  const id = useId();
  const shares = colours.map(({ share_percent }) => Math.max(share_percent / 100, LEAST));
  const all = shares.reduce((sum, share) => sum + share, 0);
  const ends = shares.map(
    (_, i) => (shares.slice(0, i + 1).reduce((sum, share) => sum + share, 0) / all) * (height - TAIL),
  );
  return (
    <Box
      component="svg"
      role="img"
      aria-label={colours.map(({ name, share_percent }) => `${name} ${share_percent} %`).join(", ")}
      width={WIDE}
      height={height}
      sx={{ display: "block", flexShrink: 0 }}
    >
      <defs>
        <linearGradient id={`${id}shade`} x1="0" x2="1" y1="0" y2="0">
          <stop offset="0" stopColor="#000" stopOpacity="0.22" />
          <stop offset="0.22" stopColor="#fff" stopOpacity="0.18" />
          <stop offset="0.55" stopColor="#000" stopOpacity="0" />
          <stop offset="1" stopColor="#000" stopOpacity="0.26" />
        </linearGradient>
      </defs>
      {colours.map(({ name, srgb }, i) => {
        const [top, bottom] = [i === 0 ? 0 : (ends[i - 1] ?? 0), ends[i] ?? height];
        const shape = length(top, bottom, i === 0, i === colours.length - 1);
        return (
          <g key={name}>
            <path d={shape} fill={srgb} />
            <path d={shape} fill={`url(#${CSS.escape(id)}shade)`} />
            <path d={shape} fill="none" stroke={darkOn(srgb) ? "#00000030" : "#ffffff30"} />
          </g>
        );
      })}
      {colours.slice(1).map(({ name, srgb }, i) => (
        <g key={name} transform={`translate(${WIDE / 2} ${ends[i] ?? 0})`}>
          <ellipse rx="12" ry={KNOT} fill={srgb} stroke={darkOn(srgb) ? "#00000055" : "#ffffff55"} />
          <path
            d="M-9 -3 C-3 2 3 2 9 -3 M-9 3 C-3 7 3 7 9 2"
            fill="none"
            stroke={darkOn(srgb) ? "#00000040" : "#ffffff40"}
          />
        </g>
      ))}
    </Box>
  );
}

/** One length: full in the middle, gathered at its knots. */
function length(top: number, bottom: number, begins: boolean, ends: boolean): string {
  const [left, right, middle] = [4, WIDE - 4, WIDE / 2];
  const bend = Math.min(18, (bottom - top) / 3);
  const from = begins ? `M${left} ${top} L${right} ${top}` : `M${middle - 8} ${top} L${middle + 8} ${top}`;
  const down = begins
    ? `L${right} ${bottom - bend}`
    : `C${middle + 10} ${top + bend / 2} ${right} ${top + bend / 2} ${right} ${top + bend} L${right} ${bottom - bend}`;
  const up = begins
    ? `L${left} ${top}`
    : `L${left} ${top + bend} C${left} ${top + bend / 2} ${middle - 10} ${top + bend / 2} ${middle - 8} ${top}`;
  const foot = ends
    ? `L${right} ${bottom + TAIL} L${middle} ${bottom + 6} L${left} ${bottom + TAIL} L${left} ${bottom - bend}`
    : `C${right} ${bottom - bend / 2} ${middle + 10} ${bottom - bend / 2} ${middle + 8} ${bottom} L${middle - 8} ${bottom} C${middle - 10} ${bottom - bend / 2} ${left} ${bottom - bend / 2} ${left} ${bottom - bend}`;
  return `${from} ${down} ${foot} ${up} Z`;
}
