import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { useUndo } from "../../parts/undo";

export type Site = Schemas["HangingSite"];
export type Side = "all" | Site["side"];

export function siteKey(site: Pick<Site, "style" | "number">): string {
  return `${site.style} ${site.number}`;
}

export function useHangingPiece(pieceId: string) {
  return useQuery({
    queryKey: keys.hanging(pieceId),
    queryFn: () => ask(client.GET("/api/pieces/{id}/hanging", { params: { path: { id: pieceId } } })),
    staleTime: 0,
  });
}

function ticked(data: Schemas["HangingMap"], sites: Site[], up: boolean): Schemas["HangingMap"] {
  if (!data.map) return data;
  const changed = new Set(sites.map(siteKey));
  const all = data.map.sites.map((site) => (changed.has(siteKey(site)) ? { ...site, up } : site));
  const upOf = (style: string) => all.filter((site) => site.style === style && site.up).length;
  const styles = data.map.styles.map((style) => ({ ...style, up: upOf(style.id) }));
  return { ...data, map: { ...data.map, sites: all, styles, up: all.filter((site) => site.up).length } };
}

/** One style at a time in hanging order: which is lit, from which side one looks, and what is up. */
export function useHangingMap(pieceId: string, map: Schemas["HangingSheet"]) {
  const unfinished = map.styles.find((style) => style.up < style.count);
  const [style, setStyle] = useState<string | null>((unfinished ?? map.styles[0])?.id ?? null);
  const [side, setSide] = useState<Side>("all");
  const [pointed, setPointed] = useState<string | null>(null);
  const cache = useQueryClient();
  const { say } = useUndo();
  const key = keys.hanging(pieceId);

  // The tick shows at once; the server's answer then says how it really is.
  const ticks = useMutation({
    mutationFn: ({ sites, up }: { sites: Site[]; up: boolean }) =>
      ask(
        client.PUT("/api/pieces/{id}/hanging", {
          params: { path: { id: pieceId } },
          body: { up, ornaments: sites.map(({ style: id, number }) => ({ style: id, number })) },
        }),
      ),
    onMutate: async ({ sites, up }) => {
      await cache.cancelQueries({ queryKey: key });
      const before = cache.getQueryData<Schemas["HangingMap"]>(key);
      if (before) cache.setQueryData(key, ticked(before, sites, up));
      return before;
    },
    onError: (error, _, before) => {
      if (before) cache.setQueryData(key, before);
      say(error.message);
    },
    onSuccess: (answer) => {
      if (cache.isMutating() === 1) cache.setQueryData(key, answer);
    },
  });

  const own = map.sites.filter((site) => style === null || site.style === style);
  const next = own.find((site) => !site.up) ?? map.sites.find((site) => !site.up);
  return {
    style,
    light: setStyle,
    side,
    look: setSide,
    pointed,
    point: setPointed,
    shown: own.filter((site) => side === "all" || site.side === side),
    next,
    tick: (sites: Site[], up: boolean) => ticks.mutate({ sites, up }),
    /** Takes the next ornament in hanging order as up and lights its style. */
    hangNext: () => {
      if (!next) return;
      if (style !== null) setStyle(next.style);
      ticks.mutate({ sites: [next], up: true });
    },
  };
}

export type Hanging = ReturnType<typeof useHangingMap>;
