import { describe, expect, test } from "vitest";
import { day, evening, type Tokens } from "../../src/theme/tokens";

/** Relative luminance of a colour (#rrggbb), 0 to 1. */
function luminance(colour: string): number {
  const [red = 0, green = 0, blue = 0] = [1, 3, 5].map((at) => {
    const value = parseInt(colour.slice(at, at + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}

function contrast(one: string, other: string): number {
  const [light = 0, dark = 0] = [luminance(one), luminance(other)].sort((a, b) => b - a);
  return (light + 0.05) / (dark + 0.05);
}

describe.each([
  ["by day", day],
  ["in the evening", evening],
])("colours %s", (_, tokens: Tokens) => {
  test.each([
    ["ink", "paper"],
    ["ink", "card"],
    ["quiet", "paper"],
    ["quiet", "card"],
    ["spruce", "paper"],
    ["spruce", "card"],
    ["plum", "paper"],
    ["plum", "card"],
    ["brick", "card"],
    ["ink", "quinceWash"],
    ["ink", "brickWash"],
  ] as const)("%s is read on %s", (text, ground) => {
    expect(contrast(tokens[text], tokens[ground])).toBeGreaterThanOrEqual(4.5);
  });

  test("the edge of a control is seen on a card", () => {
    expect(contrast(tokens.edge, tokens.card)).toBeGreaterThanOrEqual(3);
  });

  test("every colour is whole", () => {
    Object.values(tokens).forEach((colour) => expect(colour).toMatch(/^#[0-9A-F]{6}$/));
  });
});
