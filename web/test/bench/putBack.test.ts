import { describe, expect, test } from "vitest";
import { putBack } from "../../src/bench/putBack";
import { run, tree } from "../settings";

describe("dials that no plan can be made with", () => {
  test("go back to their defaults, the rest of their step stays", () => {
    const kept = tree({ ribbon: { garland: "turns", garland_pitch_m: 0.05, cover: "full" } });

    const { ribbon } = putBack("tree", kept, ["/settings/ribbon/garland_pitch_m"]);

    expect([ribbon.garland_pitch_m, ribbon.garland, ribbon.cover]).toEqual([0.45, "turns", "full"]);
  });

  test("take their whole step along where they stand at their defaults already", () => {
    const kept = tree({ ribbon: { garland: "turns", cover: "full" }, picks: { cover: "lush" as never } });

    const back = putBack("tree", kept, ["/settings/ribbon/garland_pitch_m"]);

    expect(back.ribbon).toEqual(tree().ribbon);
    expect(back.picks.cover).toBe("lush");
  });

  test("are only those of the same step and name", () => {
    const kept = run({ length: { spans: 40, sag_m: 2.5 }, rise_and_trail: { high_m: 2 } });

    const back = putBack("run", kept, ["/settings/length/spans", "/settings/survey/sag_m", "/length/sag_m"]);

    expect([back.length.spans, back.length.sag_m, back.rise_and_trail.high_m]).toEqual([4, 2.5, 2]);
  });

  test("named twice go back once, and nothing named changes nothing", () => {
    const kept = run({ survey: { length_m: 55 } });

    expect(putBack("run", kept, ["/settings/survey/length_m", "/settings/survey/length_m"]).survey.length_m).toBeNull();
    expect(putBack("run", kept, [])).toEqual(kept);
  });
});
