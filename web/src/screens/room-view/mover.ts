import type { Schemas } from "../../api/client";

type Moved = Schemas["PieceMoved"];
type View = Schemas["RoomView"];

/** Asks how the room would be with a piece elsewhere: one request at a time, of those that wait only the newest. */
export interface Mover {
  ask: (moved: Moved) => void;
  /** What is still under way is not told any more. */
  stop: () => void;
}

/**
 *   const mover = createMover((moved) => ask(client.POST(…)), setDragged);
 *   mover.ask({ piece, wall: "front", at_m: 1.2 });
 */
export function createMover(send: (moved: Moved) => Promise<View>, tell: (view: View) => void): Mover {
  let waiting: Moved | null = null;
  let busy = false;
  let turn = 0;

  async function go(moved: Moved): Promise<void> {
    busy = true;
    const mine = turn;
    try {
      const view = await send(moved);
      if (mine === turn) tell(view);
    } catch {
      // The next move asks again; putting it down tells what is wrong.
    }
    busy = false;
    const next = waiting;
    waiting = null;
    if (next) await go(next);
  }

  return {
    ask: (moved) => {
      if (busy) waiting = moved;
      else void go(moved);
    },
    stop: () => {
      turn += 1;
      waiting = null;
    },
  };
}
