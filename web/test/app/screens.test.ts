import { expect, test } from "vitest";
import { SCREENS, screenAt } from "../../src/app/screens";

test("the screen of an address is known with what it asks for first", () => {
  expect(screenAt("/homes/quay")).toMatchObject({ path: "homes/:homeId", asks: ["/api/homes/quay"] });
  expect(screenAt("/homes/quay/")).toMatchObject({ path: "homes/:homeId" });
  expect(screenAt("/")?.asks).toEqual(["/api/season?page=1", "/api/buying?page=1"]);
  expect(screenAt("/pieces/tree/map")?.asks).toEqual(["/api/pieces/tree/hanging"]);
  expect(screenAt("/sign-in")?.asks).toEqual([]);
});

test("what may be left out of an address may be left out", () => {
  expect(screenAt("/house-rules/log")?.path).toBe("house-rules/log/:rule?");
  expect(screenAt("/house-rules/log/tree.height")?.path).toBe("house-rules/log/:rule?");
});

test("no address leads to two screens, and a strange one to none", () => {
  for (const { path } of SCREENS) expect(screenAt(`/${path.replace(/:\w+\??/g, "9c1f")}`)?.path).toBe(path);
  expect(screenAt("/nowhere")).toBeNull();
  expect(screenAt("/homes/quay/attic")).toBeNull();
});
