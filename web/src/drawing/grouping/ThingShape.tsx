import type { ReactNode } from "react";
import { Beads, Bow, Candle, Figure, House, Lantern, SmallTree, Star, Stems } from "./dressShapes";
import type { Shaped } from "./shaped";
import { Basket, Board, Books, Cloth, Jug, LowBowl, Mirror, Tray } from "./wareShapes";

const SHAPES: Record<string, (shape: Shaped) => ReactNode> = {
  tray: Tray,
  cloth: Cloth,
  board: Board,
  mirror: Mirror,
  basket: Basket,
  vessel: Jug,
  lantern: Lantern,
  tree: SmallTree,
  house: House,
  figure: Figure,
  candle: Candle,
  block: Books,
  bowl: LowBowl,
  beads: Beads,
  bundle: Stems,
  star: Star,
  bow: Bow,
};

/** A thing of a group from the front, as large as it is: by what it is and its measures, no picture. */
export function ThingShape({ form, ...shape }: Shaped & { form: string }) {
  const Shape = SHAPES[form] ?? Tray;
  return <Shape {...shape} />;
}
