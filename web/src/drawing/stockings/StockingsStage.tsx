import Box from "@mui/material/Box";
import { useMemo, useRef } from "react";
import { drawing as shadesOf, type DrawingShades } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import { fits, halo, label } from "../grouping/labels";
import type { View } from "../grouping/groupingViews";
import { shade } from "../shared/shade";
import { useSize } from "../shared/useSize";
import { Person } from "../wreath/HostDrawing";
import { StockingShape } from "./StockingShape";
import { hookLine, PERSON, PERSON_FROM, viewOf, type Stockings } from "./stockingsView";

interface Props {
  drawing: Stockings;
  dusk: boolean;
  units: Units;
  describe: string;
  closer?: boolean;
}

const BATTEN_M = 0.07;
const RAIL_M = 0.045;
const TREADS = 8;

/** What they hang from: a batten, single hooks, a rail on its posts, a rail that climbs over its treads. */
function From({ drawing, at, shades }: { drawing: Stockings; at: View; shades: DrawingShades }) {
  const { place } = drawing;
  const long = place.length_m ?? 1;
  const [left, right] = [at.x(0), at.x(long)];
  const [low, high] = [at.y(place.height_m), at.y(place.height_m + place.rise_m)];
  const wood = { fill: shades.stand, stroke: shades.standLine };
  if (place.from === "hooks") return null;
  if (place.from === "batten") {
    const thick = Math.max(BATTEN_M * at.scale, 5);
    return (
      <path
        d={`M${left},${low - thick * 0.7} L${right},${high - thick * 0.7} V${high + thick * 0.3} L${left},${low + thick * 0.3} Z`}
        {...wood}
      />
    );
  }
  const thick = Math.max(RAIL_M * at.scale, 4);
  const foot = place.from === "stairs" ? place.rise_m : 0;
  const posts = Math.max(Math.round(long / 0.16), 2);
  return (
    <g>
      {place.from === "stairs" && (
        <path
          d={`M${left},${at.y(0)} ${Array.from({ length: TREADS }, (_, i) => `V${at.y((foot * (i + 1)) / TREADS)} H${at.x((long * (i + 1)) / TREADS)}`).join(" ")} V${at.y(0)} Z`}
          fill={shades.floor}
          stroke={shades.floorEdge}
        />
      )}
      {Array.from({ length: posts + 1 }, (_, i) => (long * i) / posts).map((metres) => (
        <line
          key={metres}
          x1={at.x(metres)}
          x2={at.x(metres)}
          y1={at.y(hookLine(drawing, metres))}
          y2={at.y(place.from === "stairs" ? (foot * metres) / long : 0)}
          stroke={shades.line}
          strokeWidth={2}
        />
      ))}
      <path d={`M${left},${low - thick} L${right},${high - thick} V${high} L${left},${low} Z`} {...wood} />
    </g>
  );
}

function Marks({ drawing, at, shades, units }: { drawing: Stockings; at: View; shades: DrawingShades; units: Units }) {
  const { hung = [], place, toe_m = 0, gap_m, width_m = 0.19, long_m = 0.45 } = drawing;
  const [first, second] = hung;
  const x = at.x(0) - 14;
  // All by their names, or all by the numbers they have in the list.
  const room = (width_m + Math.max(gap_m ?? 0, 0)) * at.scale;
  const named = hung.every(({ name }) => fits(name, room));
  const shown = at.y(0) <= at.top + at.height;
  return (
    <g>
      {hung.map(({ number, name, at_m, hook_m }) => {
        const says = named ? name : String(number);
        return (
          <text
            key={number}
            x={at.x(at_m)}
            y={at.y(hook_m - long_m) + 18}
            textAnchor="middle"
            {...halo(shades)}
            {...label(shades)}
          >
            {says}
          </text>
        );
      })}
      {first && second && gap_m !== undefined && gap_m * at.scale > 30 && (
        <g>
          <path
            d={`M${at.x(first.at_m + width_m / 2)},${at.y(first.hook_m - long_m * 0.3)} L${at.x(second.at_m - width_m / 2)},${at.y(second.hook_m - long_m * 0.3)}`}
            stroke={shades.mark}
          />
          {fits(length(gap_m, units), gap_m * at.scale) && (
            <text
              x={(at.x(first.at_m) + at.x(second.at_m)) / 2}
              y={(at.y(first.hook_m - long_m * 0.3) + at.y(second.hook_m - long_m * 0.3)) / 2 - 6}
              textAnchor="middle"
              {...halo(shades)}
              {...label(shades)}
            >
              {length(gap_m, units)}
            </text>
          )}
        </g>
      )}
      {shown && hung.length > 0 && toe_m > 0 && (
        <g>
          <path
            d={`M${x - 4},${at.y(toe_m)} h8 M${x},${at.y(toe_m)} V${at.y(0)} M${x - 4},${at.y(0)} h8`}
            stroke={shades.strong}
            fill="none"
          />
          <text x={x + 8} y={(at.y(toe_m) + at.y(0)) / 2 + 4} {...halo(shades)} {...label(shades)}>
            toe {length(toe_m, units)} up
          </text>
        </g>
      )}
      {place.from !== "stairs" && hung.length === 0 && (
        <text
          x={(at.x(0) + at.x(place.length_m ?? 1)) / 2}
          y={at.y(place.height_m) + 30}
          textAnchor="middle"
          {...label(shades)}
        >
          nothing hangs there yet
        </text>
      )}
    </g>
  );
}

/** Stockings in their row to scale before the wall, a person beside. */
export function StockingsStage({ drawing, dusk, units, describe, closer = false }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const at = useMemo(() => viewOf(size, drawing, closer), [size, drawing, closer]);
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const { place } = drawing;
  return (
    <Box ref={frame} role="img" aria-label={describe} sx={{ position: "absolute", inset: 0, touchAction: "pan-y" }}>
      {at && (
        <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
          <rect width={size.width} height={size.height} fill={shade(place.colour, dusk ? -0.78 : 0)} />
          <rect y={at.y(0)} width={size.width} height={Math.max(size.height - at.y(0), 0)} fill={shades.floor} />
          {size.width > PERSON_FROM && !closer && (
            <Person at={at} x={(place.length_m ?? 1) + PERSON.away} shades={shades} />
          )}
          <From drawing={drawing} at={at} shades={shades} />
          <Row drawing={drawing} at={at} dusk={dusk} />
          <Marks drawing={drawing} at={at} shades={shades} units={units} />
        </svg>
      )}
    </Box>
  );
}

/** Those that hang, as large as they are. */
export function Row({ drawing, at, dusk }: { drawing: Stockings; at: Pick<View, "x" | "y" | "scale">; dusk: boolean }) {
  const { hung = [], width_m = 0.19, long_m = 0.45, trim, trim_colour } = drawing;
  return hung.map((one) => (
    <StockingShape
      key={one.number}
      colour={one.colour}
      x={at.x(one.at_m)}
      y={at.y(one.hook_m)}
      wide={width_m * at.scale}
      long={long_m * at.scale}
      dusk={dusk}
      trim={trim}
      trimColour={trim_colour}
    />
  ));
}
