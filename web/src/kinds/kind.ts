import type { Schemas } from "../api/client";

/** What only the places of a tree's ornaments tell; it comes a moment after the rest. */
type Placed = Partial<Pick<Schemas["TreePlaces"], "hanging">>;

/** The kinds of piece there are: what each is dialled with and what its plan tells. */
export interface Kinds {
  tree: { settings: Schemas["TreeSettings"]; plan: Schemas["TreePlan"] & Placed };
  run: { settings: Schemas["RunSettings"]; plan: Schemas["RunPlan"] };
  wreath: { settings: Schemas["WreathSettings"]; plan: Schemas["WreathPlan"] };
  wall: { settings: Schemas["WallSettings"]; plan: Schemas["WallPlan"] };
  grouping: { settings: Schemas["GroupingSettings"]; plan: Schemas["GroupingPlan"] };
  drops: { settings: Schemas["DropsSettings"]; plan: Schemas["DropsPlan"] };
  table: { settings: Schemas["TableSettings"]; plan: Schemas["TablePlan"] };
  stockings: { settings: Schemas["StockingsSettings"]; plan: Schemas["StockingsPlan"] };
  drinks: { settings: Schemas["DrinksSettings"]; plan: Schemas["DrinksPlan"] };
  shelves: { settings: Schemas["ShelvesSettings"]; plan: Schemas["ShelvesPlan"] };
  swaps: { settings: Schemas["SwapsSettings"]; plan: Schemas["SwapsPlan"] };
}

export type Kind = Schemas["PieceKind"] & keyof Kinds;
export type SettingsOf<K extends Kind> = Kinds[K]["settings"];
export type PlanOf<K extends Kind> = Kinds[K]["plan"];
export type AnyPlan = { [K in Kind]: PlanOf<K> }[Kind];

type Known<K extends Kind, T> = Omit<T, "kind" | "settings"> & { kind: K; settings: SettingsOf<K> };

/** A piece whose kind is known, so that its settings are too. */
export type PieceOf<K extends Kind> = Known<K, Schemas["PieceOnBench"]>;
export type SavedPiece<K extends Kind> = Known<K, Schemas["Piece"]>;

export function isSaved<K extends Kind>(kind: K, piece: Schemas["Piece"]): piece is Schemas["Piece"] & SavedPiece<K> {
  return piece.kind === kind;
}

export function isBenched<K extends Kind>(
  kind: K,
  piece: Schemas["PieceOnBench"],
): piece is Schemas["PieceOnBench"] & PieceOf<K> {
  return piece.kind === kind;
}

/** A plan as the server tells it, of whichever kind. */
type ToldPlan =
  | Schemas["TreePlan"]
  | Schemas["RunPlan"]
  | Schemas["WreathPlan"]
  | Schemas["WallPlan"]
  | Schemas["GroupingPlan"]
  | Schemas["DropsPlan"]
  | Schemas["TablePlan"]
  | Schemas["StockingsPlan"]
  | Schemas["DrinksPlan"]
  | Schemas["ShelvesPlan"]
  | Schemas["SwapsPlan"];

export function isPlan<K extends Kind>(kind: K, plan: ToldPlan): plan is ToldPlan & PlanOf<K> {
  return plan.kind === kind;
}

/** The server answered for another kind than it was asked for: nothing that could be shown. */
export class OtherKind extends Error {}
