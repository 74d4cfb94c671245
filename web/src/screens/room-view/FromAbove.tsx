import { useTheme } from "@mui/material/styles";
import { useRef, useState } from "react";
import type { Schemas } from "../../api/client";
import { PlanDrawing, spot, type PlanAt, type Spot } from "../../drawing/room/PlanDrawing";
import { length, type Units } from "../../units/format";

type Room = Schemas["RoomView"];
type View = Schemas["ViewSeen"];

/** So many of the narrowest ways are drawn; more would run into each other. */
const MOST_WAYS = 4;

interface Props {
  room: Room;
  chosen: string | null;
  choose: (view: string) => void;
  /** Puts a viewpoint somewhere else. */
  put: (view: View, at: Spot) => void;
  width: number;
  height: number;
  units: Units;
}

/** The room from above: footprints, the ways left between them, and what each place to look from sees of the floor. */
export function FromAbove({ room, chosen, choose, put, width, height, units }: Props) {
  const { tokens } = useTheme().palette;
  const view = room.views.find(({ id }) => id === chosen);
  const ways = room.ways.map(({ between, width_m }) => `${length(width_m, units)} between ${between.join(" and ")}`);
  return (
    <PlanDrawing
      walls={room.walls}
      things={room.standings}
      width={width}
      height={height}
      describe={`${room.room.name} from above. ${ways.length > 0 ? `Ways left: ${ways.join(", ")}.` : "No way is narrow."}`}
      under={(at) =>
        [...room.views]
          .sort((one) => (one.id === chosen ? 1 : -1))
          .map((one) => (
            <polygon
              key={one.id}
              points={one.reach.map(([x = 0, y = 0]) => `${at.x(x).toFixed(1)},${at.y(y).toFixed(1)}`).join(" ")}
              fill={one.id === chosen ? tokens.plum : tokens.edge}
              fillOpacity={one.id === chosen ? 0.13 : 0.05}
              stroke={one.id === chosen ? tokens.plum : "none"}
              strokeOpacity={0.3}
            />
          ))
      }
    >
      {(at) => (
        <>
          {room.walls.map((wall) => (
            <WallName key={wall.key} wall={wall} at={at} quiet={tokens.quiet} width={width} />
          ))}
          {room.ways.slice(0, MOST_WAYS).map((way) => (
            <Way key={way.between.join(" ")} way={way} at={at} units={units} />
          ))}
          {room.views.map((one) => (
            <Eye key={one.id} width={width} view={one} at={at} chosen={one.id === view?.id} choose={choose} put={put} />
          ))}
        </>
      )}
    </PlanDrawing>
  );
}

function WallName({ wall, at, quiet, width }: { wall: Schemas["WallSeen"]; at: PlanAt; quiet: string; width: number }) {
  const [ax, ay] = spot(wall.from);
  const [bx, by] = spot(wall.to);
  const [x, y] = [(at.x(ax) + at.x(bx)) / 2, (at.y(ay) + at.y(by)) / 2];
  const long = wall.length_m * at.scale;
  if (long < wall.name.length * 5.4) return null;
  const level = Math.abs(by - ay) < Math.abs(bx - ax);
  const off = 13;
  const outward: Spot = [((by - ay) / wall.length_m) * off, (-(bx - ax) / wall.length_m) * off];
  const [tx, ty] = [x + outward[0], y + outward[1]];
  const turn = level ? 0 : tx > width / 2 ? 90 : -90;
  return (
    <text
      x={tx}
      y={ty + 4}
      textAnchor="middle"
      fontSize={11.5}
      fill={quiet}
      transform={turn ? `rotate(${turn} ${tx} ${ty})` : undefined}
    >
      {wall.name}
    </text>
  );
}

function Way({ way, at, units }: { way: Schemas["RoomWay"]; at: PlanAt; units: Units }) {
  const { tokens } = useTheme().palette;
  const [ax, ay] = spot(way.from);
  const [bx, by] = spot(way.to);
  const colour = way.narrow ? tokens.brick : tokens.ink;
  const ends = { x1: at.x(ax), y1: at.y(ay), x2: at.x(bx), y2: at.y(by) };
  return (
    <g>
      <line {...ends} stroke={colour} strokeWidth={1.2} strokeDasharray="1.5 3" strokeLinecap="round" />
      <circle cx={ends.x1} cy={ends.y1} r={1.9} fill={colour} />
      <circle cx={ends.x2} cy={ends.y2} r={1.9} fill={colour} />
      <text
        x={(ends.x1 + ends.x2) / 2}
        y={(ends.y1 + ends.y2) / 2 + 4}
        textAnchor="middle"
        fontSize={12}
        fontWeight={700}
        fill={colour}
        stroke={tokens.card}
        strokeWidth={3}
        paintOrder="stroke"
      >
        {length(way.width_m, units)}
      </text>
    </g>
  );
}

/** A letter of a name, pixels. */
const LETTER = 6.6;

interface EyeProps {
  width: number;
  view: View;
  at: PlanAt;
  chosen: boolean;
  choose: (view: string) => void;
  put: (view: View, at: Spot) => void;
}

/** A place to look from: pressed it is looked from, dragged it is put elsewhere. */
function Eye({ width, view, at, chosen, choose, put }: EyeProps) {
  const { tokens } = useTheme().palette;
  const [dragged, setDragged] = useState<Spot | null>(null);
  const held = useRef<{ moved: boolean; x: number; y: number } | null>(null);
  const [x, y] = dragged ?? [view.x_m, view.y_m];
  const [cx, cy] = [at.x(x), at.y(y)];
  // What would run out of the picture stands before its eye.
  const late = cx + 13 + view.name.length * LETTER > width;
  return (
    <g>
      <g
        role="button"
        tabIndex={0}
        aria-label={`Look from ${view.name}`}
        aria-pressed={chosen}
        style={{ cursor: "grab", touchAction: "none" }}
        onKeyDown={(event) => (event.key === "Enter" || event.key === " ") && choose(view.id)}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          held.current = { moved: false, x: event.clientX, y: event.clientY };
          choose(view.id);
        }}
        onPointerMove={(event) => {
          if (!held.current) return;
          const far = Math.hypot(event.clientX - held.current.x, event.clientY - held.current.y);
          if (!held.current.moved && far < 4) return;
          held.current.moved = true;
          setDragged(at.back(event));
        }}
        onPointerUp={() => {
          if (held.current?.moved && dragged) put(view, dragged);
          held.current = null;
          setDragged(null);
        }}
      >
        <circle cx={cx} cy={cy} r={22} fill="transparent" />
        <circle
          cx={cx}
          cy={cy}
          r={9.5}
          fill={chosen ? tokens.plum : tokens.card}
          stroke={chosen ? tokens.plum : tokens.quiet}
        />
        <g fill="none" stroke={chosen ? tokens.card : tokens.ink} strokeWidth={1.2}>
          <path d={`M${cx - 5.5},${cy} q5.5,-6 11,0 q-5.5,6 -11,0 Z`} />
          <circle cx={cx} cy={cy} r={1.6} fill={chosen ? tokens.card : tokens.ink} />
        </g>
      </g>
      <text
        pointerEvents="none"
        x={late ? cx - 13 : cx + 13}
        y={cy + 4}
        textAnchor={late ? "end" : "start"}
        fontSize={12}
        fontWeight={chosen ? 700 : 400}
        fill={chosen ? tokens.plum : tokens.quiet}
        stroke={tokens.card}
        strokeWidth={3}
        paintOrder="stroke"
      >
        {view.name}
      </text>
    </g>
  );
}
