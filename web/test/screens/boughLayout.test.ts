import { describe, expect, it } from "vitest";
import type { Job } from "../../src/screens/lessons/lessonWords";
import { acrossOf, endOf, frameOf, hung, ticksOf, upOf, wedgeOf } from "../../src/screens/lessons/boughLayout";

const job = (planned: number, took: number) => ({ id: `${planned} ${took}`, planned, took }) as Job;
const JOBS = [job(43, 66), job(66, 83), job(25, 24)];
const frame = frameOf(JOBS, 560, 380);

describe("the frame of the bough", () => {
  it("holds every job and the twig it hangs from", () => {
    for (const one of hung(frame, JOBS)) {
      expect(one.x).toBeLessThan(frame.right);
      expect(Math.min(one.y, one.bough)).toBeGreaterThanOrEqual(frame.top);
      expect(one.y).toBeLessThan(frame.bottom);
    }
  });

  it("hangs a slow job below the bough and stands a quick one above it", () => {
    const [slow, , quick] = hung(frame, JOBS);
    expect(slow?.y).toBeGreaterThan(slow?.bough ?? Infinity);
    expect(quick?.y).toBeLessThan(quick?.bough ?? 0);
  });

  it("draws a line of so many times the book through what took so many times its plan", () => {
    const [x, y] = endOf(frame, 1.5);
    const share = (acrossOf(frame, 30) - frame.left) / (x - frame.left);
    expect(frame.bottom + (y - frame.bottom) * share).toBeCloseTo(upOf(frame, 20));
  });

  it("ends every line at the edge of the frame", () => {
    for (const factor of [0.4, 0.9, 1, 1.2, 3]) {
      const [x, y] = endOf(frame, factor);
      expect(Math.abs(x - frame.right) < 1e-6 || Math.abs(y - frame.top) < 1e-6).toBe(true);
    }
  });

  it("opens a wedge of the spread, round the corner where its sides leave by different edges", () => {
    expect(wedgeOf(frame, { factor: 1.05, spread: 0.2 })).toContainEqual([frame.right, frame.top]);
    expect(wedgeOf(frame, { factor: 2, spread: 0.1 })).toHaveLength(3);
    expect(wedgeOf(frame, { factor: 1.2, spread: 0 })).toEqual([]);
    expect(wedgeOf(frame, { factor: null, spread: null })).toEqual([]);
  });

  it("says round figures along an axis", () => {
    expect(ticksOf(93)).toEqual([20, 40, 60, 80]);
    expect(ticksOf(0.7)).toHaveLength(3);
    expect(ticksOf(33)).toEqual([10, 20, 30]);
  });
});
