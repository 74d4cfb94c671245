import type { Schemas } from "../api/client";
import type { AnyPlan, Kind, PlanOf } from "../kinds/kind";

type TreePlan = PlanOf<"tree">;
/** Figures that follow from where ornaments hang; until those are known again the ones before stand. */
const PLACED_FIGURES = ["evenness", "largest_gap"];

function isTree(plan: AnyPlan): plan is TreePlan {
  return plan.kind === "tree";
}

function keptFrom(before: TreePlan): Pick<TreePlan, "hanging"> & { figures: TreePlan["figures"] } {
  const figures = Object.fromEntries(Object.entries(before.figures).filter(([name]) => PLACED_FIGURES.includes(name)));
  return { figures, ...(before.hanging ? { hanging: before.hanging } : {}) };
}

/** A new plan whose ornaments are still being placed: those that hang stay where they are meanwhile. */
export function withoutPlaces<K extends Kind>(plan: PlanOf<K>, before: PlanOf<K> | null): PlanOf<K> {
  const now: AnyPlan = plan;
  const earlier: AnyPlan | null = before;
  if (!earlier || !isTree(now) || !isTree(earlier) || !now.chosen || !earlier.chosen) return plan;
  const { tiers, ornaments } = earlier.drawing;
  const kept = keptFrom(earlier);
  return {
    ...plan,
    ...kept,
    figures: { ...plan.figures, ...kept.figures },
    drawing: { ...plan.drawing, ...(tiers ? { tiers } : {}), ...(ornaments ? { ornaments } : {}) },
  };
}

/** The plan with its ornaments in their new places. */
export function withPlaces<K extends Kind>(plan: PlanOf<K>, places: Schemas["TreePlaces"]): PlanOf<K> {
  return {
    ...plan,
    hanging: places.hanging,
    cautions: places.cautions,
    figures: { ...plan.figures, ...places.figures },
    drawing: { ...plan.drawing, ...places.drawing },
  };
}
