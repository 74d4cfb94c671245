import type { StageSize } from "../../drawing/shared/useSize";
import type { Projection } from "../../drawing/tree/projection";
import type { Hung } from "../../drawing/tree/paintDimTree";
import { hangs, type Progress, type RunStep, type Sheet } from "./progress";

type Portrait = NonNullable<Sheet["pieces"][number]["portrait"]>;

const FLOOR = 8;
/** Left of a tree stands the scale of its tiers; above it its topper. */
const SCALE_WIDE = 40;
const HEAD = 10;
const COMMON_M = 0.07;
const NO_COLOUR = "#8c8f8a";

/** The right edge of a tree, [radius, height above what it stands on] from the hem up. */
export function silhouetteOf(portrait: Portrait, riser: number): number[][] {
  const edge = portrait.shapes.find(({ part }) => part === "foliage")?.points ?? [];
  const top = edge.findIndex((point, i) => i > 0 && (edge[i - 1]?.[1] ?? 0) > (point[1] ?? 0));
  return edge
    .slice(0, top < 0 ? edge.length : top)
    .filter(([across = 0]) => across >= 0)
    .map(([across = 0, up = 0]) => [across, up - riser]);
}

/** A tree as large as it fits beside what is told at its right. */
export function treeFrame({ width, height }: StageSize, portrait: Portrait, beside: number): Projection {
  const wide = Math.max(width - beside - SCALE_WIDE, 1);
  const scale = Math.max(
    Math.min((wide - 16) / (portrait.right_m - portrait.left_m), (height - FLOOR - HEAD) / portrait.top_m),
    1,
  );
  return { scale, middle: SCALE_WIDE + wide / 2, floor: height - FLOOR, width, height };
}

/** What hangs on a tree by now. */
export function hungOn(sheet: Sheet, piece: string, progress: Progress): Hung[] {
  const styles: string[] = [];
  return sheet.steps
    .filter((step) => step.piece === piece)
    .flatMap((step) =>
      step.turns.flatMap((turn) => {
        if (!turn.place || !hangs(turn) || !progress.isUp(step, turn)) return [];
        const thing = step.things.find(({ key }) => key === turn.thing);
        if (turn.thing && !styles.includes(turn.thing)) styles.push(turn.thing);
        return [
          {
            across_m: turn.place.across_m,
            up_m: turn.place.up_m,
            angle_deg: turn.place.angle_deg,
            diameter_m: (thing?.diameter_mm ?? COMMON_M * 1000) / 1000,
            colour: thing?.colour ?? NO_COLOUR,
            pattern: styles.indexOf(turn.thing ?? ""),
          },
        ];
      }),
    );
}

export function colourIn(step: RunStep, thing: string | null): string {
  return step.things.find(({ key }) => key === thing)?.colour ?? NO_COLOUR;
}
