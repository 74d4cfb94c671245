import type { DrawingShades } from "../../theme/tokens";
import { shade } from "../shared/shade";

/** What a thing of a room is drawn from: its box in pixels. */
export interface ThingBox {
  kind: string;
  colour: string | null;
  x: number;
  y: number;
  width: number;
  height: number;
}

interface Props extends ThingBox {
  shades: DrawingShades;
  dusk: boolean;
}

const WOOD = "#8b6b49";
const CLOTH = "#c9c2b2";
const METAL = "#4a5254";

type Part = Omit<Props, "kind" | "colour"> & { fill: string; edge: string };

/** A sofa or a chair: back, arms, seat cushions on short legs. */
function Seat({ x, y, width, height, fill, edge }: Part) {
  const arm = Math.min(width * 0.12, height * 0.34);
  const seat = y + height * 0.46;
  const foot = y + height * 0.9;
  const cushions = Math.max(Math.round(width / height / 1.1), 1);
  const wide = (width - 2 * arm) / cushions;
  return (
    <g stroke={edge} strokeWidth={0.8}>
      <rect x={x + arm * 0.5} y={y} width={width - arm} height={height * 0.7} rx={height * 0.08} fill={fill} />
      {Array.from({ length: cushions }, (_, i) => (
        <rect
          key={i}
          x={x + arm + i * wide}
          y={seat}
          width={wide}
          height={foot - seat}
          rx={height * 0.06}
          fill={fill}
        />
      ))}
      <rect x={x} y={y + height * 0.3} width={arm} height={foot - y - height * 0.3} rx={arm * 0.4} fill={fill} />
      <rect
        x={x + width - arm}
        y={y + height * 0.3}
        width={arm}
        height={foot - y - height * 0.3}
        rx={arm * 0.4}
        fill={fill}
      />
      {[x + arm * 0.3, x + width - arm * 0.7].map((at) => (
        <rect key={at} x={at} y={foot} width={arm * 0.4} height={height * 0.1} fill={METAL} stroke="none" />
      ))}
    </g>
  );
}

function Table({ x, y, width, height, fill, edge }: Part) {
  const top = Math.max(height * 0.08, 3);
  const leg = Math.max(width * 0.05, 3);
  return (
    <g fill={fill} stroke={edge} strokeWidth={0.8}>
      <rect x={x + leg * 0.6} y={y + top} width={leg} height={height - top} />
      <rect x={x + width - leg * 1.6} y={y + top} width={leg} height={height - top} />
      <rect x={x} y={y} width={width} height={top} rx={1} />
    </g>
  );
}

function Cabinet({ x, y, width, height, fill, edge }: Part) {
  const doors = Math.max(Math.round(width / Math.max(height * 0.62, 1)), 1);
  const wide = width / doors;
  const gap = Math.min(3, wide * 0.1);
  return (
    <g fill={fill} stroke={edge} strokeWidth={0.8}>
      <rect x={x} y={y} width={width} height={height} />
      {Array.from({ length: doors }, (_, i) => (
        <g key={i}>
          <rect
            x={x + i * wide + gap}
            y={y + gap * 2}
            width={Math.max(wide - 2 * gap, 1)}
            height={Math.max(height - 4 * gap, 1)}
            fill="none"
          />
          <circle
            cx={x + (i % 2 === 0 ? (i + 1) * wide - 2.4 * gap : i * wide + 2.4 * gap)}
            cy={y + height * 0.45}
            r={1.2}
            fill={edge}
            stroke="none"
          />
        </g>
      ))}
      <rect x={x - 1} y={y - 1} width={width + 2} height={Math.max(height * 0.05, 2.5)} />
    </g>
  );
}

const BOOKS = ["#7d5f42", "#52636b", "#8c7b5a", "#5f6f63", "#6b4a4f"];

function Shelf({ x, y, width, height, fill, edge }: Part) {
  const rows = Math.max(Math.round(height / 26), 2);
  const high = height / rows;
  return (
    <g stroke={edge} strokeWidth={0.8}>
      <rect x={x} y={y} width={width} height={height} fill={fill} />
      {Array.from({ length: rows }, (_, row) =>
        Array.from({ length: Math.max(Math.floor(width / 7), 1) }, (_, i) => (
          <rect
            key={`${row} ${i}`}
            x={x + 2 + i * 7}
            y={y + row * high + high * (0.22 + ((row * 7 + i * 5) % 4) * 0.07)}
            width={5.4}
            height={high * (0.72 - ((row * 7 + i * 5) % 4) * 0.07)}
            fill={BOOKS[(row * 3 + i * 2) % BOOKS.length]}
            fillOpacity={(row + i) % 5 === 4 ? 0 : 0.75}
            stroke="none"
          />
        )),
      )}
      {Array.from({ length: rows + 1 }, (_, row) => (
        <line key={row} x1={x} x2={x + width} y1={y + row * high} y2={y + row * high} />
      ))}
    </g>
  );
}

