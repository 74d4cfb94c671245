import { shade } from "../shared/shade";
import type { SoftThing } from "./swapsViews";

interface Props {
  thing: Pick<SoftThing, "what" | "across_m" | "high_m" | "by_m" | "colour">;
  /** Its left and its foot, pixels. */
  x: number;
  y: number;
  scale: number;
  dusk: boolean;
}

/** How far a side of a cushion bellies out, as a share of it, where its insert is as large as its cover. */
const BELLY = 0.035;

/** A cushion as large as its cover, full or sagging as its insert is. */
export function CushionShape({ thing, x, y, scale, dusk }: Props) {
  const [wide, high] = [thing.across_m * scale, thing.high_m * scale];
  const full = BELLY + Math.max(Math.min((thing.by_m ?? 0) / thing.across_m, 0.15), -0.15) * 0.5;
  const [out, up] = [wide * full, high * full];
  const tone = (by: number) => shade(thing.colour, Math.max(by - (dusk ? 0.42 : 0), -1));
  return (
    <g>
      <path
        d={`M${x + 2},${y - high + 2} Q${x + wide / 2},${y - high - up} ${x + wide - 2},${y - high + 2} Q${x + wide + out},${y - high / 2} ${x + wide - 2},${y - 2} Q${x + wide / 2},${y + up * 0.4} ${x + 2},${y - 2} Q${x - out},${y - high / 2} ${x + 2},${y - high + 2} z`}
        fill={tone(0)}
        stroke={tone(-0.3)}
      />
      <path
        d={`M${x + wide * 0.12},${y - high * 0.9} Q${x + wide * 0.42},${y - high * 0.72} ${x + wide * 0.5},${y - high * 0.4}`}
        fill="none"
        stroke={tone(-0.14)}
        strokeWidth={Math.max(wide * 0.02, 1)}
      />
      <path
        d={`M${x + wide * 0.88},${y - high * 0.9} Q${x + wide * 0.66},${y - high * 0.7} ${x + wide * 0.6},${y - high * 0.46}`}
        fill="none"
        stroke={tone(0.18)}
        strokeWidth={Math.max(wide * 0.02, 1)}
      />
    </g>
  );
}

const STRIPES = 5;
const FRINGE_PX = 5;

/** A throw folded in three over the back; a heated one, a towel or a mat laid flat; as large as it is. */
export function SoftShape({ thing, x, y, scale, dusk }: Props) {
  const folded = thing.what === "throw";
  const [wide, high] = [thing.across_m * scale * (folded ? 1 / 3 : 1), thing.high_m * scale * (folded ? 1 / 2 : 1)];
  const tone = (by: number) => shade(thing.colour, Math.max(by - (dusk ? 0.42 : 0), -1));
  const fringed = thing.what === "throw" || thing.what === "heated_throw";
  return (
    <g>
      <rect x={x} y={y - high} width={wide} height={high} rx={2} fill={tone(0)} stroke={tone(-0.3)} />
      {Array.from({ length: STRIPES }, (_, i) => (
        <line
          key={i}
          x1={x + 3}
          x2={x + wide - 3}
          y1={y - (high * (i + 1)) / (STRIPES + 1)}
          y2={y - (high * (i + 1)) / (STRIPES + 1)}
          stroke={tone(i % 2 ? 0.2 : -0.15)}
          strokeWidth={thing.what === "towel" && i > 0 && i < STRIPES - 1 ? 0 : 2}
        />
      ))}
      {fringed && (
        <path
          d={Array.from(
            { length: Math.max(Math.floor(wide / 5), 1) },
            (_, i) => `M${x + 2 + i * 5},${y} v${FRINGE_PX}`,
          ).join(" ")}
          stroke={tone(0.3)}
        />
      )}
    </g>
  );
}
