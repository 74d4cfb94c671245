import { expect, test } from "vitest";
import { CHAPTERS } from "../../../src/screens/house-rules/chapters";
import rules from "../../../../core/lib/deck_bough/house_rules.yml?raw";

test("every chapter of the house rules has a name for people", () => {
  const chapters: string[] = rules.match(/^[a-z_]+(?=:)/gm) ?? [];
  expect(chapters.length).toBeGreaterThan(15);
  expect(chapters.filter((chapter) => !CHAPTERS[chapter])).toEqual([]);
  expect(Object.keys(CHAPTERS).filter((chapter) => !chapters.includes(chapter))).toEqual([]);
});
