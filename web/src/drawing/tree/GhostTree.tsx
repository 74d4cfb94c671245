import { drawing as shadesOf } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import type { Projection } from "./projection";

/** The tree that would fit best, metres. */
export interface Ghost {
  height: number;
  spread: number;
  hem: number;
}

interface Props {
  ghost: Ghost;
  projection: Projection;
  dusk: boolean;
  units: Units;
}

/** The outline of the tree that would fit best. */
export function GhostTree({ ghost, projection, dusk, units }: Props) {
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const { scale, middle, floor } = projection;
  const half = (ghost.spread / 2) * scale;
  const tip = floor - ghost.height * scale;
  const hem = floor - ghost.hem * scale;
  return (
    <g aria-hidden>
      <path
        d={`M${middle - half},${hem} L${middle},${tip} L${middle + half},${hem} Z M${middle},${hem} V${floor}`}
        fill={`rgb(${shades.foliageLight.join(" ")} / 0.16)`}
        stroke={`rgb(${shades.foliageLight.join(" ")})`}
        strokeWidth={2}
        strokeDasharray="7 5"
        strokeLinejoin="round"
      />
      <text
        x={middle}
        y={(tip + floor) / 2 + 24}
        textAnchor="middle"
        fontSize={17}
        fontWeight={600}
        fill={shades.strong}
      >
        {length(ghost.height, units)}
      </text>
      <text x={middle} y={(tip + floor) / 2 + 42} textAnchor="middle" fontSize={12.5} fill={shades.label}>
        fits best
      </text>
    </g>
  );
}
