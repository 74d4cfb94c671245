import { useMemo } from "react";
import { chance } from "../shared/chance";
import { shade } from "../shared/shade";

interface Props {
  /** Where it lies, pixels: its left end, its middle line, how long and how wide. */
  x: number;
  y: number;
  long: number;
  wide: number;
  colour: string;
  dusk: boolean;
}

/** A sprig begins every so many pixels, at least; more than this many are not drawn. */
const EVERY = 2.2;
const MOST = 320;

/** Greens along the middle of a table, from above: sprigs from its line to both sides, as wide as they lie. */
export function GreensAlong({ x, y, long, wide, colour, dusk }: Props) {
  const sprigs = useMemo(() => {
    const random = chance(41);
    const count = Math.min(Math.max(Math.round(long / EVERY), 12), MOST);
    return Array.from({ length: count }, (_, i) => {
      const side = i % 2 === 0 ? 1 : -1;
      const reach = (wide / 2) * (0.55 + 0.45 * random());
      const lean = (random() - 0.35) * reach * 1.5;
      const foot = (long * (i + random() * 0.8)) / count;
      return { foot, tip: Math.min(Math.max(foot + lean, 0), long), out: side * reach, tone: random() };
    });
  }, [long, wide]);
  return (
    <g strokeLinecap="round" fill="none">
      <path d={`M${x},${y} h${long}`} stroke={shade(colour, -0.45)} strokeWidth={Math.max(wide * 0.16, 1.5)} />
      {sprigs.map(({ foot, tip, out, tone }, i) => {
        const by = (tone - 0.5) * 0.5 - (dusk ? 0.4 : 0);
        const [mx, my] = [x + (foot + tip) / 2, y + out * 0.45];
        return (
          <g key={i} stroke={shade(colour, Math.max(Math.min(by, 1), -1))}>
            <path d={`M${x + foot},${y} Q${mx},${my} ${x + tip},${y + out}`} strokeWidth={Math.max(wide * 0.07, 1)} />
            <path
              d={`M${mx},${my} l${(tip - foot) * 0.2 + wide * 0.1},${out * 0.22} M${mx},${my} l${(tip - foot) * 0.2 - wide * 0.1},${out * 0.22}`}
              strokeWidth={Math.max(wide * 0.05, 0.8)}
            />
          </g>
        );
      })}
    </g>
  );
}