function Lamp({ x, y, width, height, fill, edge, dusk }: Part) {
  const middle = x + width / 2;
  const shadeHigh = Math.min(height * 0.26, width * 0.95);
  return (
    <g>
      {dusk && <circle cx={middle} cy={y + shadeHigh * 0.6} r={width * 1.7} fill="url(#lamp-glow)" />}
      <line x1={middle} x2={middle} y1={y + shadeHigh} y2={y + height - 2} stroke={METAL} strokeWidth={2.4} />
      <ellipse cx={middle} cy={y + height - 2} rx={width * 0.34} ry={2.6} fill={METAL} />
      <path
        d={`M${middle - width * 0.28},${y} h${width * 0.56} L${x + width},${y + shadeHigh} H${x} Z`}
        fill={fill}
        stroke={edge}
        strokeWidth={0.8}
      />
    </g>
  );
}

function Framed({ x, y, width, height, shades, glass }: Part & { glass: boolean }) {
  const frame = Math.max(Math.min(width, height) * 0.06, 2);
  return (
    <g>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill={shades.gilt}
        stroke={shade("#b79a62", -0.3)}
        strokeWidth={0.8}
      />
      <rect
        x={x + frame}
        y={y + frame}
        width={Math.max(width - 2 * frame, 1)}
        height={Math.max(height - 2 * frame, 1)}
        fill={glass ? shades.glass : shades.wallBottom}
      />
      {glass ? (
        <path
          d={`M${x + width * 0.24},${y + height - frame} L${x + width * 0.5},${y + frame} h${width * 0.14} L${x + width * 0.38},${y + height - frame} Z`}
          fill="#fff"
          fillOpacity={0.3}
        />
      ) : (
        <path
          d={`M${x + frame},${y + height * 0.62} q${width * 0.2},${-height * 0.16} ${width * 0.4},0 t${width - 2 * frame - width * 0.4},${-height * 0.05} V${y + height - frame} H${x + frame} Z`}
          fill={shades.line}
          fillOpacity={0.6}
        />
      )}
    </g>
  );
}

function Mantel({ x, y, width, height, shades, edge }: Part) {
  const shelf = Math.max(height * 0.05, 3);
  return (
    <g stroke={edge} strokeWidth={0.8}>
      <rect x={x + width * 0.06} y={y + shelf} width={width * 0.88} height={height - shelf} fill={shades.surround} />
      <rect
        x={x + width * 0.22}
        y={y + height * 0.28}
        width={width * 0.56}
        height={height * 0.72}
        fill={shades.firebox}
      />
      <rect x={x} y={y} width={width} height={shelf} fill={shades.surround} />
    </g>
  );
}

function Stove({ x, y, width, height, fill, edge, dusk }: Part) {
  return (
    <g stroke={edge} strokeWidth={0.8}>
      <rect x={x} y={y} width={width} height={height * 0.9} rx={3} fill={fill} />
      <rect
        x={x + width * 0.18}
        y={y + height * 0.26}
        width={width * 0.64}
        height={height * 0.36}
        rx={2}
        fill={dusk ? "#c8742a" : "#55626a"}
      />
      {[0.12, 0.8].map((at) => (
        <rect key={at} x={x + width * at} y={y + height * 0.9} width={width * 0.08} height={height * 0.1} fill={fill} />
      ))}
    </g>
  );
}

function Box({ x, y, width, height, fill, edge }: Part) {
  return <rect x={x} y={y} width={width} height={height} rx={2} fill={fill} stroke={edge} strokeWidth={0.8} />;
}

/** Furniture and what hangs on a wall, drawn from its measures: what it is can be told without its name. */
export function ThingShape({ kind, colour, shades, dusk, ...box }: Props) {
  const own =
    colour ?? { sofa: CLOTH, chair: CLOTH, bed: CLOTH, lamp: CLOTH, stove: METAL, media: "#2d2f33" }[kind] ?? WOOD;
  const part: Part = {
    ...box,
    shades,
    dusk,
    fill: shade(own, dusk ? -0.55 : 0),
    edge: shade(own, dusk ? -0.75 : -0.35),
  };
  switch (kind) {
    case "sofa":
    case "chair":
    case "bed":
      return <Seat {...part} />;
    case "table":
    case "bench":
    case "console":
      return <Table {...part} />;
    case "cabinet":
    case "sink":
      return <Cabinet {...part} />;
    case "shelf":
      return <Shelf {...part} />;
    case "lamp":
      return <Lamp {...part} />;
    case "mirror":
      return <Framed {...part} glass />;
    case "picture":
      return <Framed {...part} glass={false} />;
    case "mantel":
      return <Mantel {...part} />;
    case "stove":
      return <Stove {...part} />;
    default:
      return <Box {...part} />;
  }
}

/** The glow of a lamp at dusk, once for a drawing. */
export function LampGlow() {
  return (
    <radialGradient id="lamp-glow">
      <stop offset="0" stopColor="#fad682" stopOpacity="0.4" />
      <stop offset="1" stopColor="#fad682" stopOpacity="0" />
    </radialGradient>
  );
}
