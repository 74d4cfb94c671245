import type { Schemas } from "../../api/client";

/** Who and what has to be thought of in a home, in words. */
export function facts(home: Schemas["Home"]): string[] {
  const ages = home.children_ages;
  return [
    ages.length > 0 ? `${ages.length === 1 ? "a child" : `${ages.length} children`} of ${ages.join(" and ")}` : "",
    ...home.pets.map((pet) => (pet === "other" ? "a pet" : `a ${pet}`)),
    home.rented ? "rented, no nails or glue" : "",
    home.conifer_allergy ? "conifer allergy" : "",
  ].filter(Boolean);
}
