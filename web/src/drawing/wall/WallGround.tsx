import type { DrawingShades } from "../../theme/tokens";
import { shade } from "../shared/shade";
import { box } from "../wreath/DoorHost";
import { HostShape, Person } from "../wreath/HostDrawing";
import { PERSON_AWAY_M, type WreathView } from "../wreath/wreathProjection";
import { hostOf } from "./ringDrawing";
import { about, type Wall } from "./wallProjection";

interface Props {
  /** In which part of the stage it is drawn. */
  id: string;
  drawing: Wall;
  at: WreathView;
  shades: DrawingShades;
  dusk: boolean;
  person: boolean;
}

/** The wall itself, the floor, its openings, and what the group is centred on. */
export function WallGround({ id, drawing, at, shades, dusk, person }: Props) {
  const { wall, thing, openings = [] } = drawing;
  const wide = wall.width_m ?? 3;
  const floor = at.y(0);
  const plain = openings.length > 0 ? shades.wallBottom : shade(wall.colour, dusk ? -0.78 : 0);
  return (
    <g aria-hidden clipPath={`url(#wall-part-${id})`}>
      <defs>
        <clipPath id={`wall-part-${id}`}>
          <rect x={at.left} y={at.top} width={at.width} height={at.height} />
        </clipPath>
        <linearGradient id={`wall-round-${id}`} x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor={shades.wallTop} />
          <stop offset="1" stopColor={shades.wallBottom} />
        </linearGradient>
      </defs>
      <rect x={at.left} width={at.width} height={at.height} fill={`url(#wall-round-${id})`} />
      <rect {...box(at, 0, wide, 0, wall.height_m)} fill={plain} stroke={shades.line} />
      {floor < at.height && (
        <>
          <rect x={at.left} y={floor} width={at.width} height={Math.max(at.height - floor, 0)} fill={shades.floor} />
          <line
            x1={at.left}
            x2={at.left + at.width}
            y1={floor}
            y2={floor}
            stroke={shades.floorEdge}
            strokeWidth={1.5}
          />
        </>
      )}
      {openings.map((opening) => (
        <HostShape
          key={opening.left_m}
          host={hostOf(opening, wall.colour)}
          at={about(at, opening.left_m + opening.width_m / 2)}
          shades={shades}
          dusk={dusk}
        />
      ))}
      {thing && <Thing thing={thing} at={at} shades={shades} />}
      {person && <Person at={at} x={wide + PERSON_AWAY_M} shades={shades} />}
    </g>
  );
}

/** Furniture below, or a picture between: a box with a top and the lines of its doors. */
function Thing({ thing, at, shades }: Pick<Props, "at" | "shades"> & { thing: NonNullable<Wall["thing"]> }) {
  const { left_m, width_m, floor_m, height_m } = thing;
  const right = left_m + width_m;
  const top = floor_m + height_m;
  if (floor_m > 0.3)
    return (
      <rect
        {...box(at, left_m, right, floor_m, top)}
        fill={shades.glass}
        stroke={shades.gilt}
        strokeWidth={Math.max(0.04 * at.scale, 2)}
      />
    );
  const doors = Math.max(Math.round(width_m / 0.5), 1);
  return (
    <g stroke={shades.line}>
      <rect {...box(at, left_m + 0.02, right - 0.02, floor_m, top - 0.04)} fill={shades.surround} />
      {Array.from({ length: doors }, (_, i) => {
        const each = (width_m - 0.04) / doors;
        const from = left_m + 0.02 + i * each;
        return (
          <rect
            key={i}
            {...box(at, from + 0.03, from + each - 0.03, floor_m + 0.07, Math.max(top - 0.08, floor_m + 0.09))}
            fill="none"
          />
        );
      })}
      <rect {...box(at, left_m, right, Math.max(top - 0.04, floor_m), top)} fill={shades.surround} />
    </g>
  );
}
