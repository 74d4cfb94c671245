import { declared } from "../api/declared";
import { sameSaid } from "../api/merged";
import type { Kind, SettingsOf } from "../kinds/kind";

type Dials = Record<string, unknown>;

/**
 * Settings whose dials at these pointers stand at their defaults; where one does already, its whole step does.
 *
 *   putBack("tree", settings, ["/settings/ribbon/garland_pitch_m"])
 */
export function putBack<K extends Kind>(kind: K, settings: SettingsOf<K>, pointers: string[]): SettingsOf<K> {
  const steps: Record<string, Record<string, { default?: unknown }>> = declared[kind];
  const result = { ...settings };
  for (const step of Object.keys(settings) as (keyof SettingsOf<K> & string)[]) {
    const dials = settings[step] as Dials;
    const defaults: Dials = Object.fromEntries(
      Object.entries(steps[step] ?? {}).map(([name, dial]) => [name, dial.default]),
    );
    const named = Object.keys(dials).filter((name) => pointers.includes(`/settings/${step}/${name}`));
    const stand = named.some((name) => sameSaid(dials[name], defaults[name]));
    const back = stand ? defaults : Object.fromEntries(named.map((name) => [name, defaults[name]]));
    result[step] = { ...dials, ...back } as SettingsOf<K>[typeof step];
  }
  return result;
}
