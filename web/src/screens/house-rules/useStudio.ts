import { useQueryClient } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../../api/client";
import { keys, useMe } from "../../api/queries";
import { useUndo } from "../../parts/undo";

type Change = Omit<Schemas["StudioChange"], "version">;

/** The studio's own ways, and how an owner changes one of them. */
export function useStudio(mayChange: boolean) {
  const studio = useMe().data?.studio;
  const cache = useQueryClient();
  const { say } = useUndo();

  async function change(part: Change) {
    if (!studio) return;
    if (!mayChange) {
      say("An owner of the studio sets this.");
      return;
    }
    try {
      const body = { version: studio.version, ...part };
      cache.setQueryData(keys.me, await ask(client.PATCH("/api/studio", { body })));
    } catch (error) {
      say(error instanceof Error ? error.message : String(error));
      await cache.invalidateQueries({ queryKey: keys.me });
    }
  }

  return { studio, change };
}
