import { describe, expect, test } from "vitest";
import { rebase } from "../../src/bench/rebase";
import type { Draft } from "../../src/bench/useBench";
import { tree } from "../settings";

function draft(change: Partial<Draft<"tree">> = {}, height: number | null = 2.4): Draft<"tree"> {
  return { name: "Bay tree", place_id: "quay", settings: tree({ measure: { height_m: height } }), ...change };
}

function dialled(onto: Draft<"tree">, group: "measure" | "ribbon" | "ornaments", part: object): Draft<"tree"> {
  return { ...onto, settings: { ...onto.settings, [group]: { ...onto.settings[group], ...part } } };
}

describe("what was dialled meanwhile", () => {
  test("stays on top of what was saved", () => {
    const said = draft();
    const now = dialled(said, "ornaments", { own_total: 120 });
    const saved = dialled(said, "measure", { hem_m: 0.3 });

    const result = rebase(now, said, saved, []);

    expect(result.settings.ornaments.own_total).toBe(120);
    expect(result.settings.measure.hem_m).toBe(0.3);
    expect(result.settings.measure.height_m).toBe(2.4);
  });

  test("is dial by dial, so that two dials of one step merge", () => {
    const from = draft();
    const mine = dialled(from, "measure", { height_m: 3 });
    const theirs = dialled(from, "measure", { riser_m: 0.2 });

    const { measure } = rebase(mine, from, theirs, []).settings;

    expect([measure.height_m, measure.riser_m]).toEqual([3, 0.2]);
  });

  test("of the same dial my own end holds unless theirs is named", () => {
    const from = draft();
    const mine = dialled(from, "measure", { height_m: 3 });
    const theirs = dialled(from, "measure", { height_m: 2.1 });

    expect(rebase(mine, from, theirs, []).settings.measure.height_m).toBe(3);
    expect(rebase(mine, from, theirs, ["/settings/measure/height_m"]).settings.measure.height_m).toBe(2.1);
  });

  test("goes for name and place as well", () => {
    const from = draft();
    const mine = { ...from, name: "Quay tree" };
    const theirs = { ...from, place_id: "corner" };

    expect(rebase(mine, from, theirs, [])).toMatchObject({ name: "Quay tree", place_id: "corner" });
    expect(rebase({ ...mine, place_id: "bay" }, from, theirs, ["/place_id"])).toMatchObject({ place_id: "corner" });
  });

  test("turning a dial back to where it was counts as not turned", () => {
    const from = draft();
    const theirs = dialled(from, "ribbon", { cover: "full" });

    expect(rebase(dialled(from, "ribbon", { cover: from.settings.ribbon.cover }), from, theirs, [])).toEqual(theirs);
  });

  test("lists are one dial: whole or not at all", () => {
    const from = draft();
    const mine = dialled(from, "ornaments", { styles: ["plum", "slate"] });
    const theirs = dialled(from, "ornaments", { styles: ["bell"], seed: 9 });

    const { ornaments } = rebase(mine, from, theirs, []).settings;

    expect([ornaments.styles, ornaments.seed]).toEqual([["plum", "slate"], 9]);
  });

  test("changes neither of the two it came from", () => {
    const from = draft();
    const mine = dialled(from, "measure", { height_m: 3 });
    const [before, after] = [JSON.stringify(from), JSON.stringify(mine)];

    rebase(mine, from, draft({}, 1.8), []);

    expect([JSON.stringify(from), JSON.stringify(mine)]).toEqual([before, after]);
  });
});
