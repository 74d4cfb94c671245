import type { Schemas } from "../../src/api/client";

/** Samples along a level shelf from `from` to `to`, every 5 cm, with a body so thick. */
export function shelf(from: number, to: number, change: Partial<Schemas["RunSample"]> = {}): Schemas["RunSample"][] {
  const count = Math.round((to - from) / 0.05) + 1;
  return Array.from({ length: count }, (_, i) => ({
    at_m: i * 0.05,
    x_m: from + i * 0.05,
    y_m: 1.2,
    out_x: 0,
    out_y: 1,
    body_m: 0.2,
    thickness_m: 0.2,
    upper_m: 0.1,
    lower_m: 0.1,
    wanted_m: 0.2,
    ...change,
  })) as Schemas["RunSample"][];
}

/** A drop at the right end of a shelf, from the shelf down. */
export function drop(x: number, long: number, change: Partial<Schemas["RunSample"]> = {}): Schemas["RunSample"][] {
  return shelf(0, long, change).map((sample) => ({ ...sample, x_m: x, y_m: 1.2 - sample.at_m, out_x: 1, out_y: 0 }));
}
