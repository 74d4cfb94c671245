import { createElement } from "react";
import { describe, expect, test } from "vitest";
import { sayTheSame } from "../../src/parts/steady";

const base = { label: "Cover", value: 3, choices: { airy: "airy", full: "full" }, figure: { value: 12, unit: "m" } };

describe("a dial says the same", () => {
  test("when plain data was made anew with the same in it", () => {
    expect(sayTheSame(base, structuredClone(base))).toBe(true);
    expect(sayTheSame({ marks: [1, 2, [3]] }, { marks: [1, 2, [3]] })).toBe(true);
  });

  test("when a key that was not there is there and undefined", () => {
    expect(sayTheSame({ error: undefined, label: "a" }, { label: "a", help: undefined })).toBe(true);
  });

  test("when what is not a number stays none", () => {
    expect(sayTheSame({ value: NaN }, { value: NaN })).toBe(true);
  });
});

describe("a dial says something else", () => {
  test.each([
    ["a value moved", { ...base, value: 4 }],
    ["a figure moved", { ...base, figure: { value: 13, unit: "m" } }],
    ["a figure changed its unit", { ...base, figure: { value: 12, unit: "kg" } }],
    ["a choice was renamed", { ...base, choices: { airy: "light", full: "full" } }],
    ["a choice came", { ...base, choices: { airy: "airy", full: "full", lush: "lush" } }],
    ["one prop was left out", { label: "Cover", value: 3, choices: base.choices }],
    ["one prop came", { ...base, help: "usual" }],
    ["a list became an object", { ...base, choices: ["airy", "full"] }],
    ["something became nothing", { ...base, figure: null }],
  ])("when %s", (_, after) => {
    expect(sayTheSame(base, after)).toBe(false);
    expect(sayTheSame(after, base)).toBe(false);
  });

  test("when what is drawn inside was made anew", () => {
    expect(sayTheSame({ help: createElement("b") }, { help: createElement("b") })).toBe(false);
  });

  test("when a list is too long to be looked through, unless it is the very same", () => {
    const styles = Array.from({ length: 61 }, (_, i) => i);
    expect(sayTheSame({ styles }, { styles })).toBe(true);
    expect(sayTheSame({ styles }, { styles: [...styles] })).toBe(false);
  });

  test("when it differs deeper than it is looked into", () => {
    expect(sayTheSame({ a: { b: { c: { d: { e: 1 } } } } }, { a: { b: { c: { d: { e: 1 } } } } })).toBe(false);
  });
});
