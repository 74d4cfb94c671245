import type { Schemas } from "../../api/client";

type View = Schemas["ViewSeen"];
type Point = readonly [number, number, number];

/** A filled outline in the picture of a view, the farther ones to be painted first. */
export interface Face {
  points: string;
  far: number;
  part: string;
  colour?: string | null;
}

export interface Lens {
  width: number;
  height: number;
}

const RADIANS = Math.PI / 180;
/** Along a wall it is looked at in so many strips: near ones bend round the eye. */
const STRIP = 0.3;
/** Nobody sees what they sit on, metres. */
const WITHIN = 0.7;
/** What lies farther to the side is behind the eye. */
const SIDE = 92;

/** How a point of the room falls into the picture of a view: as an eye turns, not as a lens lies flat. */
export function lensOf(view: View, { width, height }: Lens) {
  const scale = width / (view.cone_deg * RADIANS);
  const horizon = height * 0.48;
  return (point: Point): { x: number; y: number; far: number; off: number } => {
    const [dx, dy] = [point[0] - view.x_m, point[1] - view.y_m];
    const far = Math.max(Math.hypot(dx, dy), 0.05);
    let off = Math.atan2(dx, -dy) - view.heading_deg * RADIANS;
    while (off > Math.PI) off -= 2 * Math.PI;
    while (off < -Math.PI) off += 2 * Math.PI;
    return {
      x: width / 2 + off * scale,
      y: horizon - Math.atan2(point[2] - view.eye_m, far) * scale,
      far,
      off: off / RADIANS,
    };
  };
}

type Seen = ReturnType<typeof lensOf>;

function face(see: Seen, corners: Point[], part: string, colour?: string | null): Face | null {
  const seen = corners.map(see);
  if (seen.some(({ off }) => Math.abs(off) > SIDE)) return null;
  const far = seen.reduce((sum, one) => sum + one.far, 0) / seen.length;
  return {
    points: seen.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(" "),
    far,
    part,
    ...(colour ? { colour } : {}),
  };
}

type Wall = Schemas["WallSeen"];

function strips(long: number, breaks: number[]): [number, number][] {
  const even = Array.from({ length: Math.ceil(long / STRIP) + 1 }, (_, i) => Math.min(i * STRIP, long));
  const at = [...new Set([...even, ...breaks.filter((one) => one > 0 && one < long)])].sort((a, b) => a - b);
  return at.slice(1).map((to, i) => [at[i] ?? 0, to]);
}

function wallFaces(see: Seen, wall: Wall): Face[] {
  const [ax = 0, ay = 0] = wall.from;
  const [bx = 0, by = 0] = wall.to;
  const long = wall.length_m;
  const point = (at: number, up: number): Point => [ax + ((bx - ax) * at) / long, ay + ((by - ay) * at) / long, up];
  const ceiling = (at: number) => wall.ceiling_left_m + ((wall.ceiling_right_m - wall.ceiling_left_m) * at) / long;
  const breaks = wall.openings.flatMap(({ left_m, width_m }) => [left_m, left_m + width_m]);
  return strips(long, breaks).flatMap(([from, to]) => {
    const middle = (from + to) / 2;
    const opening = wall.openings.find(({ left_m, width_m }) => middle > left_m && middle < left_m + width_m);
    const pieces: (Face | null)[] = [];
    const upright = (low: number, high: (at: number) => number, part: string) =>
      face(see, [point(from, low), point(from, high(from)), point(to, high(to)), point(to, low)], part, wall.colour);
    if (!opening) pieces.push(upright(0, ceiling, "wall"));
    else {
      const { floor_m, height_m, kind } = opening;
      const top = floor_m + height_m;
      pieces.push(upright(top, ceiling, "wall"));
      if (floor_m > 0) pieces.push(upright(0, () => floor_m, "wall"));
      const open = kind === "passage" || opening.stands_open;
      if (!open) {
        const hole = face(see, [point(from, floor_m), point(from, top), point(to, top), point(to, floor_m)], kind);
        pieces.push(hole);
      }
    }
    return pieces.filter((one): one is Face => one !== null);
  });
}

type Standing = Schemas["Standing"];

/** The sides and the top of a box. */
function boxFaces(see: Seen, { footprint, bottom_m, top_m, colour, kind }: Standing): Face[] {
  const ground = footprint.map(([x = 0, y = 0]): [number, number] => [x, y]);
  const sides = ground.map((from, i) => {
    const to = ground[(i + 1) % ground.length] ?? from;
    return face(
      see,
      [
        [...from, bottom_m],
        [...from, top_m],
        [...to, top_m],
        [...to, bottom_m],
      ],
      kind,
      colour,
    );
  });
  const top = face(
    see,
    ground.map((corner): Point => [...corner, top_m]),
    `${kind} top`,
    colour,
  );
  return [...sides, top].filter((one): one is Face => one !== null).sort((one, other) => other.far - one.far);
}

interface Drawn {
  portrait: Schemas["StandingPortrait"];
  middle: number;
  point: readonly number[];
  along: readonly number[];
}

/** A piece with the few strokes of its portrait, upright where it stands. */
function pieceFaces(see: Seen, { portrait, middle, point, along }: Drawn): Face[] {
  if (!portrait) return [];
  const [x = 0, y = 0] = point;
  const [ax = 0, ay = 0] = along;
  const upright = ([across = 0, up = 0]: readonly number[]): Point => [
    x + ax * (across - middle),
    y + ay * (across - middle),
    up,
  ];
  const far = see([x, y, 1]).far;
  const shapes = portrait.shapes
    .filter(({ closed }) => closed)
    .map(({ part, points }) => face(see, points.map(upright), part));
  const dots = portrait.dots.map((dot) => {
    const ring = [0, 1, 2, 3, 4, 5].map((i) =>
      upright([dot.x_m + dot.r_m * Math.cos((i * Math.PI) / 3), dot.y_m + dot.r_m * Math.sin((i * Math.PI) / 3)]),
    );
    return face(see, ring, "dot", dot.colour ?? "#c98a1b");
  });
  // All strokes of one piece are as far as its middle, in their own order.
  return [...shapes, ...dots]
    .filter((one): one is Face => one !== null)
    .map((one, i) => ({ ...one, far: far - i * 1e-5 }));
}

/** Everything an eye has before it, farthest first. */
export function facesOf(room: Schemas["RoomView"], view: View, lens: Lens): Face[] {
  const see = lensOf(view, lens);
  const walls = new Map(room.walls.map((wall) => [wall.key, wall]));
  const seen = new Map(view.seen.map((one) => [one.id, one]));
  const things = room.standings
    .filter(({ piece, point }) => !piece && see([point[0] ?? 0, point[1] ?? 0, 0]).far > WITHIN)
    .flatMap((thing) => boxFaces(see, thing));
  const here = room.standings.flatMap((one) => {
    const told = seen.get(one.id);
    if (!told) return [];
    return pieceFaces(see, { portrait: one.portrait, middle: one.middle_m, point: told.point, along: told.along });
  });
  const beyond = view.seen
    .filter(({ portrait }) => portrait)
    .flatMap((one) =>
      pieceFaces(see, { portrait: one.portrait, middle: one.middle_m ?? 0, point: one.point, along: one.along }),
    );
  return [...[...walls.values()].flatMap((wall) => wallFaces(see, wall)), ...things, ...here, ...beyond].sort(
    (one, other) => other.far - one.far,
  );
}
