import { useCallback, useState } from "react";
import type { Schemas } from "../api/client";

type Style = Schemas["Style"];

/** Which style is being counted again, or which kind is being added; null when neither is. */
export type StyleOpen = { id?: string; kind: Style["kind"] } | null;

export function useStyleOpen(styles: Style[] | undefined) {
  const [open, setOpen] = useState<StyleOpen>(null);
  const countAgain = useCallback(
    (id: string) => setOpen({ id, kind: styles?.find((style) => style.id === id)?.kind ?? "ornament" }),
    [styles],
  );
  const add = useCallback((kind: Style["kind"]) => setOpen({ kind }), []);
  return { open, countAgain, add, close: () => setOpen(null) };
}
