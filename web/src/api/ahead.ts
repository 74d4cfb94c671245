/** Milliseconds after which nobody waits any more for an answer that was asked for ahead. */
const KEPT = 10_000;

interface Asked {
  /** The body, as it was sent; empty where there is none. */
  said: string;
  answer: Promise<Response>;
}

const asked = new Map<string, Asked>();

/**
 * Asks for what the first screen is about to ask for, while its script is still on the way. With a body it is a question
 * that takes one, as for a plan.
 *
 *   askAhead("/api/homes/9c…");
 */
export function askAhead(path: string, body?: object): Promise<Response> {
  const { href } = new URL(path, location.href);
  const said = body ? JSON.stringify(body) : "";
  const answer = fetch(
    href,
    body
      ? { method: "POST", body: said, headers: { "Content-Type": "application/json" }, credentials: "same-origin" }
      : { credentials: "same-origin" },
  );
  // Whoever takes it is told what went wrong.
  answer.catch(() => undefined);
  asked.set(href, { said, answer });
  setTimeout(() => asked.delete(href), KEPT);
  return answer;
}

/**
 * An answer asked for ahead is given once, and none any more after something was done: it may tell of before. What is done
 * leaves at once, for its page may be about to go.
 */
export async function fetchOnce(request: Request): Promise<Response> {
  const reads = request.method === "GET";
  const found = asked.get(request.url);
  if (!found || reads !== (found.said === "")) {
    if (!reads) asked.clear();
    return fetch(request);
  }
  asked.delete(request.url);
  const same = reads || (await request.clone().text()) === found.said;
  return same ? found.answer : fetch(request);
}
