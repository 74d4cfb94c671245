import { sameSaid } from "../api/merged";
import type { Kind, SettingsOf } from "../kinds/kind";
import type { Draft } from "./useBench";

/** What one held on to goes onto another state: every dial turned since `from` as it is now, everything else as it came. */
function turned<T extends object>(now: T, from: T, onto: T, except: (name: string) => boolean): T {
  const result = { ...onto };
  for (const name of Object.keys(now) as (keyof T)[])
    if (!except(String(name)) && !sameSaid(now[name], from[name])) result[name] = now[name];
  return result;
}

/**
 * The draft of somebody whose base has moved on: her own turns since `from`, on top of `onto`. Dials whose pointers are named
 * stay as they came.
 *
 *   rebase(draft, saidBefore, saved, []) // what was dialled while the save was under way survives it
 */
export function rebase<K extends Kind>(now: Draft<K>, from: Draft<K>, onto: Draft<K>, theirs: string[]): Draft<K> {
  const taken = new Set(theirs);
  const facts = turned(
    { name: now.name, place_id: now.place_id },
    { name: from.name, place_id: from.place_id },
    { name: onto.name, place_id: onto.place_id },
    (name) => taken.has(`/${name}`),
  );
  const settings: SettingsOf<K> = { ...onto.settings };
  for (const group of Object.keys(onto.settings) as (keyof SettingsOf<K> & string)[]) {
    const groups = [now, from, onto].map((draft) => draft.settings[group] as object) as [object, object, object];
    settings[group] = turned(...groups, (name) =>
      taken.has(`/settings/${group}/${name}`),
    ) as SettingsOf<K>[typeof group];
  }
  return { ...facts, settings };
}
