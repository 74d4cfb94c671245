import type { DrawingShades } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import { StandingThing } from "../grouping/StandingThing";
import { fits, halo, label, LETTER } from "../grouping/labels";
import type { View } from "../grouping/groupingViews";
import { shade } from "../shared/shade";
import { GarlandOver } from "./GarlandOver";
import type { Shelves } from "./shelvesViews";

interface Props {
  drawing: Shelves;
  at: Pick<View, "x" | "y" | "scale">;
  shades: DrawingShades;
  dusk: boolean;
}

/** Boards and bays, or the plates and post of a tray. */
function Unit({ drawing, at, dusk }: Props) {
  const { unit, bays = [] } = drawing;
  const [wide, high] = [unit.width_m ?? 1, unit.height_m ?? 1];
  const wood = shade(unit.colour, dusk ? -0.5 : 0);
  if (unit.shape === "tray")
    return (
      <g>
        <rect
          x={at.x(wide / 2) - Math.max(0.008 * at.scale, 2)}
          y={at.y(unit.floor_m + high)}
          width={Math.max(0.016 * at.scale, 4)}
          height={high * at.scale}
          fill={shade(unit.colour, dusk ? -0.6 : -0.2)}
        />
        {bays.map((bay) => (
          <g key={bay.number}>
            <rect
              x={at.x(bay.left_m)}
              y={at.y(bay.foot_m)}
              width={bay.wide_m * at.scale}
              height={Math.max(0.008 * at.scale, 3)}
              rx={2}
              fill={wood}
            />
            <rect
              x={at.x(bay.left_m)}
              y={at.y(bay.foot_m + 0.012)}
              width={bay.wide_m * at.scale}
              height={Math.max(0.012 * at.scale, 2)}
              rx={2}
              fill={shade(unit.colour, dusk ? -0.4 : 0.2)}
              fillOpacity={0.55}
            />
          </g>
        ))}
      </g>
    );
  return (
    <g>
      <rect
        x={at.x(0)}
        y={at.y(unit.floor_m + high)}
        width={wide * at.scale}
        height={high * at.scale}
        fill={wood}
        stroke={shade(unit.colour, -0.4)}
      />
      {bays.map((bay) => (
        <rect
          key={bay.number}
          x={at.x(bay.left_m)}
          y={at.y(bay.foot_m + (bay.clear_m ?? 0))}
          width={bay.wide_m * at.scale}
          height={(bay.clear_m ?? 0) * at.scale}
          fill={shade(unit.colour, dusk ? -0.72 : 0.62)}
          stroke={shade(unit.colour, dusk ? -0.6 : -0.15)}
          strokeWidth={0.8}
        />
      ))}
    </g>
  );
}

/** The unit and what stands in it, without a word. */
export function UnitDressed({ drawing, at, shades, dusk }: Props) {
  const { things = [], garland } = drawing;
  return (
    <g>
      <Unit {...{ drawing, at, shades, dusk }} />
      {things.map((thing) => (
        <StandingThing key={thing.number} thing={thing} at={at} shades={shades} dusk={dusk} />
      ))}
      {garland && <GarlandOver drawing={drawing} garland={garland} at={at} dusk={dusk} />}
    </g>
  );
}

/** From where to where each colour leads the eye. */
function Threads({ drawing, at, shades }: Props) {
  const { colours = [] } = drawing;
  return (
    <g>
      {colours.map(({ colour, corners }) => {
        const points = corners.map(({ left_m, up_m }) => `${at.x(left_m)},${at.y(up_m + 0.05)}`);
        return (
          <g key={colour}>
            <polygon
              points={points.join(" ")}
              fill="none"
              stroke={shades.wallBottom}
              strokeWidth={5}
              strokeOpacity={0.85}
            />
            <polygon points={points.join(" ")} fill="none" stroke={colour} strokeWidth={2.4} strokeLinejoin="round" />
            {corners.map(({ left_m, up_m }) => (
              <circle
                key={`${left_m} ${up_m}`}
                cx={at.x(left_m)}
                cy={at.y(up_m + 0.05)}
                r={6}
                fill={colour}
                stroke={shades.wallBottom}
                strokeWidth={2}
              />
            ))}
          </g>
        );
      })}
    </g>
  );
}

function Measures({ drawing, at, shades, units }: Props & { units: Units }) {
  const { unit } = drawing;
  const [wide, high] = [unit.width_m ?? 1, unit.height_m ?? 1];
  const [left, right, foot] = [at.x(0), at.x(wide), at.y(unit.floor_m) + 22];
  const says = length(wide, units);
  const half = (says.length * LETTER) / 2 + 6;
  const middle = (left + right) / 2;
  const x = left - 16;
  return (
    <g stroke={shades.strong} fill="none">
      <path
        d={`M${left},${foot - 4} v8 M${left},${foot} H${middle - half} M${middle + half},${foot} H${right} M${right},${foot - 4} v8`}
      />
      <text x={middle} y={foot + 4} textAnchor="middle" stroke="none" {...label(shades, true)}>
        {says}
      </text>
      <path
        d={`M${x - 4},${at.y(unit.floor_m + high)} h8 M${x},${at.y(unit.floor_m + high)} V${at.y(unit.floor_m)} M${x - 4},${at.y(unit.floor_m)} h8`}
      />
      <text
        x={x - 8}
        y={(at.y(unit.floor_m + high) + at.y(unit.floor_m)) / 2 + 4}
        textAnchor="end"
        {...halo(shades)}
        {...label(shades, true)}
      >
        {length(high, units)}
      </text>
    </g>
  );
}

/** What each bay is called, and which are quiet. */
function Numbers({ drawing, at, shades }: Props) {
  const { bays = [], unit } = drawing;
  return bays.map((bay) => {
    const says = bay.quiet && unit.shape === "bays" ? `${bay.number}, quiet` : String(bay.number);
    const shown = fits(says, bay.wide_m * at.scale - 10) ? says : String(bay.number);
    return (
      <text
        key={bay.number}
        x={at.x(bay.left_m) + 6}
        y={unit.shape === "tray" ? at.y(bay.foot_m) - 5 : at.y(bay.foot_m + (bay.clear_m ?? 0)) + 15}
        {...halo(shades)}
        {...label(shades)}
      >
        {shown}
      </text>
    );
  });
}

/** Shelves from the front to scale, with what stands in them and what is measured. */
export function ShelvesFront(props: Props & { units: Units; part: View; threads: boolean }) {
  const { drawing, at, shades, dusk, part, threads } = props;
  const { unit } = drawing;
  const floor = at.y(unit.floor_m);
  return (
    <g>
      <rect
        x={part.left}
        y={part.top}
        width={part.width}
        height={part.height}
        fill={shade(unit.wall_colour, dusk ? -0.78 : 0)}
      />
      {(unit.floor_m === 0 || unit.shape === "tray") && (
        <rect
          x={part.left}
          y={floor}
          width={part.width}
          height={Math.max(part.top + part.height - floor, 0)}
          fill={shades.floor}
        />
      )}
      <UnitDressed {...props} />
      <Numbers {...props} />
      {threads && <Threads {...props} />}
      <Measures {...props} />
    </g>
  );
}
