import { ThingShape } from "../grouping/ThingShape";
import { shade } from "../shared/shade";
import type { Line } from "./dropsViews";

interface Props {
  line: Line;
  /** Where its hook is and pixels a metre. */
  x: number;
  y: number;
  scale: number;
  dusk: boolean;
  thread: string;
}

/** A thing nobody said the colour of. */
export const PLAIN = "#b9c3c4";

function Ball({ cx, cy, r, colour, dusk }: { cx: number; cy: number; r: number; colour: string; dusk: boolean }) {
  return (
    <g>
      <circle
        cx={cx}
        cy={cy}
        r={r}
        fill={shade(colour, dusk ? -0.4 : 0)}
        stroke={shade(colour, -0.4)}
        strokeWidth={0.6}
      />
      <ellipse
        cx={cx - r * 0.34}
        cy={cy - r * 0.4}
        rx={r * 0.24}
        ry={r * 0.15}
        fill="#ffffff"
        opacity={dusk ? 0.2 : 0.5}
      />
    </g>
  );
}

/** One line from its hook down with what is on it: a thing by what it is, a ball, or balls one above the other. */
export function LineShape({ line, x, y, scale, dusk, thread }: Props) {
  const end = y + line.drop_m * scale;
  const r = (line.across_m / 2) * scale;
  const colour = line.colour ?? PLAIN;
  const balls = line.strand ? Math.max(line.balls, 1) : 0;
  return (
    <g>
      <line x1={x} x2={x} y1={y} y2={end} stroke={thread} strokeWidth={0.8} />
      {line.name === null && <circle cx={x} cy={end + r} r={r} fill="none" stroke={thread} strokeDasharray="3 3" />}
      {line.name !== null &&
        line.strand &&
        Array.from({ length: balls }, (_, i) => (
          <Ball key={i} cx={x} cy={end - i * line.spacing_m * scale} r={r} colour={colour} dusk={dusk} />
        ))}
      {line.name !== null && !line.strand && line.form !== "ball" && (
        <ThingShape form={line.form} x={x} y={end + 2 * r} wide={2 * r} high={2 * r} colour={colour} dusk={dusk} />
      )}
      {line.name !== null && !line.strand && line.form === "ball" && (
        <Ball cx={x} cy={end + r} r={r} colour={colour} dusk={dusk} />
      )}
    </g>
  );
}
