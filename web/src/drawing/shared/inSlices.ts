/** So long in a row is worked before whatever else waits is let through, milliseconds. */
const SLICE = 10;

/**
 * Works step by step in short slices, so that a dial or a key is never kept waiting; what is done within the first is
 * done at once.
 *
 *   const stop = inSlices(paintRun(scene, context, shades), () => show(picture));
 */
export function inSlices(steps: Iterator<unknown>, done: () => void, begin: "now" | "later" = "now"): () => void {
  let timer = 0;
  const work = () => {
    const until = performance.now() + SLICE;
    do {
      if (steps.next().done) {
        done();
        return;
      }
    } while (performance.now() < until);
    timer = window.setTimeout(work);
  };
  if (begin === "now") work();
  else timer = window.setTimeout(work);
  return () => window.clearTimeout(timer);
}
