import { describe, expect, test } from "vitest";
import type { Schemas } from "../../src/api/client";
import { deletedTold, freesTold, gainsTold } from "../../src/parts/frees";

type Item = Schemas["Frees"]["items"][number];

function item(name: string, quantity: number, changes: Partial<Item> = {}): Item {
  return { style: name, name, kind: "ornament", quantity, gains: [], gains_more: 0, ...changes };
}

const tree = { piece: "t", name: "Alcove tree", home: "Number Nine", quantity: 4 };

describe("what a change frees", () => {
  test("is said thing by thing, two of them at most", () => {
    expect(freesTold({ items: [item("Quince ball", 9)], more: 0 }, "metric")).toBe("Frees 9 Quince ball.");
    const four = [item("Quince ball", 9), item("Chalk pear", 3), item("Pewter leaf", 2), item("Sage velvet", 1)];
    expect(freesTold({ items: four, more: 2 }, "metric")).toBe("Frees 9 Quince ball; 3 Chalk pear and 4 more.");
  });

  test("says who has it from then on, the first by name", () => {
    const one = item("Quince ball", 9, { gains: [tree] });
    expect(freesTold({ items: [one], more: 0 }, "metric")).toBe(
      "Frees 9 Quince ball, 4 of it for Alcove tree, Number Nine.",
    );
    const many = item("Quince ball", 9, { gains: [tree, tree], gains_more: 3 });
    expect(freesTold({ items: [many], more: 0 }, "metric")).toContain("Alcove tree, Number Nine and 4 other pieces.");
  });

  test("ribbon goes by its length in the units of the studio", () => {
    const ribbon = item("Plum ribbon", 3.048, { kind: "ribbon" });
    expect(freesTold({ items: [ribbon], more: 0 }, "imperial")).toBe("Frees 10.0 ft Plum ribbon.");
    expect(freesTold({ items: [ribbon], more: 0 }, "metric")).toBe("Frees 3.0 m Plum ribbon.");
  });

  test("a dial says only what others have from then on", () => {
    const items = [item("Chalk pear", 3), item("Quince ball", 9, { gains: [tree] })];
    expect(gainsTold({ items, more: 4 }, "metric")).toBe("Frees 9 Quince ball, 4 of it for Alcove tree, Number Nine.");
    expect(gainsTold({ items: [item("Chalk pear", 3)], more: 0 }, "metric")).toBe("");
  });

  test("of what frees nothing only the deletion is said", () => {
    expect(deletedTold("Stair rail", { items: [], more: 0 }, "metric")).toBe("Stair rail was deleted.");
    expect(deletedTold("Stair rail", { items: [item("Chalk pear", 3)], more: 0 }, "metric")).toBe(
      "Stair rail was deleted. Frees 3 Chalk pear.",
    );
  });
});
