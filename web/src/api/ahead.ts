/** Milliseconds after which nobody waits any more for an answer that was asked for ahead. */
const KEPT = 10_000;

const asked = new Map<string, Promise<Response>>();

function keyOf(href: string, body: string): string {
  return `${href} ${body}`;
}

/**
 * Asks for what the first screen is about to ask for, while its script is still on the way. With a body it is a question
 * that takes one, as for a plan.
 *
 *   askAhead("/api/homes/9c…");
 */
export function askAhead(path: string, body?: object): Promise<Response> {
  const { href } = new URL(path, location.href);
  const said = body ? JSON.stringify(body) : "";
  const key = keyOf(href, said);
  const answer = fetch(
    href,
    body
      ? { method: "POST", body: said, headers: { "Content-Type": "application/json" }, credentials: "same-origin" }
      : { credentials: "same-origin" },
  );
  // Whoever takes it is told what went wrong.
  answer.catch(() => undefined);
  asked.set(key, answer);
  setTimeout(() => asked.delete(key), KEPT);
  return answer;
}

/** An answer asked for ahead is given once, and none any more after something was done: it may tell of before. */
export async function fetchOnce(request: Request): Promise<Response> {
  if (asked.size === 0) return fetch(request);
  const reads = request.method === "GET";
  const key = keyOf(request.url, reads ? "" : await request.clone().text());
  const answer = asked.get(key);
  if (answer || reads) asked.delete(key);
  else asked.clear();
  return answer ?? fetch(request);
}
