import { shade } from "../shared/shade";
import type { Stockings } from "./stockingsView";

interface Props {
  colour: string;
  /** Where its hook is, pixels. */
  x: number;
  y: number;
  wide: number;
  long: number;
  dusk: boolean;
  trim: Stockings["trim"];
  trimColour: string | undefined;
}

const PLAIN_TRIM = { bow: "#efe6d2", pick: "#56775a" };

function Trim({
  kind,
  colour,
  x,
  y,
  wide,
  dusk,
}: {
  kind: "bow" | "pick";
  colour: string;
  x: number;
  y: number;
  wide: number;
  dusk: boolean;
}) {
  const fill = shade(colour, dusk ? -0.35 : 0);
  const edge = { stroke: shade(colour, -0.4), strokeWidth: 0.6 };
  if (kind === "pick")
    return (
      <g stroke={fill} strokeWidth={Math.max(wide * 0.05, 1)} strokeLinecap="round" fill="none">
        {[-0.5, -0.25, 0, 0.25, 0.5].map((lean) => (
          <path
            key={lean}
            d={`M${x},${y + wide * 0.2} q${wide * lean * 0.4},${-wide * 0.3} ${wide * lean},${-wide * 0.5}`}
          />
        ))}
      </g>
    );
  return (
    <g fill={fill} {...edge}>
      <path
        d={`M${x},${y} c${-wide * 0.1},${-wide * 0.32} ${-wide * 0.5},${-wide * 0.3} ${-wide * 0.38},0 c${-wide * 0.12},${wide * 0.22} ${wide * 0.28},${wide * 0.2} ${wide * 0.38},0 z`}
      />
      <path
        d={`M${x},${y} c${wide * 0.1},${-wide * 0.32} ${wide * 0.5},${-wide * 0.3} ${wide * 0.38},0 c${wide * 0.12},${wide * 0.22} ${-wide * 0.28},${wide * 0.2} ${-wide * 0.38},0 z`}
      />
      <path
        d={`M${x},${y} l${-wide * 0.24},${wide * 0.5} l${wide * 0.12},0 z M${x},${y} l${wide * 0.24},${wide * 0.5} l${-wide * 0.12},0 z`}
      />
      <circle cx={x} cy={y} r={wide * 0.07} />
    </g>
  );
}

/** A stocking as wide and as long as it is: cuff, leg, heel and toe, all turned one way. */
export function StockingShape({ colour, x, y, wide, long, dusk, trim, trimColour }: Props) {
  const dark = dusk ? -0.42 : 0;
  const body = shade(colour, dark);
  const edge = { stroke: shade(colour, -0.4), strokeWidth: 1 };
  const soft = shade(colour, Math.max(Math.min(0.45 + dark, 1), -1));
  // The leg hangs straight under its hook, the foot reaches to the right edge of its width.
  const [left, leg] = [x - wide / 2, wide * 0.62];
  const [sole, instep] = [y + long, y + long * 0.66];
  const right = left + wide;
  const outline = `M${left},${y} H${left + leg} V${instep} C${left + leg},${instep + long * 0.06} ${right - wide * 0.16},${instep + long * 0.07} ${right - wide * 0.08},${sole - long * 0.2} C${right + wide * 0.03},${sole - long * 0.1} ${right - wide * 0.05},${sole} ${right - wide * 0.22},${sole} H${left + wide * 0.2} C${left - wide * 0.02},${sole} ${left},${sole - long * 0.12} ${left},${sole - long * 0.18} Z`;
  const cuff = long * 0.19;
  return (
    <g>
      <path d={`M${left + leg / 2},${y} v-5`} stroke={shade(colour, -0.4)} strokeWidth={1.4} fill="none" />
      <path d={outline} fill={body} {...edge} strokeLinejoin="round" />
      <path
        d={`M${right - wide * 0.3},${sole - 1} C${right - wide * 0.42},${sole - long * 0.1} ${right - wide * 0.34},${sole - long * 0.18} ${right - wide * 0.16},${sole - long * 0.22}`}
        stroke={soft}
        strokeWidth={1.4}
        fill="none"
      />
      <path
        d={`M${left + 1},${sole - long * 0.24} C${left + wide * 0.2},${sole - long * 0.22} ${left + wide * 0.26},${sole - long * 0.1} ${left + wide * 0.22},${sole - 1}`}
        stroke={soft}
        strokeWidth={1.4}
        fill="none"
      />
      <rect
        x={left - wide * 0.03}
        y={y}
        width={leg + wide * 0.06}
        height={cuff}
        rx={wide * 0.05}
        fill={soft}
        {...edge}
      />
      {trim && trim !== "none" && (
        <Trim
          kind={trim}
          colour={trimColour ?? PLAIN_TRIM[trim]}
          x={left + leg / 2}
          y={y + cuff * 0.5}
          wide={wide}
          dusk={dusk}
        />
      )}
    </g>
  );
}
