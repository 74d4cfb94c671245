import { expect, test } from "vitest";
import { SHARED_FILES } from "../sharedFiles";

const SCREENS = ["season/Season", "sign-in/SignIn", "home/Home", "stock/Stockroom", "days/Days", "looks/Looks"]
  .concat(["ideas/Ideas", "boxes/Boxes", "deleted/Deleted"])
  .map((screen) => `/web/src/screens/${screen}.tsx`);
const BENCHES = ["tree", "run", "wreath", "wall"].map((kind) => `/web/src/screens/${kind}-bench/${kind}Screen.tsx`);
const MAIN = "/web/src/main.tsx";

/** In which file a module lies that these screens import, by way of another. */
function fileOf(...screens: string[]) {
  const graph = {
    getModuleInfo: (id: string) => ({
      importers: { asked: ["between"], between: screens }[id] ?? [],
      dynamicImporters: [...SCREENS, ...BENCHES].includes(id) ? [MAIN] : [],
      isEntry: id === MAIN,
    }),
  };
  return [...SHARED_FILES]
    .sort((one, other) => other.priority - one.priority)
    .map(({ name }) => name("asked", graph))
    .find((name) => name !== null);
}

const [season = "", signIn = "", home = "", ...others] = SCREENS;

test("what several screens share lies with what the first of them needs", () => {
  expect(fileOf(season, home, ...BENCHES)).toBe("desk");
  expect(fileOf(MAIN, ...others)).toBe("desk");
  expect(fileOf(signIn, ...others, ...BENCHES)).toBe("door");
  expect(fileOf(home, ...BENCHES)).toBe("rooms");
  expect(fileOf(...others, ...BENCHES)).toBe("often");
});

test("what benches share comes with benches, what little else shares with it apart from that", () => {
  expect(fileOf(...BENCHES)).toBe("bench");
  expect(fileOf(...BENCHES, ...others.slice(0, 2))).toBe("tools");
});

test("what is a screen's own, or shared by few, stays out of what others wait for", () => {
  expect(fileOf(season)).toBeUndefined();
  expect(fileOf(...others.slice(0, 2))).toBeUndefined();
  expect(fileOf(...BENCHES.slice(0, 2))).toBeUndefined();
});
