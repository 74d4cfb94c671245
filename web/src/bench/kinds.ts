import type { Schemas } from "../api/client";

/** The kinds of piece there are: what each is dialled with and what its plan tells. */
export interface Kinds {
  tree: { settings: Schemas["TreeSettings"]; plan: Schemas["TreePlan"] };
  run: { settings: Schemas["RunSettings"]; plan: Schemas["RunPlan"] };
}

export type Kind = keyof Kinds;
export type SettingsOf<K extends Kind> = Kinds[K]["settings"];
export type PlanOf<K extends Kind> = Kinds[K]["plan"];

type Known<K extends Kind, T> = Omit<T, "kind" | "settings"> & { kind: K; settings: SettingsOf<K> };

/** A piece whose kind is known, so that its settings are too. */
export type PieceOf<K extends Kind> = Known<K, Schemas["PieceOnBench"]>;
export type SavedPiece<K extends Kind> = Known<K, Schemas["Piece"]>;

export function isOf<K extends Kind>(kind: K, piece: Schemas["PieceOnBench"]): PieceOf<K> | null {
  return piece.kind === kind ? (piece as unknown as PieceOf<K>) : null;
}
