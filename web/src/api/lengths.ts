import { ask, client } from "./client";

/** Reads a length as typed, in any spelling; metres. Throws a Problem that says what would be right. */
export async function readLength(text: string): Promise<number> {
  return (await ask(client.GET("/api/lengths", { params: { query: { text } } }))).metres;
}
