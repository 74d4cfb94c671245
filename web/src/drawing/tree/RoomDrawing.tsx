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
  /** Low and wide, for above a form on a phone. */
  strip?: boolean;
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

function summary({ room, places, units }: Omit<Props, "strip">): string {
  const ceiling =
    room.left === room.right ? length(room.left, units) : `${length(room.left, units)} to ${length(room.right, units)}`;
  const told = places.map(
    (place) =>
      `${place.name}, ${place.stance}${place.best?.height_m ? `, best size ${length(place.best.height_m, units)}` : ""}`,
  );
  return `Room ${length(room.width, units)} wide, ${length(room.depth, units)} deep, ceiling ${ceiling}. ${told.join(". ")}`;
}

/** Where wall and floor are drawn: the floor under the wall, edges aligned, or beside it where height is dear. */
interface Layout {
  wide: number;
  tall: number;
  /** Drawing units a metre. */
  scale: number;
  wall: { left: number; floor: number };
  plan: { left: number; top: number };
}

function under(room: Props["room"]): Layout {
  const high = Math.max(room.left, room.right);
  const free = WIDE - PAD.left - PAD.right;
  // As large as width and height allow, so that a deep room does not shrink the lettering.
  const scale = Math.min(free / room.width, (TALLEST - PAD.top - PAD.between - PAD.bottom) / (high + room.depth));
  const left = PAD.left + (free - room.width * scale) / 2;
  const floor = PAD.top + high * scale;
  const top = floor + PAD.between;
  return { wide: WIDE, tall: top + room.depth * scale + PAD.bottom, scale, wall: { left, floor }, plan: { left, top } };
}

const STRIP = { wide: 374, tall: 176, side: 62, right: 10, top: 22, bottom: 26 };

function beside(room: Props["room"]): Layout {
  const high = Math.max(room.left, room.right);
  const most = STRIP.tall - STRIP.top - STRIP.bottom;
  const free = STRIP.wide - 2 * STRIP.side - STRIP.right;
  const scale = Math.min(free / (2 * room.width), most / Math.max(high, room.depth));
  const indent = (free - 2 * room.width * scale) / 3;
  const left = STRIP.side + indent;
  return {
    wide: STRIP.wide,
    tall: STRIP.tall,
    scale,
    wall: { left, floor: STRIP.top + (most + high * scale) / 2 },
    plan: { left: left + room.width * scale + STRIP.side + indent, top: STRIP.top + (most - room.depth * scale) / 2 },
  };
}

/** The room twice to one scale: the wall one faces, and the floor seen from above. */
export function RoomDrawing({ room, places, units, strip = false }: Props) {
  const { tokens } = useTheme().palette;
  const layout = strip ? beside(room) : under(room);
  const { scale, wall, plan } = layout;
  const [left, right] = [wall.left, wall.left + room.width * scale];
  const outline = `${left},${wall.floor} ${left},${wall.floor - room.left * scale} ${right},${wall.floor - room.right * scale} ${right},${wall.floor}`;
  const label = { fill: tokens.quiet, fontSize: 12 };

  return (
    <svg
      viewBox={`0 0 ${layout.wide} ${layout.tall}`}
      role="img"
      aria-label={summary({ room, places, units })}
      style={{ width: "100%", display: "block" }}
    >
      <polygon points={outline} fill={tokens.paper} stroke={tokens.edge} strokeWidth={1.5} />
      <line x1={left - 10} y1={wall.floor} x2={right + 10} y2={wall.floor} stroke={tokens.ink} strokeWidth={2} />
      <text x={left - 8} y={wall.floor - (room.left * scale) / 2} textAnchor="end" {...label}>
        {length(room.left, units)}
      </text>
      {room.left !== room.right && (
        <text
          x={strip ? right + 5 : right - 8}
          y={wall.floor - room.right * scale + (strip ? 4 : 18)}
          textAnchor={strip ? "start" : "end"}
          {...label}
        >
          {length(room.right, units)}
        </text>
      )}
      <text x={(left + right) / 2} y={wall.floor + 20} textAnchor="middle" {...label}>
        {length(room.width, units)}
      </text>
      <rect
        x={plan.left}
        y={plan.top}
        width={room.width * scale}
        height={room.depth * scale}
        fill={tokens.paper}
        stroke={tokens.ink}
        strokeWidth={2}
      />
      <text x={plan.left - 8} y={plan.top + (room.depth * scale) / 2} textAnchor="end" {...label}>
        {length(room.depth, units)}
      </text>
      <text x={plan.left} y={plan.top - 8} {...label}>
        floor, from above
      </text>
      {places.map((place) => (
        <PlaceMarks key={place.key} place={place} room={room} layout={layout} units={units} named={!strip} />
      ))}
    </svg>
  );
}

