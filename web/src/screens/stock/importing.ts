import { ask, client, type Schemas } from "../../api/client";

/** Bytes of a file sent in one go. */
const PART = 900_000;

async function base64(part: Blob): Promise<string> {
  const bytes = new Uint8Array(await part.arrayBuffer());
  let text = "";
  for (let at = 0; at < bytes.length; at += 0x8000) text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(text);
}

/** Sends a file part by part and has it read. */
export async function send(file: File, onShare: (share: number) => void): Promise<Schemas["ImportRead"]> {
  const { id } = await ask(client.POST("/api/stock/imports", { body: { name: file.name, size: file.size } }));
  const params = { path: { id } };
  for (let at = 0; at < file.size; at += PART) {
    const content = await base64(file.slice(at, at + PART));
    await ask(client.POST("/api/stock/imports/{id}/parts", { params, body: { at, content } }));
    onShare(Math.min((at + PART) / file.size, 1));
  }
  return ask(client.POST("/api/stock/imports/{id}/reading", { params, body: {} }));
}

export type Looked = Omit<Schemas["ImportChecked"], "checked">;

const NOTHING: Looked = { rows: 0, new: 0, changed: 0, same: 0, bad: 0, faults: [] };

/** Looks at every row; nothing is loaded by it. */
export async function look(
  { id, rows }: Schemas["ImportRead"],
  mapping: (string | null)[],
  onShare: (share: number) => void,
): Promise<Looked> {
  let told = { ...NOTHING, rows };
  for (let from = 0; from < rows;) {
    const part = await ask(
      client.POST("/api/stock/imports/{id}/check", { params: { path: { id } }, body: { mapping, from } }),
    );
    told = {
      rows,
      new: told.new + part.new,
      changed: told.changed + part.changed,
      same: told.same + part.same,
      bad: told.bad + part.bad,
      faults: [...told.faults, ...part.faults],
    };
    if (part.checked <= from) break;
    from = part.checked;
    onShare(from / rows);
  }
  return told;
}
