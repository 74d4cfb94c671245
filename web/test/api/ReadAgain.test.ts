import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { describe, expect, test, vi } from "vitest";
import { ReadAgain } from "../../src/api/ReadAgain";

/** A home that is being read for the first time while a piece of it is brought back. */
async function shownAfterAnAct(cache: QueryClient, filters?: { queryKey: string[] }) {
  const answers: ((pieces: string[]) => void)[] = [];
  const read = () => new Promise<string[]>((answer) => answers.push(answer));
  const home = new QueryObserver(cache, { queryKey: ["home", "quay"], queryFn: read });
  const leave = home.subscribe(() => undefined);
  const again = cache.invalidateQueries(filters);
  answers[0]?.([]);
  answers[1]?.(["tree"]);
  await again;
  const shown = await vi.waitUntil(() => home.getCurrentResult().data);
  leave();
  return shown;
}

describe("what is read for the first time while something is done", () => {
  test("is read again, and the answer made before the act is not shown", async () => {
    expect(await shownAfterAnAct(new ReadAgain())).toEqual(["tree"]);
    expect(await shownAfterAnAct(new ReadAgain(), { queryKey: ["home"] })).toEqual(["tree"]);
  });

  test("would be shown as it was before the act by the library itself", async () => {
    expect(await shownAfterAnAct(new QueryClient())).toEqual([]);
  });

  test("goes on when the act does not touch it", async () => {
    expect(await shownAfterAnAct(new ReadAgain(), { queryKey: ["looks"] })).toEqual([]);
  });
});
