import { describe, expect, test } from "vitest";
import { ASKED, bodyOf, inWords, saidOf, TEXTURES, TICKS, TITLES, type StyleKind } from "../../src/bench/styleFields";
import { worst } from "../../src/bench/StepTabs";

const KINDS = Object.keys(TITLES) as StyleKind[];
const fresh = { style: undefined, units: "metric" } as const;
const TICKED = ["breakable", "keepsake", "two_way", "retired"];

const slate = {
  id: "slate",
  kind: "ornament",
  name: "Slate glass",
  colour: "#5b7083",
  material: "glass",
  diameter_mm: 100,
  mass_g: 62.5,
  pack_size: 4,
  price_cents: 1480,
  on_hand: 12,
  breakable: true,
  keepsake: false,
  two_way: false,
  reach_m: 0.4,
  belongs_with: "lid",
} as never;

describe("what is asked of a style", () => {
  test("of every kind is something, each once and kept under a name that is known", () => {
    const known = Object.keys(saidOf(undefined, "pick", "metric"));
    for (const kind of KINDS) {
      const names = ASKED[kind].map(({ name }) => name);
      expect(names.length).toBeGreaterThan(0);
      expect(new Set(names).size).toBe(names.length);
      names.forEach((name) => expect(known).toContain(name));
    }
  });

  test("has ticks only for what can be ticked", () => {
    const ticks = Object.values(TICKS).flatMap((those) => those.map(({ name }) => name));

    // What is retired is asked of any style there is.
    expect([...new Set(ticks), "retired"].sort()).toEqual([...TICKED].sort());
    expect(new Set(TEXTURES).size).toBe(TEXTURES.length);
  });
});

describe("a style", () => {
  test("shown and kept without a change is the one it was", () => {
    const body = bodyOf("ornament", saidOf(slate, "ornament", "metric"), { style: slate, units: "metric" });

    expect(body).toMatchObject({
      name: "Slate glass",
      colour: "#5b7083",
      material: "glass",
      diameter_mm: 100,
      mass_g: 62.5,
      pack_size: 4,
      price_cents: 1480,
      on_hand: 12,
      breakable: true,
      reach_m: 0.4,
      belongs_with: "lid",
    });
  });

  test("shown in feet and kept without a change is the one it was", () => {
    const roll = { ...(slate as object), kind: "ribbon", pack_size: 9.144, on_hand: 7.62 } as never;
    const texts = saidOf(roll, "ribbon", "imperial");

    expect([texts.pack_size, texts.on_hand, texts.mass_g]).toEqual(["30", "25", "2.2046"]);
    expect(bodyOf("ribbon", texts, { style: roll, units: "imperial" })).toMatchObject({
      pack_size: 9.144,
      on_hand: 7.62,
      price_cents: 1480,
    });
  });

  test("left as it was keeps what reads only roughly in feet", () => {
    const roll = { ...(slate as object), kind: "ribbon", pack_size: 10, on_hand: 3.3333333 } as never;
    const texts = { ...saidOf(roll, "ribbon", "imperial"), on_hand: "11" };

    expect(bodyOf("ribbon", texts, { style: roll, units: "imperial" })).toMatchObject({
      pack_size: 10,
      on_hand: 3.3528,
    });
  });

  test("that is new begins with one in a pack and none on hand", () => {
    const body = bodyOf("pick", { ...saidOf(undefined, "pick", "metric"), name: "Fern" }, fresh);

    expect(body).toMatchObject({
      name: "Fern",
      kind: "pick",
      pack_size: 1,
      on_hand: 0,
      price_cents: null,
      bulbs: null,
    });
  });

  test.each([
    ["12,5", 12.5],
    ["12.5", 12.5],
    [" 40 ", 40],
    ["", null],
    ["  ", null],
    ["0", 0],
  ])("takes %j grams as %s", (typed, grams) => {
    expect(bodyOf("stem", { ...saidOf(undefined, "pick", "metric"), mass_g: typed }, fresh).mass_g).toBe(grams);
  });

  test("takes a price in whole units and keeps it in cents", () => {
    const cents = (price: string) =>
      bodyOf("light", { ...saidOf(undefined, "pick", "metric"), price }, fresh).price_cents;

    expect(["14.80", "14,8", "0.07", "", "1.005"].map(cents)).toEqual([1480, 1480, 7, null, 100]);
  });

  test("sends what is no number as it was typed, for the server to name, never as nothing", () => {
    const body = bodyOf("fixing", { ...saidOf(undefined, "pick", "metric"), rated_kg: "two", price: "cheap" }, fresh);

    expect(body).toMatchObject({ rated_kg: "two", price_cents: "cheap" });
  });
});

describe("a style in words", () => {
  test("tells its numbers in the studio's units, by what they are called", () => {
    const roll = { ...(slate as object), kind: "ribbon", pack_size: 9.144, on_hand: 7.62, width_mm: 63.5 } as never;
    const words = inWords(saidOf(roll, "ribbon", "imperial"), "ribbon", "imperial");

    expect(words).toMatchObject({
      on_hand: ["On hand", "25 ft"],
      pack_size: ["On a roll", "30 ft"],
      width_mm: ["Width", "2.5 in"],
      material: ["Kind", "glass"],
      breakable: ["Breakable", "yes"],
    });
    expect(words.bulbs[1]).toBe("");
  });
});

describe("the gravest finding of a step", () => {
  const caution = (step: string, severity: string) => ({ step, severity, code: "x", message: "y" }) as never;

  test("is a stop before a caution, and a note is none", () => {
    expect(worst([caution("foot", "caution"), caution("foot", "stop")], "foot")).toBe("stop");
    expect(worst([caution("foot", "info"), caution("foot", "caution")], "foot")).toBe("caution");
    expect(worst([caution("foot", "info")], "foot")).toBeUndefined();
  });

  test("is of that step alone", () => {
    expect(worst([caution("crown", "stop")], "foot")).toBeUndefined();
    expect(worst([], "foot")).toBeUndefined();
  });
});
