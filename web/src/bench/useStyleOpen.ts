import { useCallback, useState } from "react";
import type { Schemas } from "../api/client";

type Style = Schemas["Style"];

/** Which style is being counted again or asked after, or which kind is being added; null when none is. */
export type StyleOpen = { id?: string; kind: Style["kind"]; claims?: boolean } | null;

export function useStyleOpen(styles: Style[] | undefined) {
  const [open, setOpen] = useState<StyleOpen>(null);
  const kindOf = useCallback((id: string) => styles?.find((style) => style.id === id)?.kind ?? "ornament", [styles]);
  const countAgain = useCallback((id: string) => setOpen({ id, kind: kindOf(id) }), [kindOf]);
  const claims = useCallback((id: string) => setOpen({ id, kind: kindOf(id), claims: true }), [kindOf]);
  const add = useCallback((kind: Style["kind"]) => setOpen({ kind }), []);
  return { open, countAgain, claims, add, close: () => setOpen(null) };
}
