import type { Schemas } from "../../api/client";
import type { Handle } from "../../drawing/run/OutlineHandles";

type Settings = Schemas["RunSettings"];
type Outline = Settings["rise_and_trail"];
type Sample = Schemas["RunSample"];

/** Where along the main part an outline is fullest and thinnest; shares of its length. */
const PLACES: Record<Exclude<Outline["shape"], "free">, { high: number; low: number | null }> = {
  level: { high: 0.5, low: null },
  crest: { high: 0.5, low: 0 },
  ends: { high: 1, low: 0.5 },
  crescent: { high: 0.5, low: 0 },
  waterfall: { high: 1, low: 0 },
};

function nearest(samples: Sample[], x: number): number {
  return samples.reduce((best, sample) => (Math.abs(sample.x_m - x) < Math.abs(best.x_m - x) ? sample : best)).at_m;
}

/** The few handles of the outline wanted: its thin and full places, or the points of a free one. */
export function outlineHandles(
  settings: Settings,
  plan: Schemas["RunPlan"],
  change: (part: Partial<Outline>) => void,
): Handle[] {
  const said = settings.rise_and_trail;
  const samples = (plan.drawing.samples ?? []).filter(({ out_y }) => Math.abs(out_y) > 0.3);
  const first = samples[0];
  const last = samples.at(-1);
  if (!first || !last) return [];
  const shape = said.shape;
  if (shape === "free")
    return said.points.map((point, i) => ({
      id: `point ${i + 1}`,
      at: first.at_m + point.at_m,
      thickness: point.thickness_m,
      onChange: (thickness) =>
        change({ points: said.points.map((known, k) => (k === i ? { ...known, thickness_m: thickness } : known)) }),
    }));
  const turned = shape === "waterfall" && said.side === "left";
  const at = (share: number) => nearest(samples, first.x_m + (last.x_m - first.x_m) * (turned ? 1 - share : share));
  const { high, low } = PLACES[shape];
  const full: Handle = {
    id: "full",
    at: at(high),
    thickness: said.high_m,
    onChange: (thickness) => change({ high_m: thickness }),
  };
  if (low === null) return [full];
  return [
    full,
    { id: "thin", at: at(low), thickness: said.low_m, onChange: (thickness) => change({ low_m: thickness }) },
  ];
}
