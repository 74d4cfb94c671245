import { ask, client, type Schemas } from "./client";

export type Reading = Schemas["MeterReading"];

/** What the distance meter read after the last reading that is known. A meter paired with the browser would answer the same. */
export function nextReading(of: string, after: number): Promise<Reading> {
  return ask(client.GET("/api/meter/readings", { params: { query: { of, after } } }));
}
