import type { Job, Lesson } from "./lessonWords";

export interface Frame {
  width: number;
  height: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
  /** What the axes reach to. */
  most: { took: number; planned: number };
}

export interface Hung {
  job: Job;
  x: number;
  y: number;
  /** Where the book's line is at the same time taken. */
  bough: number;
}

/** Free beyond the farthest job, so that no ball touches the edge. */
const BEYOND = 1.12;
const ABOVE = 1.04;
const MARGIN = { left: 44, right: 14, top: 26, bottom: 40 };
const STEPS = [1, 2, 5, 10];
const TICKS = 6;

/** The picture's frame: what was planned upwards, what it took to the right. */
export function frameOf(jobs: Job[], width: number, height: number): Frame {
  const longest = Math.max(...jobs.map((job) => job.took), 0.1);
  const took = longest * BEYOND;
  // As high as the bough is over the slowest job, so that every thread has its twig.
  const planned = Math.max(...jobs.map((job) => job.planned * BEYOND), longest * ABOVE);
  return {
    width,
    height,
    left: MARGIN.left,
    right: width - MARGIN.right,
    top: MARGIN.top,
    bottom: height - MARGIN.bottom,
    most: { took, planned },
  };
}

export function acrossOf({ left, right, most }: Frame, took: number): number {
  return left + (took / most.took) * (right - left);
}

export function upOf({ top, bottom, most }: Frame, planned: number): number {
  return bottom - (planned / most.planned) * (bottom - top);
}

/** Round figures along an axis. */
export function ticksOf(most: number): number[] {
  const rough = most / TICKS;
  const size = 10 ** Math.floor(Math.log10(rough));
  const step = (STEPS.find((one) => one * size >= rough) ?? 10) * size;
  return Array.from({ length: Math.floor(most / step) }, (_, i) => (i + 1) * step);
}

export function hung(frame: Frame, jobs: Job[]): Hung[] {
  return jobs.map((job) => ({
    job,
    x: acrossOf(frame, job.took),
    y: upOf(frame, job.planned),
    bough: upOf(frame, job.took),
  }));
}

/** Where a line of so many times the book leaves the frame. */
export function endOf(frame: Frame, factor: number): [number, number] {
  const { took, planned } = frame.most;
  const end = Math.min(took, planned * factor);
  return [acrossOf(frame, end), upOf(frame, end / factor)];
}

/** The corner of the frame between two lines, where they leave it by different sides. */
export function wedgeOf(frame: Frame, { factor, spread }: Pick<Lesson, "factor" | "spread">): [number, number][] {
  if (factor === null || spread === null || spread === 0) return [];
  const slow = endOf(frame, factor + spread);
  const quick = endOf(frame, Math.max(factor - spread, 0.05));
  const apart = slow[0] >= frame.right - 0.5 && quick[1] <= frame.top + 0.5 && quick[0] < frame.right - 0.5;
  const origin: [number, number] = [frame.left, frame.bottom];
  return [origin, quick, ...(apart ? [[frame.right, frame.top] as [number, number]] : []), slow];
}
