import { ask, client, type Schemas } from "./client";
import { newKey } from "./key";
import type { paths } from "./schema";

type Of = paths["/api/photographs"]["post"]["parameters"]["query"]["of"];
/** What a photograph somebody takes may show. */
export type Shown = Exclude<Of, "proposal">;

export const TAKEN = "image/jpeg,image/png,image/webp";
const LARGEST = 12 * 1024 * 1024;

/** What is too large is not sent at all. */
export function tooLarge(file: File): string | null {
  return file.size > LARGEST ? `“${file.name}” is larger than 12 MB. Choose a smaller picture.` : null;
}

/** Where a photograph is seen. */
export function photograph(id: string, version: "large" | "small"): string {
  return `/api/photographs/${id}/${version}`;
}

/** A picture goes as it is, not as JSON. */
const asItIs = (file: File) => ({
  headers: { "Content-Type": "application/octet-stream" },
  body: "",
  bodySerializer: () => file,
});

/** The colours a picture comes to; it is looked at and not kept. */
export function gatherColours(file: File): Promise<Schemas["GatheredColours"]> {
  return ask(client.POST("/api/looks/gathered", asItIs(file)));
}

/** Sends a picture as it is; the server makes it smaller, turns it upright and takes out what a camera wrote into it. */
export function addPhotograph(of: Of, id: string, file: File, key = newKey()): Promise<Schemas["Photograph"]> {
  return ask(
    client.POST("/api/photographs", {
      params: { query: { of, id, key } },
      ...asItIs(file),
    }),
  );
}
