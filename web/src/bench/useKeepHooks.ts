import { ask, asProblem, client } from "../api/client";
import { keys, queryClient } from "../api/queries";
import type { MenuEntry } from "../parts/MoreMenu";
import { useUndo } from "../parts/undo";
import { counted } from "../units/format";

/** The hooks of a piece stay in its home for the next year; what is known already is not kept twice. */
export function useKeepHooks(piece: { id: string; home: { id: string } }, disabled: boolean): MenuEntry {
  const { say } = useUndo();

  async function keep() {
    try {
      const { kept, known } = await ask(
        client.POST("/api/pieces/{id}/anchors", { params: { path: { id: piece.id } } }),
      );
      const there = known > 0 ? ` ${counted(known, "hook is", "hooks are")} known already.` : "";
      await queryClient.invalidateQueries({ queryKey: keys.home(piece.home.id) });
      await queryClient.invalidateQueries({ queryKey: keys.styles });
      say(
        `${counted(kept.length, "hook")} kept for next year.${there}`,
        kept.length > 0
          ? async () => {
              await Promise.all(
                kept.map(({ id }) => ask(client.DELETE("/api/anchors/{id}", { params: { path: { id } } }))),
              );
              await queryClient.invalidateQueries({ queryKey: keys.home(piece.home.id) });
              await queryClient.invalidateQueries({ queryKey: keys.styles });
            }
          : undefined,
      );
    } catch (error) {
      say(asProblem(error).message);
    }
  }
  return { label: "Keep its hooks for next year", run: () => void keep(), disabled };
}
