import type { DrawingShades } from "../../theme/tokens";
import { counted, length, type Units } from "../../units/format";
import { Footprint } from "../grouping/Footprint";
import type { View } from "../grouping/groupingViews";
import { halo, label } from "../grouping/labels";
import { shade } from "../shared/shade";
import { GreensAlong } from "./GreensAlong";
import { LightsAlong } from "./LightsAlong";
import { PlaceSetting } from "./PlaceSetting";
import { CHAIR_M, standing, type Seat, type State, type Table } from "./tableViews";

export interface TableViewProps {
  drawing: Table;
  at: View;
  shades: DrawingShades;
  dusk: boolean;
  units: Units;
  state: State;
}

/** What lies at a place keeps so much off the edge, metres. */
const EDGE_M = 0.02;

function Chair({ seat, at, shades }: { seat: Seat; at: View; shades: DrawingShades }) {
  const [wide, deep, under] = [CHAIR_M.wide, CHAIR_M.deep, CHAIR_M.under].map((metres) => metres * at.scale) as [
    number,
    number,
    number,
  ];
  return (
    <g transform={`translate(${at.x(seat.at_m)} ${at.y(seat.out_m)}) rotate(${90 - seat.facing})`} fill={shades.person}>
      <rect x={-wide / 2} y={-under} width={wide} height={deep} rx={wide * 0.16} opacity={0.75} />
      <rect x={-wide / 2} y={deep - under - wide * 0.13} width={wide} height={wide * 0.13} rx={wide * 0.06} />
    </g>
  );
}

function Top({ drawing, at, dusk, shades }: Omit<TableViewProps, "units" | "state">) {
  const { table } = drawing;
  const [long, wide] = [(table.length_m ?? 1) * at.scale, (table.width_m ?? 1) * at.scale];
  const look = {
    fill: shade(table.colour, dusk ? -0.5 : 0.26),
    stroke: shade(table.colour, dusk ? -0.75 : -0.3),
    strokeWidth: 2,
  };
  const [left, top] = [at.x(0), at.y(table.width_m ?? 1)];
  if (table.shape === "round")
    return <ellipse cx={left + long / 2} cy={top + wide / 2} rx={long / 2} ry={wide / 2} {...look} />;
  const boards = Math.max(Math.round((table.width_m ?? 1) / 0.16), 3);
  return (
    <g>
      <rect x={left} y={top} width={long} height={wide} rx={at.scale * 0.02} {...look} />
      <path
        d={Array.from(
          { length: boards - 1 },
          (_, i) => `M${left + 3},${top + (wide * (i + 1)) / boards} h${long - 6}`,
        ).join(" ")}
        stroke={shades.strong}
        strokeOpacity={0.1}
        fill="none"
      />
    </g>
  );
}

function Runner({ drawing, at, dusk, shades }: Omit<TableViewProps, "units" | "state">) {
  const { runner, table } = drawing;
  if (!runner) return null;
  const long = table.length_m ?? 1;
  const [from, to] = [Math.max(runner.from_m, 0), Math.min(runner.to_m, long)].map((metres) => at.x(metres)) as [
    number,
    number,
  ];
  const lies = { x: from, y: at.y((table.width_m ?? 1) / 2), long: to - from, wide: runner.width_m * at.scale };
  return (
    <g>
      {runner.kind === "cloth" ? (
        <g>
          <rect
            x={lies.x}
            y={lies.y - lies.wide / 2}
            width={lies.long}
            height={lies.wide}
            fill={shade(runner.colour, dusk ? -0.5 : 0)}
            stroke={shade(runner.colour, -0.3)}
          />
          <path
            d={`M${lies.x},${lies.y - lies.wide * 0.42} h${lies.long} M${lies.x},${lies.y + lies.wide * 0.42} h${lies.long}`}
            stroke={shade(runner.colour, -0.25)}
            strokeDasharray="5 3"
            fill="none"
          />
        </g>
      ) : (
        <GreensAlong {...lies} colour={runner.colour} dusk={dusk} />
      )}
      {runner.lit && <LightsAlong {...lies} shades={shades} dusk={dusk} />}
    </g>
  );
}

/** From above: the top to scale, who sits where, what lies at each place and along the middle. */
export function TableAbove({ drawing, at, shades, dusk, units, state }: TableViewProps) {
  const { table, seats = [], layers = [], bow, place_m, things = [] } = drawing;
  const reach = (Math.max(0.24, ...layers.map(({ across_m }) => across_m)) / 2 + EDGE_M) * at.scale;
  const gone = state === "meal" ? things.filter(({ leaves }) => leaves) : [];
  return (
    <g>
      {seats.map((seat) => (
        <Chair key={seat.number} seat={seat} at={at} shades={shades} />
      ))}
      <Top drawing={drawing} at={at} shades={shades} dusk={dusk} />
      <Runner drawing={drawing} at={at} shades={shades} dusk={dusk} />
      {seats.map((seat) => (
        <g
          key={seat.number}
          transform={`translate(${at.x(seat.at_m)} ${at.y(seat.out_m)}) rotate(${90 - seat.facing})`}
        >
          {state === "meal" && place_m && (
            <rect
              x={(-place_m.wide_m / 2) * at.scale + 1.5}
              y={-place_m.deep_m * at.scale}
              width={place_m.wide_m * at.scale - 3}
              height={place_m.deep_m * at.scale - 2}
              rx={3}
              fill="none"
              stroke={shades.surround}
              strokeOpacity={0.6}
              strokeDasharray="4 4"
            />
          )}
          <g transform={`translate(0 ${-reach})`}>
            <PlaceSetting layers={layers} bow={bow} scale={at.scale} dusk={dusk} />
          </g>
        </g>
      ))}
      {standing(drawing, state).map((thing) => (
        <Footprint key={thing.number} thing={thing} at={at} dusk={dusk} />
      ))}
      {gone.map((thing) => (
        <ellipse
          key={thing.number}
          cx={at.x(thing.left_m)}
          cy={at.y(thing.out_m)}
          rx={Math.max((thing.across_m / 2) * at.scale, 3)}
          ry={Math.max((thing.deep_m / 2) * at.scale, 3)}
          fill="none"
          stroke={shades.surround}
          strokeWidth={1.4}
          strokeDasharray="3 3"
        />
      ))}
      <text x={at.left + 14} y={at.top + at.height - 12} {...halo(shades)} {...label(shades, true)}>
        {counted(seats.length, "place")}
        <tspan {...label(shades)}>
          {table.shape === "round"
            ? `, ${length(table.length_m ?? 0, units)} across`
            : `, ${length(table.length_m ?? 0, units)} × ${length(table.width_m ?? 0, units)}`}
          {gone.length > 0 ? `; ${counted(gone.length, "thing")} off the table` : ""}
        </tspan>
      </text>
    </g>
  );
}
