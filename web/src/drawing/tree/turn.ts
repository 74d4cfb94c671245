/** How far a tree is turned. It lives outside React: turning repaints the stage and nothing else. */
export interface Turn {
  degrees: () => number;
  by: (degrees: number) => void;
  /** Has `paint` called at every turn; gives a function that stops it. */
  listen: (paint: () => void) => () => void;
}

export function createTurn(): Turn {
  const listeners = new Set<() => void>();
  let turned = 0;
  return {
    degrees: () => turned,
    by: (degrees) => {
      turned = (turned + degrees) % 360;
      listeners.forEach((paint) => paint());
    },
    listen: (paint) => {
      listeners.add(paint);
      return () => void listeners.delete(paint);
    },
  };
}
