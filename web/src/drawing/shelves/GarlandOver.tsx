import { chance } from "../shared/chance";
import { shade } from "../shared/shade";
import type { View } from "../grouping/groupingViews";
import type { Shelves } from "./shelvesViews";

interface Props {
  drawing: Shelves;
  garland: NonNullable<Shelves["garland"]>;
  at: Pick<View, "x" | "y" | "scale">;
  dusk: boolean;
}

/** Twigs to a metre, and how far they reach of the loft. */
const TWIGS = 70;

/** A garland from one nail at the top centre to both corners and down, as thick as it is. */
export function GarlandOver({ drawing, garland, at, dusk }: Props) {
  const { unit } = drawing;
  const [wide, top] = [unit.width_m ?? 1, unit.floor_m + (unit.height_m ?? 1)];
  const half = wide / 2;
  const random = chance(11);
  const all = wide + 2 * garland.drop_m;
  const along = Array.from({ length: Math.ceil(all * TWIGS) }, (_, i) => {
    const s = i / TWIGS;
    if (s < garland.drop_m) return [0, top - garland.drop_m + s] as const;
    if (s > garland.drop_m + wide) return [wide, top - (s - garland.drop_m - wide)] as const;
    const x = s - garland.drop_m;
    const t = (x % half) / half;
    return [x, top - garland.sag_m * 4 * t * (1 - t)] as const;
  });
  const twig = garland.loft_m * 0.5 * at.scale;
  return (
    <g strokeLinecap="round" strokeWidth={Math.max(twig * 0.12, 1.2)}>
      {along.map(([x, y], i) => {
        const angle = random() * Math.PI * 2;
        const reach = twig * (0.6 + 0.4 * random());
        return (
          <line
            key={i}
            x1={at.x(x)}
            y1={at.y(y)}
            x2={at.x(x) + Math.cos(angle) * reach}
            y2={at.y(y) + Math.sin(angle) * reach}
            stroke={shade(garland.colour, (random() - 0.5) * 0.35 - (dusk ? 0.35 : 0))}
          />
        );
      })}
      <circle cx={at.x(half)} cy={at.y(top)} r={3} fill={shade(garland.colour, -0.6)} />
    </g>
  );
}
