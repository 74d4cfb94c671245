import type { DrawingShades } from "../../theme/tokens";
import { glowOf } from "./glowOf";
import { shade } from "../shared/shade";
import type { Fill } from "./groupingViews";

interface Props {
  fill: Fill;
  /** Its middle and its foot, pixels; pixels a metre. */
  x: number;
  y: number;
  scale: number;
  shades: DrawingShades;
  dusk: boolean;
}

/** A ball nobody said the colour of. */
export const PLAIN = "#a9a395";
/** A second layer behind the first is darker by so much. */
const BEHIND = -0.34;

/** The glass from the front: straight walls, or the curve of a bowl up to its rim. */
function outline({ fill, x, y, scale }: Pick<Props, "fill" | "x" | "y" | "scale">): string {
  const half = (fill.across_m / 2) * scale;
  const high = fill.height_m * scale;
  if (fill.shape !== "bowl") return `M${x - half},${y - high} V${y} H${x + half} V${y - high}`;
  return `M${x - half},${y - high} C${x - half},${y - high * 0.42} ${x - half * 0.7},${y} ${x},${y} C${x + half * 0.7},${y} ${x + half},${y - high * 0.42} ${x + half},${y - high}`;
}

/** Sizes differ by pattern as well as by colour: ribs, plain, a band. */
function Pattern({ size, x, y, r, colour }: { size: number; x: number; y: number; r: number; colour: string }) {
  if (r < 3.5) return null;
  const line = { stroke: shade(colour, -0.28), strokeWidth: Math.max(r * 0.07, 0.7), fill: "none" };
  if (size % 3 === 0)
    return (
      <g {...line}>
        <path d={`M${x},${y - r} V${y + r}`} />
        {[-0.5, 0.5].map((at) => (
          <path key={at} d={`M${x},${y - r} Q${x + at * 2 * r},${y} ${x},${y + r}`} />
        ))}
      </g>
    );
  if (size % 3 === 1) return null;
  return <path d={`M${x - r},${y} Q${x},${y + r * 0.4} ${x + r},${y}`} {...line} />;
}

/** A vessel with what lies in it: back rim, balls from behind to the front, glass with its lights. */
export function VesselShape({ fill, x, y, scale, shades, dusk }: Props) {
  const half = (fill.across_m / 2) * scale;
  const high = fill.height_m * scale;
  const deep = Math.max(half * 0.16, 1.5);
  const glass = dusk ? "#7f929b" : "#9fb4ba";
  const balls = [...fill.balls].sort((one, other) => one.y_m - other.y_m);
  const nearest = (fill.deep_m / 2) * 0.25;
  return (
    <g>
      <ellipse cx={x} cy={y} rx={half * 1.02} ry={deep * 0.8} fill={shades.floorEdge} opacity={0.5} />
      <path d={outline({ fill, x, y, scale })} fill={glass} fillOpacity={0.16} />
      <path d={`M${x - half},${y - high} a${half},${deep} 0 0 1 ${2 * half},0`} fill="none" stroke={glass} />
      {balls.map((ball, i) => {
        const { colour, across_m } = fill.sizes[ball.size] ?? { colour: null, across_m: 0.04 };
        const r = (across_m / 2) * scale;
        const [cx, cy] = [x + ball.x_m * scale, y - ball.z_m * scale];
        const plain = shade(colour ?? PLAIN, dusk ? -0.4 : 0);
        const tone = ball.y_m < -nearest ? shade(colour ?? PLAIN, BEHIND - (dusk ? 0.25 : 0)) : plain;
        return (
          <g key={i}>
            <circle cx={cx} cy={cy} r={r} fill={tone} stroke={shade(colour ?? PLAIN, -0.45)} strokeWidth={0.5} />
            {ball.y_m >= -nearest && <Pattern size={ball.size} x={cx} y={cy} r={r} colour={colour ?? PLAIN} />}
            <ellipse
              cx={cx - r * 0.34}
              cy={cy - r * 0.4}
              rx={r * 0.24}
              ry={r * 0.15}
              fill="#ffffff"
              opacity={dusk ? 0.22 : 0.5}
              transform={`rotate(-35 ${cx - r * 0.34} ${cy - r * 0.4})`}
            />
          </g>
        );
      })}
      {fill.lit && glowOf(fill, { x, y, scale }, shades, dusk)}
      <path d={outline({ fill, x, y, scale })} fill="none" stroke={glass} strokeWidth={Math.max(half * 0.035, 1.2)} />
      <path d={`M${x - half},${y - high} a${half},${deep} 0 0 0 ${2 * half},0`} fill="none" stroke={glass} />
      {fill.shape !== "bowl" && (
        <>
          <rect
            x={x - half * 0.86}
            y={y - high * 0.9}
            width={half * 0.1}
            height={high * 0.78}
            fill="#ffffff"
            opacity={dusk ? 0.12 : 0.4}
          />
          <rect
            x={x + half * 0.72}
            y={y - high * 0.86}
            width={half * 0.06}
            height={high * 0.66}
            fill="#ffffff"
            opacity={dusk ? 0.1 : 0.3}
          />
          <rect
            x={x - half}
            y={y - Math.max(high * 0.03, 1.5)}
            width={2 * half}
            height={Math.max(high * 0.03, 1.5)}
            fill={glass}
            opacity={0.7}
          />
        </>
      )}
    </g>
  );
}
