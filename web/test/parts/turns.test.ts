import { expect, test } from "vitest";
import { standingNext, Turn } from "../../src/parts/turns";

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

/** A turn that counts how often it went on. */
function counted() {
  const turn = new Turn();
  const told = { passed: 0 };
  turn.whenItStands(() => (told.passed += 1));
  return { turn, told };
}

test("a part that is built in turn itself is waited for, and so is every one within it", () => {
  const { turn, told } = counted();
  const [one, other] = [turn.hold(), turn.hold()];
  turn.stand();
  one();
  one();
  expect(told.passed).toBe(0);
  other();
  expect(told.passed).toBe(1);
});

test("nobody goes on twice for the same part, nor before it stands", () => {
  const { turn, told } = counted();
  turn.hold()();
  expect(told.passed).toBe(0);
  turn.stand();
  turn.hold()();
  expect(told.passed).toBe(1);
  turn.stand();
  expect(told.passed).toBe(2);
});
