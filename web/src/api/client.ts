import createClient from "openapi-fetch";
import { fetchOnce } from "./ahead";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];
export type ProblemDetails = Schemas["Problem"];

/** What the server objects to, in its own words. `status` 0 means that it could not be reached. */
export class Problem extends Error {
  readonly details: ProblemDetails;

  constructor(details: ProblemDetails) {
    super(details.detail);
    this.details = details;
  }

  get status(): number {
    return this.details.status;
  }

  /** The message for a field by its pointer, such as "/name". */
  field(pointer: string): string | undefined {
    return this.details.errors?.find((error) => error.pointer === pointer)?.message;
  }
}

const UNREACHABLE: ProblemDetails = {
  type: "urn:deck-bough:problem:unreachable",
  title: "No connection",
  status: 0,
  detail: "Deck Bough cannot be reached. What you typed is kept here; try again in a moment.",
  request_id: "",
};

/** Milliseconds after which what could not be reached is tried again. */
export const BEFORE_TRYING_AGAIN = 4_000;

/** Whether trying again later may help without anything being changed. */
export function isUnreachable(problem: Problem | null): boolean {
  return problem?.status === 0 || problem?.status === 503;
}

/** Told when a session has ended, so that the shell asks to sign in over the screen. */
export const SIGNED_OUT = "deck-bough:signed-out";
/** Told when somebody is back, so that what waited is tried again. */
export const SIGNED_IN = "deck-bough:signed-in";

const SIGN_IN: ProblemDetails = {
  type: "urn:deck-bough:problem:signed-out",
  title: "Signed out",
  status: 401,
  detail: "Sign in first.",
  request_id: "",
};

/** Nobody is signed in: said to the shell, and to be thrown. */
export function signedOut(details: ProblemDetails = SIGN_IN): Problem {
  window.dispatchEvent(new Event(SIGNED_OUT));
  return new Problem(details);
}

export const client = createClient<paths>({ baseUrl: "/", credentials: "same-origin", fetch: fetchOnce });

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/**
 * Awaits a call and gives its data, or throws a Problem.
 *
 *   const home = await ask(client.GET("/api/homes/{id}", { params: { path: { id } } }));
 */
export async function ask<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await call;
  } catch (error) {
    if (error instanceof DOMException && error.name === "AbortError") throw error;
    throw new Problem(UNREACHABLE);
  }
  if (answer.response.ok) return answer.data as T;
  const details = isProblem(answer.error) ? answer.error : { ...UNREACHABLE, status: answer.response.status };
  throw details.type === SIGN_IN.type ? signedOut(details) : new Problem(details);
}

function isProblem(value: unknown): value is ProblemDetails {
  return typeof value === "object" && value !== null && "detail" in value && "status" in value;
}

export function asProblem(error: unknown): Problem {
  return error instanceof Problem ? error : new Problem({ ...UNREACHABLE, title: "Our fault", detail: String(error) });
}
