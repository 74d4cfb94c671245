import { shade } from "../shared/shade";
import { GLOW } from "./shaped";
import type { Thing } from "./groupingViews";

interface Props {
  thing: Pick<Thing, "form" | "round" | "left_m" | "out_m" | "across_m" | "deep_m" | "colour">;
  at: { x: (metres: number) => number; y: (metres: number) => number; scale: number };
  dusk: boolean;
}

/** How much smaller the inner rings of what is hollow, and of what narrows upwards, are. */
const RIM = 0.78;
const TIERS = [0.68, 0.4, 0.16];

/** What a thing takes up, seen from above: as wide and as deep as it is, with a mark of what it is. */
export function Footprint({ thing, at, dusk }: Props) {
  const [x, y] = [at.x(thing.left_m), at.y(thing.out_m)];
  const [wide, deep] = [thing.across_m, thing.deep_m].map((metres) => Math.max(metres * at.scale, 2)) as [
    number,
    number,
  ];
  const fill = shade(thing.colour, dusk ? -0.4 : 0);
  const edge = { fill, stroke: shade(thing.colour, -0.45), strokeWidth: 0.8 };
  const ring = (share: number, by: number) => (
    <ellipse
      key={share}
      cx={x}
      cy={y}
      rx={(wide / 2) * share}
      ry={(deep / 2) * share}
      fill={shade(thing.colour, Math.max(by - (dusk ? 0.4 : 0), -1))}
    />
  );
  return (
    <g>
      {thing.round ? (
        <ellipse cx={x} cy={y} rx={wide / 2} ry={deep / 2} {...edge} />
      ) : (
        <rect x={x - wide / 2} y={y - deep / 2} width={wide} height={deep} rx={1.5} {...edge} />
      )}
      {thing.form === "tree" && TIERS.map((share, i) => ring(share, 0.12 * (i + 1)))}
      {(thing.form === "bowl" || thing.form === "vessel" || thing.form === "basket") && ring(RIM, -0.3)}
      {(thing.form === "candle" || thing.form === "lantern") && (
        <>
          {dusk && <circle cx={x} cy={y} r={Math.max(wide * 0.9, 5)} fill={GLOW} opacity={0.3} />}
          <circle cx={x} cy={y} r={Math.max(wide * 0.16, 1)} fill={dusk ? GLOW : shade(thing.colour, -0.6)} />
        </>
      )}
    </g>
  );
}
