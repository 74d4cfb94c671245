import type { Schemas } from "../../api/client";
import { day, drawing as shadesOf, evening } from "../../theme/tokens";
import type { WreathView } from "./wreathProjection";

interface Props {
  drawing: Schemas["WreathDrawing"];
  at: WreathView;
  /** How far the wreath stands off, metres. */
  depth: number;
  dusk: boolean;
}

const WIDE = 176;
const HIGH = 132;
/** How far the leaf is swung, radians. */
const SWUNG = 1.3;
const LEAF_M = 0.045;

/** A pair of doors from above with its leaf swung: the wreath goes with it, over its edge by half of itself. */
export function SwungLeaf({ drawing, at, depth, dusk }: Props) {
  const { host, hook, ring } = drawing;
  if (host.host !== "pair" || !hook?.leaf || !ring || host.width_m === null || at.width < 300) return null;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const tokens = dusk ? evening : day;
  const half = host.width_m / 2;
  const scale = Math.min((WIDE - 40) / host.width_m, (HIGH - 64) / (half + ring.outer_m / 2));
  const inward = host.opens === "inward";
  const left = hook.leaf === "left";
  const wall = inward ? HIGH - 34 : 40;
  const hinge = WIDE / 2 + (left ? -half : half) * scale;
  // From the hinge along the leaf, and out of its outer face: inside is up.
  const turn = (inward ? -1 : 1) * SWUNG;
  const along = { x: (left ? 1 : -1) * Math.cos(turn), y: Math.sin(turn) };
  const out = left ? { x: -along.y, y: along.x } : { x: along.y, y: -along.x };
  const place = (far: number, off: number) =>
    `${(hinge + (along.x * far + out.x * off) * scale).toFixed(1)},${(wall + (along.y * far + out.y * off) * scale).toFixed(1)}`;
  const bar = (from: number, to: number, low: number, high: number) =>
    [place(from, low), place(to, low), place(to, high), place(from, high)].join(" ");
  const other = WIDE / 2 + (left ? 0 : -half) * scale;
  const corner = { x: at.left + at.width - WIDE - 12, y: at.top + at.height - HIGH - 34 };
  const text = { fontSize: 11.5, fill: tokens.ink };
  return (
    <g transform={`translate(${corner.x} ${corner.y})`} aria-hidden>
      <rect width={WIDE} height={HIGH} rx={6} fill={tokens.card} stroke={shades.line} />
      <text x={10} y={18} {...text} fontWeight={600}>
        {hook.leaf} leaf open, from above
      </text>
      <line x1={6} x2={WIDE / 2 - half * scale} y1={wall} y2={wall} stroke={shades.line} strokeWidth={6} />
      <line x1={WIDE / 2 + half * scale} x2={WIDE - 6} y1={wall} y2={wall} stroke={shades.line} strokeWidth={6} />
      <rect
        x={other}
        y={wall - 2.5}
        width={half * scale}
        height={5}
        fill={host.colour}
        stroke={shades.label}
        strokeWidth={0.7}
      />
      <polygon
        points={bar(0, half, -LEAF_M / 2, LEAF_M / 2)}
        fill={host.colour}
        stroke={shades.label}
        strokeWidth={0.7}
      />
      <polygon
        points={bar(half - ring.outer_m / 2, half + ring.outer_m / 2, LEAF_M / 2, LEAF_M / 2 + depth)}
        fill={tokens.spruce}
      />
      <circle cx={hinge} cy={wall} r={2.5} fill={tokens.ink} />
      <text x={WIDE - 10} y={HIGH - 10} textAnchor="end" {...text}>
        {inward ? "the ring presses on the other" : "the other leaf clears"}
      </text>
    </g>
  );
}
