import Box from "@mui/material/Box";
import type { Schemas } from "../../api/client";
import { drawing as shadesOf } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import type { StripAt } from "../../drawing/room/layStrip";
import { WallsDrawn } from "../../drawing/room/WallsDrawn";
import { PieceAtWall } from "./PieceAtWall";

type Standing = Schemas["Standing"];

export interface StripProps {
  at: StripAt;
  standings: Standing[];
  styles: Schemas["Style"][];
  dusk: boolean;
  units: Units;
  measures: boolean;
  chosen: string | null;
  choose: (id: string | null) => void;
  drag: (moved: Schemas["PieceMoved"]) => void;
  put: (piece: Standing, position: Schemas["Position"]) => Promise<void>;
}

/** The walls of a room with all that stands and hangs there; pieces go along their wall by drag or by keys. */
export function WallStrip({ at, standings, styles, dusk, units, measures, chosen, choose, drag, put }: StripProps) {
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const { scale, floor, width, height } = at;
  const here = (wall: Schemas["WallSeen"]) =>
    standings.filter((one) => one.wall === wall.key).sort((a, b) => a.out_m - b.out_m);
  const person = standingPerson(at, standings);
  return (
    <Box sx={{ position: "absolute", inset: 0 }}>
      <WallsDrawn at={at} standings={standings} dusk={dusk} />
      <svg width={width} height={height} style={{ position: "absolute", inset: 0 }} aria-hidden>
        {person !== null && <Figure x={person} floor={floor} scale={scale} fill={shades.person} />}
        {person !== null && (
          <text x={person} y={floor + 16} textAnchor="middle" fontSize={12} fill={shades.label}>
            {length(PERSON, units)}
          </text>
        )}
        {at.walls.slice(0, 1).map(({ wall, left }) => (
          <text
            key={wall.key}
            x={left + 8}
            y={floor - wall.ceiling_left_m * scale + 16}
            fontSize={12}
            fill={shades.label}
          >
            ceiling {length(wall.ceiling_left_m, units)}
          </text>
        ))}
      </svg>
      {at.walls.map(({ wall, left }) =>
        here(wall)
          .filter(({ piece }) => piece)
          .map((piece) => (
            <PieceAtWall
              key={piece.id}
              piece={piece}
              wall={wall}
              left={left}
              strip={at}
              {...{ styles, dusk, units, measures, drag, put }}
              chosen={chosen === piece.id}
              choose={choose}
            />
          )),
      )}
    </Box>
  );
}

const PERSON = 1.7;

/** Somebody for size, where nothing is. */
function standingPerson(at: StripAt, standings: Standing[]): number | null {
  for (const { wall, left } of at.walls) {
    const taken = [
      ...standings.filter((one) => one.wall === wall.key).map((one) => [one.at_m + one.left_m, one.at_m + one.right_m]),
      ...wall.openings.map(({ left_m, width_m }) => [left_m, left_m + width_m]),
    ];
    for (let spot = 0.3; spot < wall.length_m - 0.3; spot += 0.1)
      if (taken.every(([from = 0, to = 0]) => spot + 0.3 < from || spot - 0.3 > to)) return left + spot * at.scale;
  }
  return null;
}

function Figure({ x, floor, scale, fill }: { x: number; floor: number; scale: number; fill: string }) {
  const head = 0.105 * scale;
  const tall = PERSON * scale;
  return (
    <g fill={fill}>
      <circle cx={x} cy={floor - tall + head} r={head} />
      <path
        d={`M${x - head * 1.9},${floor - tall + head * 2.5} q${head * 1.9},${-head * 0.8} ${head * 3.8},0 l${head * 0.35},${tall * 0.34} h${-head * 0.55} l${-head * 0.3},${-tall * 0.22} l${-head * 0.1},${tall * 0.66} h${-head * 1.2} l${-head * 0.1},${-tall * 0.42} l${-head * 0.1},${tall * 0.42} h${-head * 1.2} l${-head * 0.1},${-tall * 0.66} l${-head * 0.3},${tall * 0.22} h${-head * 0.55} z`}
      />
    </g>
  );
}
