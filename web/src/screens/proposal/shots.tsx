import type { QueryClient } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { withPlaces } from "../../bench/places";
import { PiecePicture } from "../../drawing/room/PiecePicture";
import { layPicture } from "../../drawing/room/layPicture";
import { layStrip, type StripAt } from "../../drawing/room/layStrip";
import { RoomPicture } from "../../drawing/room/RoomPicture";
import type { AnyPlan } from "../../kinds/kind";
import { drawing } from "../../theme/tokens";
import type { Units } from "../../units/format";
import type { Shot } from "./Darkroom";

type Room = Schemas["ProposalTold"]["rooms"][number];

const ROOM = { width: 1600, height: 760 };
const PIECE = { width: 540, height: 540 };
/** All walls beside one another are as high as they come out, within these. */
const WALLS = { least: 240, most: 760 };
const FILLED = 0.9;
/** Asked again so often while pieces are reckoned. */
const TRIES = 30;
const AGAIN = 700;

const later = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds));

async function viewOf(room: string): Promise<Schemas["RoomView"]> {
  for (let tries = 0; ; tries += 1) {
    const view = await ask(client.GET("/api/rooms/{id}/view", { params: { path: { id: room } } }));
    if (view.pending === 0 || tries === TRIES) return view;
    await later(AGAIN);
  }
}

/** As it is saved, or with other settings, with where its ornaments hang. */
async function planOf(piece: string, settings?: Schemas["Variant"]["settings"]): Promise<AnyPlan> {
  const asked = { params: { path: { id: piece } }, body: settings ? { settings: { ...settings } } : {} };
  const plan = await ask(client.POST("/api/pieces/{id}/plan", asked));
  if (plan.kind !== "tree" || !plan.chosen) return plan;
  return withPlaces<"tree">(plan, await ask(client.POST("/api/pieces/{id}/places", asked)));
}

async function variantsOf(cache: QueryClient, piece: string): Promise<Map<string, Schemas["Variant"]>> {
  const { items } = await cache.fetchQuery({
    queryKey: keys.variants(piece),
    queryFn: () => ask(client.GET("/api/pieces/{id}/variants", { params: { path: { id: piece } } })),
  });
  return new Map(items.map((one) => [one.id, one]));
}

/** The pictures of one room: itself by day and by dusk, its pieces, and the versions there is a choice of. */
export async function shotsOf(
  room: Room,
  styles: Schemas["Style"][],
  units: Units,
  cache: QueryClient,
): Promise<Shot[]> {
  const view = await viewOf(room.id);
  const plans = new Map<string, AnyPlan>();
  for (const { id } of room.pieces) plans.set(id, await planOf(id));
  const ceiling = Math.max(...view.walls.flatMap((wall) => [wall.ceiling_left_m, wall.ceiling_right_m]));
  const lights = [
    { light: "day", ground: drawing.day.wallTop },
    { light: "dusk", ground: drawing.dusk.wallTop },
  ] as const;
  const drawn = (at: StripAt, dusk: boolean) => <RoomPicture {...{ view, plans, styles, dusk, units, at }} />;
  const { width, height } = ROOM;
  const shots: Shot[] = lights.map(({ light, ground }) => ({
    ...ROOM,
    ground,
    slot: `room:${room.id}:${light}`,
    label: `${room.name} by ${light}`,
    drawn: drawn(layPicture(view.walls, view.standings, width, height), light === "dusk"),
  }));
  const dressed = new Set(view.standings.filter(({ piece }) => piece).map(({ wall }) => wall));
  if (dressed.size > 1) {
    const long = view.walls.reduce((sum, wall) => sum + wall.length_m, 0);
    const fitting = Math.min(Math.max(((width / long) * ceiling) / FILLED, WALLS.least), WALLS.most);
    const at = layStrip(view.walls, width, Math.round(fitting));
    for (const { light, ground } of lights)
      shots.push({
        width,
        height: at.height,
        ground,
        slot: `walls:${room.id}:${light}`,
        label: `${room.name}, every wall by ${light}`,
        drawn: drawn(at, light === "dusk"),
      });
  }
  for (const piece of room.pieces) {
    const standing = view.standings.find(({ id }) => id === piece.id);
    if (!standing) continue;
    const alone = (slot: string, plan: AnyPlan, label: string): Shot => ({
      ...PIECE,
      slot,
      label,
      ground: drawing.day.wallTop,
      drawn: <PiecePicture {...{ standing, plan, styles, units, ceiling }} {...PIECE} />,
    });
    const plan = plans.get(piece.id);
    if (plan) shots.push(alone(`piece:${piece.id}`, plan, piece.name));
    const known = piece.versions.length > 0 ? await variantsOf(cache, piece.id) : null;
    for (const { id, name } of piece.versions) {
      const variant = known?.get(id);
      if (variant)
        shots.push(alone(`version:${id}`, await planOf(piece.id, variant.settings), `${piece.name}, ${name}`));
    }
  }
  return shots;
}
