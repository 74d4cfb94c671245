import { expect, test } from "vitest";
import { merged } from "../../src/api/merged";

const BEGUN = { name: "Halyard", lead_days: 3, closed: [7], note: "" };

test("what only one changed stays, whoever it was", () => {
  const put = merged(BEGUN, { ...BEGUN, name: "Halyards", closed: [6, 7] }, { ...BEGUN, note: "Rings twice." });
  expect(put.clashing).toEqual([]);
  expect(put.mine).toEqual({ name: "Halyards", lead_days: 3, closed: [6, 7], note: "Rings twice." });
  expect(put.theirs).toEqual(put.mine);
});

test("where both changed the same field, each way keeps what only the other changed", () => {
  const mine = { ...BEGUN, name: "Halyards", lead_days: 9 };
  const put = merged(BEGUN, mine, { ...BEGUN, lead_days: 5, note: "Rings twice." });
  expect(put.clashing).toEqual(["lead_days"]);
  expect(put.mine).toEqual({ name: "Halyards", lead_days: 9, closed: [7], note: "Rings twice." });
  expect(put.theirs).toEqual({ name: "Halyards", lead_days: 5, closed: [7], note: "Rings twice." });
});

test("both changed it to the same: there is nothing to choose", () => {
  const both = { ...BEGUN, closed: [6, 7] };
  expect(merged(BEGUN, both, { ...both, closed: [6, 7] })).toEqual({ mine: both, theirs: both, clashing: [] });
});

test("what was changed and changed back is nobody's change", () => {
  const put = merged(BEGUN, { ...BEGUN }, { ...BEGUN, lead_days: 5, closed: [] });
  expect(put).toEqual({ mine: put.theirs, theirs: { ...BEGUN, lead_days: 5, closed: [] }, clashing: [] });
});
