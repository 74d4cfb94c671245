import { forgetStates } from "./runStates";

/** Where what was last seen of a studio is kept for hours without network. */
const KEPT = "studio";

/** Whoever signs out leaves nothing of the studio behind. */
export async function forgetStudio(): Promise<void> {
  forgetStates();
  if ("caches" in window) await caches.delete(KEPT);
}