interface MarksProps {
  place: DrawnPlace;
  room: Props["room"];
  layout: Layout;
  units: Units;
  /** With its name and what is left to pass. */
  named: boolean;
}

function PlaceMarks({ place, room, layout, units, named }: MarksProps) {
  const { tokens } = useTheme().palette;
  const { scale, wall, plan } = layout;
  const at = standing(place, room);
  const free = { width: place.free_width_m ?? 0, depth: place.free_depth_m ?? 0 };
  const left = plan.left + Math.min(Math.max(at.x - free.width / 2, 0), Math.max(room.width - free.width, 0)) * scale;
  const middle = left + (free.width / 2) * scale;
  const top = place.stance === "open" ? at.y - free.depth / 2 : 0;
  const front = plan.top + (top + free.depth) * scale;
  const trunk = plan.left + at.x * scale;
  const best = place.best;
  // A name near a wall is written away from it.
  const byRightWall = (room.width - at.x) * scale < NAME / 2;
  const byLeftWall = at.x * scale < NAME / 2;
  const half = ((best?.spread_m ?? 0) / 2) * scale;
  const seen = wall.left + at.x * scale;
  const hem = wall.floor - (best?.hem_m ?? 0) * scale;
  return (
    <g>
      {best?.height_m && (
        <>
          <polygon
            points={`${seen - half},${hem} ${seen},${wall.floor - best.height_m * scale} ${seen + half},${hem}`}
            fill={tokens.lichen}
            fillOpacity={0.55}
            stroke={tokens.spruce}
          />
          <text
            x={seen}
            y={wall.floor - best.height_m * scale - 6}
            textAnchor="middle"
            fill={tokens.ink}
            fontSize={12}
            fontWeight={600}
            stroke={tokens.card}
            strokeWidth={named ? 0 : 4}
            paintOrder="stroke"
          >
            {length(best.height_m, units)}
          </text>
          <circle
            cx={trunk}
            cy={plan.top + at.y * scale}
            r={half}
            fill={tokens.lichen}
            fillOpacity={0.55}
            stroke={tokens.spruce}
          />
        </>
      )}
      {free.width > 0 && free.depth > 0 && (
        <rect
          x={left}
          y={plan.top + top * scale}
          width={free.width * scale}
          height={free.depth * scale}
          fill="none"
          stroke={tokens.plum}
          strokeDasharray="5 4"
        />
      )}
      {place.walkway_m && free.depth > 0 ? (
        <g stroke={tokens.quiet}>
          <line x1={middle} x2={middle} y1={front} y2={front + place.walkway_m * scale} strokeDasharray="2 3" />
          <line
            x1={left}
            x2={left + free.width * scale}
            y1={front + place.walkway_m * scale}
            y2={front + place.walkway_m * scale}
          />
          {named && (
            <text
              x={middle + (byRightWall ? -5 : 5)}
              textAnchor={byRightWall ? "end" : "start"}
              y={front + (place.walkway_m * scale) / 2 + 4}
              fill={tokens.quiet}
              stroke="none"
              fontSize={11}
            >
              {length(place.walkway_m, units)} to pass
            </text>
          )}
        </g>
      ) : null}
      <circle cx={trunk} cy={plan.top + at.y * scale} r={2.5} fill={tokens.plum} />
      {named && (
        <text
          x={byRightWall ? plan.left + room.width * scale - 8 : byLeftWall ? plan.left + 8 : trunk}
          y={Math.min(front + (place.walkway_m ?? 0) * scale + 16, plan.top + room.depth * scale - 6)}
          textAnchor={byRightWall ? "end" : byLeftWall ? "start" : "middle"}
          fill={tokens.plum}
          fontSize={12}
          fontWeight={600}
        >
          {place.name}
        </text>
      )}
    </g>
  );
}
