import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import type { Spot } from "../../drawing/room/PlanDrawing";
import { useUndo } from "../../parts/undo";
import { draftOf } from "./viewpointDraft";

type Room = Schemas["RoomView"];
type View = Schemas["ViewSeen"];

/** What is done in a room beside moving pieces: places to look from, and offers taken. */
export function useActs(room: Room) {
  const cache = useQueryClient();
  const { say } = useUndo();
  const [problem, setProblem] = useState<ReturnType<typeof asProblem> | null>(null);
  const [busy, setBusy] = useState(false);
  const reread = () => cache.invalidateQueries({ queryKey: ["room"] });

  async function attempt(work: () => Promise<void>) {
    if (busy) return;
    setBusy(true);
    try {
      await work();
      setProblem(null);
    } catch (error) {
      setProblem(asProblem(error));
    }
    await reread();
    setBusy(false);
  }

  return {
    problem,
    busy,
    reread,
    add: (offered: Schemas["OfferedViewpoint"]) =>
      attempt(async () => {
        await ask(client.POST("/api/rooms/{id}/viewpoints", { params: { path: { id: room.room.id } }, body: offered }));
      }),
    moveEye: (view: View, [x_m, y_m]: Spot) =>
      attempt(async () => {
        const path = { params: { path: { id: view.id } } };
        const to = { ...draftOf(view), x_m: round(x_m), y_m: round(y_m) };
        const kept = await ask(client.PUT("/api/viewpoints/{id}", { ...path, body: { ...to, version: view.version } }));
        say(`${view.name} was moved.`, async () => {
          const back = { ...draftOf(view), version: kept.version };
          await ask(client.PUT("/api/viewpoints/{id}", { ...path, body: back }));
          await reread();
        });
      }),
    remove: (view: View | null) =>
      attempt(async () => {
        if (!view) return;
        const path = { params: { path: { id: view.id } } };
        await ask(client.DELETE("/api/viewpoints/{id}", path));
        say(`${view.name} was taken out.`, async () => {
          await ask(client.POST("/api/viewpoints/{id}/restore", path));
          await reread();
        });
      }),
    apply: (offer: Schemas["ViewOffer"]) =>
      attempt(async () => {
        const path = { params: { path: { id: offer.piece } } };
        if (offer.position) {
          const was = offer.place;
          const to = { wall: offer.position.wall, at_m: offer.position.at_m, out_m: null };
          await ask(client.PUT("/api/pieces/{id}/position", { ...path, body: { ...to, was } }));
          say(`${offer.name} was moved.`, async () => {
            await ask(client.PUT("/api/pieces/{id}/position", { ...path, body: { ...was, was: to } }));
            await reread();
          });
        } else if (offer.settings) {
          const { name, place_id, version } = await ask(client.GET("/api/pieces/{id}", path));
          const body = { name, place_id, version, settings: { ...offer.settings } };
          const kept = await ask(client.PUT("/api/pieces/{id}", { ...path, body }));
          say(`${offer.name} was changed.`, async () => {
            await ask(client.POST("/api/pieces/{id}/undo", { ...path, body: { version: kept.version } }));
            await cache.invalidateQueries();
          });
          await cache.invalidateQueries({ queryKey: ["piece", offer.piece] });
        }
      }),
  };
}

const round = (metres: number) => Number(Math.max(metres, 0).toFixed(3));
