import type { Schemas } from "../../api/client";
import { day, drawing as shadesOf, evening } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import type { RunProjection } from "./runProjection";
import { LETTER, Thin } from "./Thin";
import { wantedEdges } from "./wantedEdges";

type Drawing = Schemas["RunDrawing"];
type Sample = Schemas["RunSample"];

interface Props {
  drawing: Drawing;
  projection: RunProjection;
  dusk: boolean;
  units: Units;
  /** Whether anchors are what one looks at. */
  anchors: boolean;
  /** What one anchor may carry, kilograms. */
  may: number | null;
}

/** The outline wanted: half of it to either side of the way, on a pale edge so that it is read over any green. */
function Wanted({ samples, at, line, halo }: { samples: Sample[]; at: RunProjection; line: string; halo: string }) {
  const edges = [1, -1].flatMap((side) => wantedEdges(samples, side));
  return (
    <g fill="none" strokeLinejoin="round">
      {edges.map((edge, i) => {
        const points = edge.map(({ x, y }) => `${at.x(x)},${at.y(y)}`).join(" ");
        return (
          <g key={i}>
            <polyline points={points} stroke={halo} strokeWidth={4.5} opacity={0.75} />
            <polyline points={points} stroke={line} strokeWidth={2} strokeDasharray="7 4" />
          </g>
        );
      })}
    </g>
  );
}

interface Disc {
  text: string;
  ink: string;
  ground: string;
  over: string;
  overText: string;
}

/** Every anchor with its number; one that carries more than it may is filled and says how many it takes. */
function Anchors({
  drawing,
  at,
  may,
  shades,
}: {
  drawing: Drawing;
  at: RunProjection;
  may: number | null;
  shades: Disc;
}) {
  return (
    <g>
      {(drawing.anchors ?? []).map(({ number, x_m, y_m, kg, fixings }) => {
        const over = may !== null && kg > may;
        const [x, y] = [at.x(x_m), at.y(y_m)];
        return (
          <g key={number}>
            <circle
              cx={x}
              cy={y}
              r={10}
              fill={over ? shades.over : shades.ground}
              stroke={shades.ink}
              strokeWidth={1.2}
            />
            <text
              x={x}
              y={y + 4}
              textAnchor="middle"
              fontSize={11.5}
              fontWeight={700}
              fill={over ? shades.overText : shades.text}
            >
              {number}
            </text>
            {fixings > 1 && (
              <text
                x={x}
                y={y + 23}
                textAnchor="middle"
                fontSize={12}
                fontWeight={700}
                fill={shades.over}
                stroke={shades.ground}
                strokeWidth={3}
                paintOrder="stroke"
              >
                × {fixings}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** The measures a person checks with a tape: length, height above the floor, depth of the shelf. */
function Measures({
  drawing,
  at,
  units,
  ink,
  halo,
}: {
  drawing: Drawing;
  at: RunProjection;
  units: Units;
  ink: string;
  halo: string;
}) {
  const { shelf, stair } = drawing;
  const text = { fontSize: 13, fill: ink, stroke: halo, strokeWidth: 3, paintOrder: "stroke" as const };
  if (shelf) {
    const onFloor = at.floor + 30 < at.height;
    const y = onFloor ? at.floor + 14 : at.height - 34;
    const beside = [
      ...(shelf.depth_m === null ? [] : [`${length(shelf.depth_m, units)} deep`]),
      ...(at.floor < at.height ? [`${length(shelf.top_m, units)} high`] : []),
    ];
    // Where the shelf fills the picture they stand with its length.
    const room = beside.every((words) => words.length * LETTER < at.x(shelf.left_m) - 14);
    const wide = length(shelf.right_m - shelf.left_m, units);
    return (
      <g>
        <path
          d={`M${at.x(shelf.left_m)},${y - 5} v10 M${at.x(shelf.left_m)},${y} H${at.x(shelf.right_m)} M${at.x(shelf.right_m)},${y - 5} v10`}
          stroke={ink}
        />
        <text
          x={at.x((shelf.left_m + shelf.right_m) / 2)}
          y={y + 19}
          textAnchor="middle"
          {...text}
          fontSize={14}
          fontWeight={600}
          strokeWidth={at.floor < at.height ? 0 : 4}
        >
          {room ? wide : [`${wide} long`, ...beside].join(", ")}
        </text>
        {room &&
          beside.map((words, i) => (
            <text
              key={words}
              x={at.x(shelf.left_m) - 14}
              y={at.y(shelf.top_m) + 34 + 18 * i}
              textAnchor="end"
              {...text}
            >
              {words}
            </text>
          ))}
      </g>
    );
  }
  if (!stair) return null;
  const says = `${stair.treads.length} steps, ${length(stair.going_m, units)} along, ${length(stair.rise_m, units)} up`;
  const half = (says.length * LETTER) / 2 + 8;
  return (
    <text
      x={Math.max(Math.min(at.x(stair.going_m * 0.62), at.width - half), half)}
      y={Math.min(at.y(stair.rise_m * 0.2), at.height - 12)}
      textAnchor="middle"
      {...text}
    >
      {says}
    </text>
  );
}

const CLEAR = "kept clear of the fire";

/** Lines and words over the greens: outline wanted, thin stretches, anchors, measures. */
export function RunMarks({ drawing, projection, dusk, units, anchors, may }: Props) {
  const tokens = dusk ? evening : day;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const halo = dusk ? "#1d262c" : "#f4f2ec";
  const zone = drawing.clear_zone;
  const zoneEnd = projection.x(Math.max(zone?.right_m ?? 0, drawing.shelf?.right_m ?? 0)) + 12;
  const zoneBeside = zoneEnd + CLEAR.length * LETTER < projection.width;
  const disc = { text: tokens.ink, ink: tokens.ink, ground: tokens.card, over: tokens.brick, overText: tokens.card };
  return (
    <g aria-hidden>
      <Measures drawing={drawing} at={projection} units={units} ink={shades.strong} halo={halo} />
      {zone && (
        <text
          x={zoneBeside ? zoneEnd : projection.x((zone.left_m + zone.right_m) / 2)}
          y={zoneBeside ? projection.y(zone.top_m) + 14 : Math.min(projection.floor, projection.height - 50) - 12}
          textAnchor={zoneBeside ? "start" : "middle"}
          fontSize={12}
          fontWeight={600}
          fill={shades.mark}
          stroke={halo}
          strokeWidth={3}
          paintOrder="stroke"
        >
          {CLEAR}
        </text>
      )}
      <Wanted samples={drawing.samples ?? []} at={projection} line={tokens.plum} halo={halo} />
      <Thin drawing={drawing} at={projection} units={units} fill={tokens.brick} halo={halo} />
      {anchors && <Anchors drawing={drawing} at={projection} may={may} shades={disc} />}
    </g>
  );
}
