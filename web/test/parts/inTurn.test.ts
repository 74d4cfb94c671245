import { expect, test } from "vitest";
import { standingNext } from "../../src/parts/InTurn";

test("parts are built one after another until all of them stand", () => {
  const turns = [standingNext(0, 3)];
  while (turns.at(-1) !== Infinity && turns.length < 9) turns.push(standingNext(turns.at(-1) ?? 0, 3));
  expect(turns).toEqual([1, 2, Infinity]);
});

test("what is added once all stood takes nothing away that stands", () => {
  const built = standingNext(2, 3);
  expect(["one", "two", "new", "three"].slice(0, built)).toContain("three");
  expect(["new", "one"].slice(0, standingNext(0, 1))).toContain("one");
});
