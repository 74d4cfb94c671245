import { ask, client, type Schemas } from "./client";
import { newKey } from "./key";
import type { paths } from "./schema";

/** What a photograph may show. */
export type Shown = paths["/api/photographs"]["post"]["parameters"]["query"]["of"];

export const TAKEN = "image/jpeg,image/png,image/webp";
const LARGEST = 12 * 1024 * 1024;

export function tooLarge(file: File): boolean {
  return file.size > LARGEST;
}

/** Where a photograph is seen. */
export function photograph(id: string, version: "large" | "small"): string {
  return `/api/photographs/${id}/${version}`;
}

/** The colours a picture comes to; it is looked at and not kept. */
export function gatherColours(file: File): Promise<Schemas["GatheredColours"]> {
  return ask(
    client.POST("/api/looks/gathered", {
      headers: { "Content-Type": "application/octet-stream" },
      body: "",
      bodySerializer: () => file,
    }),
  );
}

/** Sends a picture as it is; the server makes it smaller, turns it upright and takes out what a camera wrote into it. */
export function addPhotograph(of: Shown, id: string, file: File): Promise<Schemas["Photograph"]> {
  return ask(
    client.POST("/api/photographs", {
      params: { query: { of, id, key: newKey() } },
      headers: { "Content-Type": "application/octet-stream" },
      body: "",
      bodySerializer: () => file,
    }),
  );
}
