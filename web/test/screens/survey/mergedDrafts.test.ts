import { expect, test } from "vitest";
import { mergedDrafts } from "../../../src/screens/survey/mergedDrafts";
import { draftOf, newPlace, type RoomDraft } from "../../../src/screens/survey/roomDraft";

const begun: RoomDraft = { ...draftOf(), name: "Snug", width_m: 4 };
const socket = { wall: "front", at_m: 1, floor_m: 0.3 };
const opening = { name: "Door", wall: "front", width_m: 0.9 } as RoomDraft["plan"]["openings"][number];

test("who measures the walls and who notes the sockets lose nothing of one another", () => {
  const mine = { ...begun, plan: { ...begun.plan, sockets: [socket] } };
  const theirs = { ...begun, width_m: 4.1, plan: { ...begun.plan, openings: [opening] } };
  const both = mergedDrafts(begun, mine, theirs);

  expect(both.clashing).toEqual([]);
  expect(both.mine).toEqual({
    ...begun,
    width_m: 4.1,
    plan: { ...begun.plan, sockets: [socket], openings: [opening] },
  });
  expect(both.theirs).toEqual(both.mine);
});

test("where both changed the same list it is to be chosen, and the rest is there in either", () => {
  const place = { ...newPlace(), name: "Corner" };
  const mine = { ...begun, places: [place], plan: { ...begun.plan, sockets: [socket] } };
  const theirs = { ...begun, notes: "Beam", plan: { ...begun.plan, sockets: [socket, socket] } };
  const both = mergedDrafts(begun, mine, theirs);

  expect(both.clashing).toEqual(["plan"]);
  expect(both.mine).toEqual({ ...mine, notes: "Beam" });
  expect(both.theirs).toEqual({ ...theirs, places: [place] });
});
