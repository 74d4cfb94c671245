import type { Schemas } from "../api/client";
import type { ConflictRow } from "../parts/ConflictDialog";
import type { Kind, SavedPiece, SettingsOf } from "./kinds";
import type { Draft } from "./useBench";

function said(value: unknown, styles: Schemas["Style"][]): string {
  const nameOf = (id: unknown) => styles.find((style) => style.id === id)?.name ?? String(id);
  if (Array.isArray(value)) return value.map((one) => said(one, styles)).join(", ");
  if (typeof value === "object" && value !== null)
    return Object.values(value)
      .map((part) => said(part, styles))
      .filter(Boolean)
      .join(" ");
  if (value === null || value === undefined) return "";
  if (typeof value === "number") return String(Number(value.toFixed(3)));
  return nameOf(value).replaceAll("_", " ");
}

function title(group: string, name: string): string {
  const plain = name.replace(/_m$/, "").replaceAll("_", " ");
  return `${group.replaceAll("_", " ")}: ${plain}`;
}

/** What differs between what is dialled here and what somebody else saved, row by row. Lengths stand in metres. */
export function differences<K extends Kind>(
  mine: Draft<K>,
  theirs: Pick<SavedPiece<K>, "name" | "place_id" | "settings">,
  places: Schemas["PlaceName"][],
  styles: Schemas["Style"][],
): ConflictRow[] {
  const placeOf = (id: string | null) => places.find((place) => place.id === id)?.name ?? "";
  const rows: ConflictRow[] = [
    { label: "Name", mine: mine.name, theirs: theirs.name },
    { label: "Place", mine: placeOf(mine.place_id), theirs: placeOf(theirs.place_id) },
  ];
  for (const group of Object.keys(mine.settings) as (keyof SettingsOf<K>)[]) {
    const here = mine.settings[group] as Record<string, unknown>;
    const there = theirs.settings[group] as Record<string, unknown>;
    for (const name of Object.keys(here))
      rows.push({
        label: title(String(group), name),
        mine: said(here[name], styles),
        theirs: said(there[name], styles),
      });
  }
  return rows.filter((row) => row.mine !== row.theirs);
}
