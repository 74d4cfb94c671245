import { useQueryClient } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import { length, mass, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";

type Anchor = Schemas["StayingAnchor"];
export type AnchorSaid = Required<Omit<Schemas["StayingAnchorSaid"], "version" | "since">> & { since: string };

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

interface Reading {
  units: Units;
  home: Schemas["HomeInFull"];
  kinds: Schemas["StayingAnchors"]["kinds"];
}

function inWords(said: AnchorSaid, { units, home, kinds }: Reading): InWords<AnchorSaid> {
  const pieces = home.rooms.flatMap((room) => room.pieces);
  const measured = (metres: number | null) => (metres === null ? "not measured" : length(metres, units));
  return {
    room_id: ["Room", home.rooms.find(({ id }) => id === said.room_id)?.name ?? ""],
    piece_id: ["Of the piece", pieces.find(({ id }) => id === said.piece_id)?.name ?? "of none"],
    place: ["Where it is", said.place],
    kind: ["Kind", kinds.find(({ name }) => name === said.kind)?.title ?? ""],
    rated_kg: ["Rated load", said.rated_kg === null ? "" : mass(said.rated_kg, units)],
    since: ["Since", said.since],
    good: ["Still good", said.good ? "yes" : "no"],
    left_m: ["From the left", measured(said.left_m)],
    floor_m: ["Above the floor", measured(said.floor_m)],
  };
}

interface About extends Omit<Reading, "units"> {
  anchor: Anchor | undefined;
  /** The year a new one is put in. */
  year: string;
  onDone: () => void;
}

/** One nail or hook as it is being told, and kept once. */
export function useAnchorForm({ home, kinds, anchor, year, onDone }: About) {
  const units = useUnits();
  const cache = useQueryClient();
  return useKeptForm<Anchor, AnchorSaid>({
    thing: anchor,
    saidOf: (known) => saidOf(known, home.rooms[0]?.id ?? "", year),
    inWords: (said) => inWords(said, { units, home, kinds }),
    send: async (said, version) => {
      const body = bodyOf(said);
      if (anchor)
        await ask(client.PUT("/api/anchors/{id}", { params: { path: { id: anchor.id } }, body: { ...body, version } }));
      else await ask(client.POST("/api/homes/{id}/anchors", { params: { path: { id: home.id } }, body }));
      await cache.invalidateQueries({ queryKey: keys.home(home.id) });
      onDone();
    },
  });
}
