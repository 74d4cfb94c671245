import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { withPlaces } from "../../bench/places";
import type { AnyPlan } from "../../kinds/kind";
import { createMover } from "./mover";

type View = Schemas["RoomView"];
type Position = Schemas["Position"];

const STILL_RECKONING = 700;

export function useRoomView(roomId: string) {
  return useQuery({
    queryKey: keys.roomView(roomId),
    queryFn: () => ask(client.GET("/api/rooms/{id}/view", { params: { path: { id: roomId } } })),
    refetchInterval: (query) => (query.state.data && query.state.data.pending > 0 ? STILL_RECKONING : false),
    staleTime: 0,
  });
}

/** A piece as it stands saved, with where its ornaments hang. */
export function useDrawnPlan(pieceId: string) {
  return useQuery({
    queryKey: ["piece", pieceId, "drawn"],
    queryFn: async (): Promise<AnyPlan> => {
      const asked = { params: { path: { id: pieceId } }, body: {} };
      const plan = await ask(client.POST("/api/pieces/{id}/plan", asked));
      if (plan.kind !== "tree" || !plan.chosen) return plan;
      return withPlaces<"tree">(plan, await ask(client.POST("/api/pieces/{id}/places", asked)));
    },
  });
}

export interface Moving {
  /** The room as it is shown: with the piece where it is being dragged to. */
  shown: View;
  drag: (moved: Schemas["PieceMoved"]) => void;
  put: (piece: Schemas["Standing"], position: Position) => Promise<void>;
  problem: Problem | null;
  forget: () => void;
}

/** Moving pieces along walls: told live while one is dragged, kept when it is put down, taken back by one press. */
export function useMoving(view: View): Moving {
  const roomId = view.room.id;
  const cache = useQueryClient();
  const { say } = useUndo();
  const [dragged, setDragged] = useState<View | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const mover = useMemo(
    () =>
      createMover(
        (body) => ask(client.POST("/api/rooms/{id}/view", { params: { path: { id: roomId } }, body })),
        setDragged,
      ),
    [roomId],
  );
  useEffect(() => () => mover.stop(), [mover]);

  const keep = (id: string, position: Position, was: Position) =>
    ask(client.PUT("/api/pieces/{id}/position", { params: { path: { id } }, body: { ...position, was } }));
  async function reread() {
    await cache.invalidateQueries({ queryKey: ["room"] });
    mover.stop();
    setDragged(null);
  }

  async function put(piece: Schemas["Standing"], position: Position) {
    const was = piece.place ?? { wall: null, at_m: null, out_m: null };
    mover.stop();
    try {
      await keep(piece.id, position, was);
      setProblem(null);
      say(`${piece.name} was moved.`, async () => {
        await keep(piece.id, was, position);
        await reread();
      });
    } catch (error) {
      setProblem(asProblem(error));
    }
    await reread();
  }

  return { shown: dragged ?? view, drag: mover.ask, put, problem, forget: () => setProblem(null) };
}
