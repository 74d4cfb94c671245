import type { Schemas } from "../../api/client";
import { length, type Units } from "../../units/format";
import type { RunProjection } from "./runProjection";

type Drawing = Schemas["RunDrawing"];
type Sample = Schemas["RunSample"];

function off(at: RunProjection, sample: Sample, distance: number): string {
  return `${at.x(sample.x_m + sample.out_x * distance)},${at.y(sample.y_m + sample.out_y * distance)}`;
}

/** Further apart than this two thin stretches are each told. */
const APART = 0.5;
/** About as wide as a letter of a label, pixels. */
export const LETTER = 7;
/** A sprig's tip stands out of the outline, metres. */
const SPRIG = 0.03;

/** Where it is thin: a bar over the stretch with by how much. */
export function Thin({
  drawing,
  at,
  units,
  fill,
  halo,
}: {
  drawing: Drawing;
  at: RunProjection;
  units: Units;
  fill: string;
  halo: string;
}) {
  const samples = drawing.samples ?? [];
  const sorted = [...(drawing.thin ?? [])].sort((one, other) => other.by_m - one.by_m);
  const [first] = sorted;
  const second = sorted.find((stretch) => first && Math.abs(stretch.from_m - first.from_m) > APART);
  const worst = [first, second].filter((stretch) => stretch !== undefined);
  return (
    <g>
      {worst.map((stretch) => {
        const here = samples.filter(({ at_m }) => at_m >= stretch.from_m - 0.026 && at_m <= stretch.to_m + 0.026);
        const middle = here[Math.floor(here.length / 2)];
        if (!middle) return null;
        const reach = Math.max(...here.map(({ upper_m, wanted_m }) => Math.max(upper_m, wanted_m / 2))) + 14 / at.scale;
        const upright = Math.abs(middle.out_y) > 0.7;
        const says = `thin by ${length(stretch.by_m, units)}`;
        // The words are wider than the stretch: they clear what stands beside it too.
        const under = samples.filter(({ x_m }) => Math.abs(x_m - middle.x_m) * at.scale < (says.length * LETTER) / 2);
        const x = at.x(middle.x_m + middle.out_x * (reach + 6 / at.scale));
        const tops = under.map(({ y_m, out_y, upper_m }) => at.y(y_m + out_y * Math.max(upper_m + SPRIG, reach)) - 6);
        const beside = at.y(middle.y_m + middle.out_y * (reach + 6 / at.scale));
        const y = upright ? Math.min(beside, ...tops) : beside;
        return (
          <g key={stretch.from_m}>
            <polyline
              points={here.map((sample) => off(at, sample, reach)).join(" ")}
              fill="none"
              stroke={fill}
              strokeWidth={3}
            />
            <text
              x={x + (upright ? 0 : 6 * Math.sign(middle.out_x))}
              y={y - (upright ? 4 : -4)}
              textAnchor={upright ? "middle" : middle.out_x > 0 ? "start" : "end"}
              fontSize={12.5}
              fontWeight={600}
              fill={fill}
              stroke={halo}
              strokeWidth={3}
              paintOrder="stroke"
            >
              {says}
            </text>
          </g>
        );
      })}
    </g>
  );
}
