import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { useVersioned } from "../../api/useVersioned";
import type { ConflictRow } from "../../parts/ConflictDialog";

type Anchor = Schemas["StayingAnchor"];
export type AnchorSaid = Required<Omit<Schemas["StayingAnchorSaid"], "version" | "since">> & { since: string };

const LABELS: Record<keyof AnchorSaid, string> = {
  room_id: "Room",
  piece_id: "Of the piece",
  place: "Where it is",
  kind: "Kind",
  rated_kg: "Rated load",
  since: "Since",
  good: "Still good",
  left_m: "From the left",
  floor_m: "Above the floor",
};

function saidOf(anchor: Anchor | undefined, room: string, year: string): AnchorSaid {
  return {
    room_id: anchor?.room_id ?? room,
    piece_id: anchor?.piece_id ?? null,
    place: anchor?.place ?? "",
    kind: anchor?.kind ?? "nail",
    rated_kg: anchor?.rated_kg ?? null,
    since: anchor ? String(anchor.since) : year,
    good: anchor?.good ?? true,
    left_m: anchor?.left_m ?? null,
    floor_m: anchor?.floor_m ?? null,
  };
}

/** A year that is none goes as it is not, and comes back named. */
function bodyOf(said: AnchorSaid): Schemas["StayingAnchorSaid"] {
  return { ...said, since: /^\d{1,4}$/.test(said.since.trim()) ? Number(said.since) : 0 };
}

function isAnchor(theirs: object): theirs is Anchor {
  return "place" in theirs && "since" in theirs;
}

function differences(mine: AnchorSaid, theirs: AnchorSaid): ConflictRow[] {
  return (Object.keys(LABELS) as (keyof AnchorSaid)[])
    .filter((name) => String(mine[name]) !== String(theirs[name]))
    .map((name) => ({ label: LABELS[name], mine: String(mine[name] ?? ""), theirs: String(theirs[name] ?? "") }));
}

interface About {
  homeId: string;
  anchor: Anchor | undefined;
  /** The room a new one is in, and the year it is put in. */
  room: string;
  year: string;
  onDone: () => void;
}

/** One nail or hook as it is being told, and kept once. */
export function useAnchorForm({ homeId, anchor, room, year, onDone }: About) {
  const [said, setSaid] = useState(() => saidOf(anchor, room, year));
  const [busy, setBusy] = useState(false);
  const { clash, problem, refused, settle, version } = useVersioned(anchor);
  const cache = useQueryClient();
  const theirs = clash && isAnchor(clash.theirs) ? clash.theirs : null;

  async function keep(at = version) {
    if (busy) return;
    setBusy(true);
    const body = bodyOf(said);
    try {
      if (anchor)
        await ask(
          client.PUT("/api/anchors/{id}", { params: { path: { id: anchor.id } }, body: { ...body, version: at } }),
        );
      else await ask(client.POST("/api/homes/{id}/anchors", { params: { path: { id: homeId } }, body }));
      await cache.invalidateQueries({ queryKey: keys.home(homeId) });
      onDone();
    } catch (error) {
      refused(error);
    }
    setBusy(false);
  }

  return {
    said,
    busy,
    objections: useObjections(problem, said),
    change: (part: Partial<AnchorSaid>) => setSaid((before) => ({ ...before, ...part })),
    keep: () => keep(),
    conflict: theirs && differences(said, saidOf(theirs, room, year)),
    keepMine: async () => {
      if (!theirs) return;
      settle();
      await keep(theirs.version);
    },
    takeTheirs: () => {
      if (!theirs) return;
      setSaid(saidOf(theirs, room, year));
      settle();
    },
  };
}
