import type { Schemas } from "../api/client";
import { amount } from "../units/amount";
import { counted, type Units } from "../units/format";

type Frees = Schemas["Frees"];

/** So many are said in passing; nobody reads more. */
const SAID = 2;

function gained({ gains, gains_more, kind }: Frees["items"][number], units: Units): string {
  const [first, ...others] = gains;
  if (!first) return "";
  const more = others.length + gains_more;
  const also = more > 0 ? ` and ${counted(more, "other piece")}` : "";
  return `, ${amount(first.quantity, kind, units)} of it for ${first.name}, ${first.home}${also}`;
}

/** What a change frees, in a sentence: "Frees 9 Quince glass, 6 cm, 4 of it for Alcove tree, Number Nine." Empty: nothing. */
export function freesTold({ items, more }: Frees, units: Units): string {
  const said = items
    .slice(0, SAID)
    .map((item) => `${amount(item.quantity, item.kind, units)} ${item.name}${gained(item, units)}`);
  if (said.length === 0) return "";
  const others = items.length - said.length + more;
  return `Frees ${said.join("; ")}${others > 0 ? ` and ${others} more` : ""}.`;
}

/** Of that only what another piece has from now on: what was dialled away tells the rest itself. */
export function gainsTold({ items }: Frees, units: Units): string {
  return freesTold({ items: items.filter(({ gains }) => gains.length > 0), more: 0 }, units);
}

/** That something was deleted, and what that frees. */
export function deletedTold(name: string, frees: Frees, units: Units): string {
  return [`${name} was deleted.`, freesTold(frees, units)].filter(Boolean).join(" ");
}
