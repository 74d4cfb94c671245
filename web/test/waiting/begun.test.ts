import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { begun, done, goOn, type BegunCount } from "../../src/waiting/begun";

const kept = new Map<string, string>();
const BOX = "6f9619ff-8b86-4d01-b42d-00c04fc964ff";
const count: BegunCount = { account: "ada@fir.example", key: "k", more: [], seen: [["pear", 3]], note: "three broke" };

beforeEach(() => {
  kept.clear();
  vi.stubGlobal("localStorage", {
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, text: string) => void kept.set(name, text),
    removeItem: (name: string) => void kept.delete(name),
  });
});
afterEach(() => void vi.unstubAllGlobals());

test("a count goes on where it was, with the key it had", () => {
  goOn(BOX, count);
  expect(begun(BOX, "ada@fir.example")).toEqual(count);
  expect(begun("another box", "ada@fir.example")).toBeNull();
  done(BOX);
  expect(begun(BOX, "ada@fir.example")).toBeNull();
});

test("nobody goes on with the count of somebody else", () => {
  goOn(BOX, count);
  expect(begun(BOX, "bo@fir.example")).toBeNull();
});

test.each(["{", "[]", "3", '{"account":"ada@fir.example"}'])("what is left half written (%s) is none", (text) => {
  kept.set(`deck-bough:counting:${BOX}`, text);
  expect(begun(BOX, "ada@fir.example")).toBeNull();
});

test("a browser that keeps nothing counts all the same", () => {
  vi.stubGlobal("localStorage", {
    setItem: () => {
      throw new Error("full");
    },
  });
  expect(() => goOn(BOX, count)).not.toThrow();
});
