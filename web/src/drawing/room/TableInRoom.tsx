import { useMemo } from "react";
import { drawing as shadesOf } from "../../theme/tokens";
import { StandingThing } from "../grouping/StandingThing";
import { shade } from "../shared/shade";
import { frameOf, type DrawnInRoom } from "./pieceFrame";

const TOP_M = 0.04;

/** A table as its bench draws it along, for show, small before the wall of the room. */
export function TableInRoom({ plan, dusk, scale, middle, left, right, top }: DrawnInRoom<"table">) {
  const frame = useMemo(() => frameOf({ scale, middle, left, right, top }), [scale, middle, left, right, top]);
  const { table, runner, things = [] } = plan.drawing;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const at = { ...frame, y: (metres: number) => frame.y(metres + table.height_m) };
  const long = table.length_m ?? 0;
  return (
    <svg width={frame.width} height={frame.height} style={{ position: "absolute", inset: 0 }} aria-hidden>
      <rect
        x={at.x(0)}
        y={at.y(0)}
        width={long * at.scale}
        height={Math.max(TOP_M * at.scale, 1.5)}
        fill={shade(table.colour, dusk ? -0.6 : 0)}
      />
      {runner && (
        <rect
          x={at.x(Math.max(runner.from_m, 0))}
          y={at.y(0) - 1.5}
          width={(Math.min(runner.to_m, long) - Math.max(runner.from_m, 0)) * at.scale}
          height={2}
          fill={shade(runner.colour, dusk ? -0.5 : 0)}
        />
      )}
      {things.map((thing) => (
        <StandingThing key={thing.number} thing={thing} at={at} shades={shades} dusk={dusk} />
      ))}
    </svg>
  );
}
