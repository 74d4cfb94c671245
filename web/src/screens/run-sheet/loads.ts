import type { Sheet, Thing } from "./progress";

/** What lies together: in one box, in none, or nowhere yet. */
export interface Load {
  key: string;
  title: string;
  box: number | null;
  place: string | null;
  things: { turn: string; label: string; colour: string | null; unit: Thing["unit"]; count: number; rooms: string[] }[];
}

interface Wanted {
  thing: Thing;
  count: number;
  rooms: Set<string>;
}

/** Things with their spares over all steps; a step in two goes takes its things once. */
function wantedOf(sheet: Sheet): Map<string, Wanted> {
  const wanted = new Map<string, Wanted>();
  const counted = new Set<string>();
  for (const step of sheet.steps)
    for (const thing of step.things) {
      const known = wanted.get(thing.key) ?? { thing, count: 0, rooms: new Set<string>() };
      const once = `${step.piece} ${step.key} ${thing.key}`;
      if (!counted.has(once)) known.count += thing.need + thing.spares;
      counted.add(once);
      known.rooms.add(sheet.home.rooms.find(({ id }) => id === step.room)?.name ?? "");
      wanted.set(thing.key, known);
    }
  return wanted;
}

const NO_BOX = "none";
const LACKING = "lacking";
const OTHERWISE = "otherwise";
const TITLES: Record<string, string> = {
  [NO_BOX]: "In no box",
  [LACKING]: "Not in the stockroom yet",
  [OTHERWISE]: "Not chosen from the stock",
};
/** Boxes by their number, then these. */
const LAST = [NO_BOX, OTHERWISE, LACKING];

function rank({ key, box }: Load): number {
  return box ?? 1_000_000 + LAST.indexOf(key);
}

/** What goes into the car, box by box, and to which room it goes. */
export function loadsOf(sheet: Sheet): Load[] {
  const loads = new Map<string, Load>();
  const put = (at: string, { thing, rooms }: Wanted, count: number, box: number | null, place: string | null) => {
    if (count <= 0) return;
    const load = loads.get(at) ?? { key: at, title: TITLES[at] ?? `Box ${at}`, box, place, things: [] };
    const { key, label, colour, unit } = thing;
    load.things.push({ turn: `${at} ${key}`, label, colour, unit, count, rooms: [...rooms] });
    loads.set(at, load);
  };
  for (const [key, one] of wantedOf(sheet)) {
    let left = one.count;
    for (const { number, place, quantity, style } of sheet.places) {
      if (style !== key || left <= 0) continue;
      put(number === null ? NO_BOX : String(number), one, Math.min(left, quantity), number, place);
      left -= quantity;
    }
    put(one.thing.style ? LACKING : OTHERWISE, one, Math.round(left * 1000) / 1000, null, null);
  }
  return [...loads.values()].sort((one, other) => rank(one) - rank(other));
}
