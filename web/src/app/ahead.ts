import { askAhead } from "../api/ahead";
import type { Schemas } from "../api/client";
import { fetchBench } from "../kinds/benches";
import { screenAt } from "./screens";

const BENCH = "pieces/:pieceId";

const json = async <T>(answer: Response) => (await answer.clone().json()) as T;

/** What a bench needs is known by its piece. */
function benchAhead({ id, kind, place_id, settings }: Schemas["PieceOnBench"]) {
  fetchBench(kind).catch(() => undefined);
  askAhead(`/api/styles?page=1&piece=${id}`);
  askAhead(`/api/pieces/${id}/plan`, { place_id, settings });
}

/** What a page kept when it was left for itself, by loading it anew, may still be on its way. */
function isLoadedAnew(): boolean {
  return performance.getEntriesByType("navigation").some((way) => "type" in way && way.type !== "navigate");
}

async function askFor({ path, load, asks }: NonNullable<ReturnType<typeof screenAt>>) {
  load().catch(() => undefined);
  const { me } = await json<Schemas["Door"]>(await askAhead("/api/door"));
  if (!me || isLoadedAnew()) return;
  const [first] = asks.map((one) => askAhead(one));
  if (path !== BENCH || !first) return;
  const answer = await first;
  if (answer.ok) benchAhead(await json(answer));
}

// The screen of the address, and what it asks for first, come while the scripts that every screen needs are still on the
// way: on a slow line each after the other would wait for the one before. What cannot be had the screen asks for again.
const screen = screenAt(location.pathname);
if (screen) askFor(screen).catch(() => undefined);
