import type { Schemas } from "../../api/client";

type Settings = Schemas["DrinksSettings"];

/** What some may not eat. */
export const ALLERGENS: Record<Settings["jars"]["jars"][number]["allergens"][number], string> = {
  milk: "milk",
  nuts: "nuts",
  gluten: "gluten",
  soya: "soya",
  egg: "egg",
  sesame: "sesame",
};
