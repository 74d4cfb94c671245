import { useTheme } from "@mui/material/styles";
import { length, type Units } from "../../units/format";

export interface DrawnPlace {
  key: string;
  name: string;
  stance: "corner" | "wall" | "bay" | "open";
  from_left_m: number | null;
  free_width_m: number | null;
  free_depth_m: number | null;
  walkway_m: number | null;
  best?: { height_m: number | null; spread_m: number | null; hem_m: number | null } | undefined;
}

interface Props {
  room: { width: number; depth: number; left: number; right: number };
  places: DrawnPlace[];
  units: Units;
}

const WIDE = 560;
const TALLEST = 440;
/** What the name of a place takes, about. */
const NAME = 170;
const PAD = { left: 64, right: 24, top: 22, between: 58, bottom: 14 };

/** Where the trunk stands, from the left and from the wall one faces. */
function standing(place: DrawnPlace, room: Props["room"]): { x: number; y: number } {
  // A tree whose branches give still stands clear of the wall.
  const depth = Math.max(place.free_depth_m ?? 1, place.best?.spread_m ?? 0);
  return { x: place.from_left_m ?? room.width / 2, y: place.stance === "open" ? room.depth / 2 : depth / 2 };
}

function summary({ room, places, units }: Props): string {
  const ceiling =
    room.left === room.right ? length(room.left, units) : `${length(room.left, units)} to ${length(room.right, units)}`;
  const told = places.map(
    (place) =>
      `${place.name}, ${place.stance}${place.best?.height_m ? `, best size ${length(place.best.height_m, units)}` : ""}`,
  );
  return `Room ${length(room.width, units)} wide, ${length(room.depth, units)} deep, ceiling ${ceiling}. ${told.join(". ")}`;
}

/** The room twice to one scale: the wall one faces above, the floor seen from above below it, edges aligned. */
export function RoomDrawing({ room, places, units }: Props) {
  const { tokens } = useTheme().palette;
  const high = Math.max(room.left, room.right);
  // As large as width and height allow, so that a deep room does not shrink the lettering.
  const scale = Math.min(
    (WIDE - PAD.left - PAD.right) / room.width,
    (TALLEST - PAD.top - PAD.between - PAD.bottom) / (high + room.depth),
  );
  const indent = (WIDE - PAD.left - PAD.right - room.width * scale) / 2;
  const floorY = PAD.top + high * scale;
  const planY = floorY + PAD.between;
  const tall = planY + room.depth * scale + PAD.bottom;
  const x = (metres: number) => PAD.left + indent + metres * scale;
  const right = x(room.width);
  const wall = `${x(0)},${floorY} ${x(0)},${floorY - room.left * scale} ${right},${floorY - room.right * scale} ${right},${floorY}`;
  const label = { fill: tokens.quiet, fontSize: 12 };

  return (
    <svg
      viewBox={`0 0 ${WIDE} ${tall}`}
      role="img"
      aria-label={summary({ room, places, units })}
      style={{ width: "100%", display: "block" }}
    >
      <polygon points={wall} fill={tokens.paper} stroke={tokens.edge} strokeWidth={1.5} />
      <line x1={x(0) - 10} y1={floorY} x2={right + 10} y2={floorY} stroke={tokens.ink} strokeWidth={2} />
      <text x={x(0) - 8} y={floorY - (room.left * scale) / 2} textAnchor="end" {...label}>
        {length(room.left, units)}
      </text>
      {room.left !== room.right && (
        <text x={right - 8} y={floorY - room.right * scale + 18} textAnchor="end" {...label}>
          {length(room.right, units)}
        </text>
      )}
      <text x={x(room.width / 2)} y={floorY + 20} textAnchor="middle" {...label}>
        {length(room.width, units)}
      </text>
      <rect
        x={x(0)}
        y={planY}
        width={room.width * scale}
        height={room.depth * scale}
        fill={tokens.paper}
        stroke={tokens.ink}
        strokeWidth={2}
      />
      <text x={x(0) - 8} y={planY + (room.depth * scale) / 2} textAnchor="end" {...label}>
        {length(room.depth, units)}
      </text>
      <text x={x(0)} y={planY - 8} {...label}>
        floor, from above
      </text>
      {places.map((place) => (
        <PlaceMarks
          key={place.key}
          place={place}
          room={room}
          scale={scale}
          x={x}
          floorY={floorY}
          planY={planY}
          units={units}
        />
      ))}
    </svg>
  );
}

