import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { afterPaint } from "../../src/parts/afterPaint";

let frames: (() => void)[] = [];

beforeEach(() => {
  frames = [];
  vi.stubGlobal("requestAnimationFrame", (draw: () => void) => frames.push(draw));
  vi.stubGlobal("cancelAnimationFrame", (frame: number) => (frames[frame - 1] = () => undefined));
});

afterEach(() => vi.unstubAllGlobals());

/** Draws what waits for a frame, and lets messages posted in it come. */
async function draw() {
  frames.splice(0).forEach((frame) => frame());
  await new Promise((later) => setTimeout(later, 5));
}

test("what may wait is done once, after the frame and not in it", async () => {
  const told: string[] = [];
  afterPaint(() => told.push("done"));
  await draw().then(() => told.push("drawn"));
  await draw();
  expect(told).toEqual(["done", "drawn"]);
  afterPaint(() => told.push("again"));
  frames.splice(0).forEach((frame) => frame());
  expect(told).not.toContain("again");
});

test("what is stopped is not done, before its frame or after it", async () => {
  const told: string[] = [];
  afterPaint(() => told.push("before"))();
  await draw();
  const stop = afterPaint(() => told.push("after"));
  frames.splice(0).forEach((frame) => frame());
  stop();
  await draw();
  expect(told).toEqual([]);
});
