import type { ReactNode } from "react";
import type { DrawingShades } from "../../theme/tokens";
import type { Thing, View } from "./groupingViews";
import { ThingShape } from "./ThingShape";

interface Props {
  thing: Pick<Thing, "form" | "left_m" | "across_m" | "height_m" | "foot_m" | "base_m" | "colour" | "flame"> & {
    pot_m?: number | null;
  };
  at: Pick<View, "x" | "y" | "scale">;
  shades: DrawingShades;
  dusk: boolean;
  /** Drawn in its stead. */
  children?: ReactNode;
}

/** A thing from the front where it stands, on its riser. */
export function StandingThing({ thing, at, shades, dusk, children }: Props) {
  const [x, y] = [at.x(thing.left_m), at.y(thing.foot_m)];
  const riser = (thing.foot_m - thing.base_m) * at.scale;
  return (
    <g>
      {riser > 0.5 && (
        <rect
          x={x - thing.across_m * at.scale * 0.4}
          y={y}
          width={thing.across_m * at.scale * 0.8}
          height={riser}
          fill={shades.stand}
          stroke={shades.standLine}
        />
      )}
      {children || (
        <ThingShape
          form={thing.form}
          x={x}
          y={y}
          wide={thing.across_m * at.scale}
          high={thing.height_m * at.scale}
          colour={thing.colour}
          dusk={dusk}
          flame={thing.flame}
          pot={thing.pot_m ? thing.pot_m * at.scale : null}
        />
      )}
    </g>
  );
}