interface MarksProps {
  place: DrawnPlace;
  room: Props["room"];
  scale: number;
  x: (metres: number) => number;
  floorY: number;
  planY: number;
  units: Units;
}

function PlaceMarks({ place, room, scale, x, floorY, planY, units }: MarksProps) {
  const { tokens } = useTheme().palette;
  const at = standing(place, room);
  const free = { width: place.free_width_m ?? 0, depth: place.free_depth_m ?? 0 };
  const left = Math.min(Math.max(at.x - free.width / 2, 0), Math.max(room.width - free.width, 0));
  const top = place.stance === "open" ? at.y - free.depth / 2 : 0;
  const front = planY + (top + free.depth) * scale;
  const best = place.best;
  // A name near a wall is written away from it.
  const byRightWall = (room.width - at.x) * scale < NAME / 2;
  const byLeftWall = at.x * scale < NAME / 2;
  const half = ((best?.spread_m ?? 0) / 2) * scale;
  return (
    <g>
      {best?.height_m && (
        <>
          <polygon
            points={`${x(at.x) - half},${floorY - (best.hem_m ?? 0) * scale} ${x(at.x)},${floorY - best.height_m * scale} ${x(at.x) + half},${floorY - (best.hem_m ?? 0) * scale}`}
            fill={tokens.lichen}
            fillOpacity={0.55}
            stroke={tokens.spruce}
          />
          <text
            x={x(at.x)}
            y={floorY - best.height_m * scale - 6}
            textAnchor="middle"
            fill={tokens.ink}
            fontSize={12}
            fontWeight={600}
          >
            {length(best.height_m, units)}
          </text>
          <circle
            cx={x(at.x)}
            cy={planY + at.y * scale}
            r={half}
            fill={tokens.lichen}
            fillOpacity={0.55}
            stroke={tokens.spruce}
          />
        </>
      )}
      {free.width > 0 && free.depth > 0 && (
        <rect
          x={x(left)}
          y={planY + top * scale}
          width={free.width * scale}
          height={free.depth * scale}
          fill="none"
          stroke={tokens.plum}
          strokeDasharray="5 4"
        />
      )}
      {place.walkway_m && free.depth > 0 ? (
        <g stroke={tokens.quiet}>
          <line
            x1={x(left + free.width / 2)}
            x2={x(left + free.width / 2)}
            y1={front}
            y2={front + place.walkway_m * scale}
            strokeDasharray="2 3"
          />
          <line
            x1={x(left)}
            x2={x(left + free.width)}
            y1={front + place.walkway_m * scale}
            y2={front + place.walkway_m * scale}
          />
          <text
            x={x(left + free.width / 2) + (byRightWall ? -5 : 5)}
            textAnchor={byRightWall ? "end" : "start"}
            y={front + (place.walkway_m * scale) / 2 + 4}
            fill={tokens.quiet}
            stroke="none"
            fontSize={11}
          >
            {length(place.walkway_m, units)} to pass
          </text>
        </g>
      ) : null}
      <circle cx={x(at.x)} cy={planY + at.y * scale} r={2.5} fill={tokens.plum} />
      <text
        x={byRightWall ? x(room.width) - 8 : byLeftWall ? x(0) + 8 : x(at.x)}
        y={Math.min(front + (place.walkway_m ?? 0) * scale + 16, planY + room.depth * scale - 6)}
        textAnchor={byRightWall ? "end" : byLeftWall ? "start" : "middle"}
        fill={tokens.plum}
        fontSize={12}
        fontWeight={600}
      >
        {place.name}
      </text>
    </g>
  );
}
