import { shade } from "../shared/shade";
import type { Jar } from "./drinksViews";

interface Props {
  jar: Jar;
  /** Its middle and its foot, pixels. */
  x: number;
  y: number;
  scale: number;
  dusk: boolean;
  /** Colour of its bow. */
  bow: string | undefined;
}

const LID = 0.1;
const SHOULDER = 0.2;
/** What is in it, by what it is nobody knows: warm tones in turn. */
const FILLS = ["#7a5236", "#a7b38a", "#c79a5a", "#e3d3a6", "#b98d62", "#8f6b7a"];

/** A jar as wide and high as it is, filled as far as it is full, its bow round the neck. */
export function JarShape({ jar, x, y, scale, dusk, bow }: Props) {
  const [wide, high] = [jar.across_m * scale, jar.high_m * scale];
  const [left, right] = [x - wide / 2, x + wide / 2];
  const lid = y - high + high * LID;
  const neck = y - high + high * SHOULDER;
  const round = wide * 0.12;
  const inner = (neck + high * 0.04 - y) * Math.min(jar.full, 1);
  const dark = dusk ? -0.45 : 0;
  const fill = FILLS[(jar.number - 1) % FILLS.length] ?? "#c79a5a";
  const glass = shade(jar.colour, dark);
  return (
    <g>
      <path
        d={`M${left},${neck + round} Q${left},${neck} ${left + wide * 0.12},${lid + 1} H${right - wide * 0.12} Q${right},${neck} ${right},${neck + round} V${y - round} Q${right},${y} ${right - round},${y} H${left + round} Q${left},${y} ${left},${y - round} Z`}
        fill={glass}
        fillOpacity={0.55}
        stroke={shade(jar.colour, -0.4)}
        strokeWidth={1}
      />
      {jar.full > 0 && (
        <rect
          x={left + 2.5}
          y={y - 2 + inner}
          width={Math.max(wide - 5, 1)}
          height={Math.max(-inner, 0.5)}
          rx={round * 0.7}
          fill={shade(fill, dark)}
        />
      )}
      <rect
        x={left + wide * 0.09}
        y={y - high}
        width={wide * 0.82}
        height={high * LID}
        rx={2}
        fill={shade("#8d7440", dark)}
        stroke={shade("#8d7440", -0.45)}
        strokeWidth={0.8}
      />
      <path
        d={`M${left + wide * 0.16},${neck + round} V${y - round * 1.4}`}
        stroke="#ffffff"
        strokeOpacity={dusk ? 0.18 : 0.6}
        strokeWidth={Math.max(wide * 0.035, 1)}
      />
      {bow && (
        <g fill={shade(bow, dusk ? -0.3 : 0)} stroke={shade(bow, -0.4)} strokeWidth={0.6}>
          <rect x={left + 1} y={neck - 1} width={wide - 2} height={Math.max(high * 0.035, 2.5)} />
          <path
            d={`M${x},${neck} c${-wide * 0.06},${-wide * 0.2} ${-wide * 0.34},${-wide * 0.2} ${-wide * 0.26},${wide * 0.02} c${-wide * 0.04},${wide * 0.14} ${wide * 0.18},${wide * 0.12} ${wide * 0.26},${-wide * 0.02} z M${x},${neck} c${wide * 0.06},${-wide * 0.2} ${wide * 0.34},${-wide * 0.2} ${wide * 0.26},${wide * 0.02} c${wide * 0.04},${wide * 0.14} ${-wide * 0.18},${wide * 0.12} ${-wide * 0.26},${-wide * 0.02} z`}
          />
          <path
            d={`M${x},${neck} l${-wide * 0.18},${wide * 0.36} h${wide * 0.1} z M${x},${neck} l${wide * 0.18},${wide * 0.36} h${-wide * 0.1} z`}
          />
        </g>
      )}
    </g>
  );
}
