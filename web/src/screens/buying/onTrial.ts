import type { Schemas } from "../../api/client";
import type { Purchase, PurchaseLine } from "./useBuying";

/** Something that may go back: bought on trial, or with its tags on in the stockroom. */
export interface Trial extends Pick<PurchaseLine, "style" | "name" | "kind" | "colour" | "texture" | "shape"> {
  key: string;
  quantity: number;
  cents: number | null;
  decide_by: string | null;
  /** Where it is decided. */
  purchase: string | null;
  from: "purchase" | "stock" | "seen";
}

/** What was only seen, and is to be decided by a day. */
function seen(sightings: Schemas["Sighting"][]): Trial[] {
  return sightings
    .filter(({ list, decide_by, settled_on }) => list === "seen" && decide_by !== null && settled_on === null)
    .map(({ id, name, price_cents, decide_by }) => ({
      key: id,
      style: id,
      name,
      kind: "decor",
      colour: null,
      texture: null,
      shape: null,
      quantity: 1,
      cents: price_cents,
      decide_by,
      purchase: null,
      from: "seen",
    }));
}

export function onTrial(
  purchases: Purchase[],
  tagged: Schemas["TaggedThing"][],
  sightings: Schemas["Sighting"][] = [],
): Trial[] {
  const bought = purchases.flatMap((purchase) =>
    purchase.lines
      .filter(({ undecided }) => undecided > 0)
      .map((line) => ({
        ...line,
        key: line.id,
        quantity: line.undecided * line.pack_size,
        cents: line.back_cents,
        purchase: purchase.id,
        from: "purchase" as const,
      })),
  );
  const kept = tagged.map((thing) => ({
    ...thing,
    key: thing.id,
    style: thing.id,
    quantity: thing.on_hand,
    cents: thing.price_cents,
    purchase: null,
    from: "stock" as const,
  }));
  return [...bought, ...kept, ...seen(sightings)].sort((one, other) =>
    (one.decide_by ?? "9").localeCompare(other.decide_by ?? "9"),
  );
}

/** A line that is on its way, with the day and what is told of it. */
export interface Arrival {
  purchase: Purchase;
  line: PurchaseLine;
  expected_on: string;
  coming: Schemas["Delivery"] | null;
}

export function arrivals(purchases: Purchase[], coming: Schemas["Delivery"][]): Arrival[] {
  const told = new Map(coming.map((one) => [one.line, one]));
  return purchases
    .flatMap((purchase) =>
      purchase.lines
        .filter(({ to_come }) => to_come > 0)
        .map((line) => ({ purchase, line, expected_on: purchase.expected_on, coming: told.get(line.id) ?? null })),
    )
    .sort((one, other) => one.expected_on.localeCompare(other.expected_on));
}
