import { describe, expect, it } from "vitest";
import type { Schemas } from "../../../src/api/client";
import { createMover } from "../../../src/screens/room-view/mover";

type Moved = Schemas["PieceMoved"];
type View = Schemas["RoomView"];

/** A server that answers when it is told to, with where the piece was asked to be. */
function slow() {
  const asked: number[] = [];
  const waiting: (() => void)[] = [];
  const send = (moved: Moved) => {
    asked.push(moved.at_m);
    return new Promise<View>((resolve) => waiting.push(() => resolve({ pending: moved.at_m } as View)));
  };
  const answer = async () => {
    waiting.shift()?.();
    await Promise.resolve();
    await Promise.resolve();
    await Promise.resolve();
  };
  return { asked, send, answer };
}

const to = (at_m: number): Moved => ({ piece: "tree", wall: "front", at_m });

describe("moving a piece", () => {
  it("asks one at a time and of those that wait only the newest", async () => {
    const server = slow();
    const told: number[] = [];
    const mover = createMover(server.send, ({ pending }) => told.push(pending));
    [1, 2, 3, 4].forEach((at) => mover.ask(to(at)));
    expect(server.asked).toEqual([1]);
    await server.answer();
    expect(server.asked).toEqual([1, 4]);
    await server.answer();
    expect(told).toEqual([1, 4]);
  });

  it("tells nothing of what is under way once it was put down", async () => {
    const server = slow();
    const told: number[] = [];
    const mover = createMover(server.send, ({ pending }) => told.push(pending));
    mover.ask(to(1));
    mover.ask(to(2));
    mover.stop();
    await server.answer();
    expect(told).toEqual([]);
    expect(server.asked).toEqual([1]);
  });

  it("goes on after an answer that failed", async () => {
    let failed = false;
    const told: number[] = [];
    const mover = createMover(
      (moved) => {
        if (!failed) {
          failed = true;
          return Promise.reject(new Error("gone"));
        }
        return Promise.resolve({ pending: moved.at_m } as View);
      },
      ({ pending }) => told.push(pending),
    );
    mover.ask(to(1));
    mover.ask(to(2));
    for (let i = 0; i < 6; i += 1) await Promise.resolve();
    expect(told).toEqual([2]);
  });
});
