import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
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

/** How often what others hung meanwhile is asked for. */
const OTHERS_EVERY = 3_000;

/** The map with just those up that are up by now, and who hung them. */
export function withHung(sheet: Schemas["HangingSheet"], hung: Schemas["HungOrnamentBy"][]): Schemas["HangingSheet"] {
  const up = new Map(hung.map((one) => [siteKey(one), one]));
  const sites = sheet.sites.map((site) => {
    const there = up.get(siteKey(site));
    return { ...site, up: there !== undefined, by: there?.by ?? null, at: there?.at ?? null };
  });
  const upOf = (style: string) => sites.filter((site) => site.style === style && site.up).length;
  return {
    ...sheet,
    sites,
    styles: sheet.styles.map((style) => ({ ...style, up: upOf(style.id) })),
    up: sites.filter((site) => site.up).length,
  };
}

/** Brings in what others tick while one looks at the map; never over a tick of one's own that is still on its way. */
export function useOthersTicks(pieceId: string, map: Schemas["HangingSheet"] | undefined) {
  const cache = useQueryClient();
  const key = keys.hanging(pieceId);
  const hung = useQuery({
    queryKey: keys.hung(pieceId),
    queryFn: () => ask(client.GET("/api/pieces/{id}/hung", { params: { path: { id: pieceId } } })),
    refetchInterval: OTHERS_EVERY,
    enabled: map !== undefined,
    staleTime: 0,
  });
  const items = hung.data?.items;
  useEffect(() => {
    if (!items || cache.isMutating() > 0) return;
    const data = cache.getQueryData<Schemas["HangingMap"]>(key);
    if (!data?.map) return;
    const known = new Set(data.map.sites.map(siteKey));
    // What hangs beyond the plan has its place on the map only.
    if (items.some((one) => !known.has(siteKey(one)))) void cache.invalidateQueries({ queryKey: key });
    else cache.setQueryData(key, { ...data, map: withHung(data.map, items) });
  }, [items, cache, key]);
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
      await cache.cancelQueries({ queryKey: keys.hung(pieceId) });
      const before = cache.getQueryData<Schemas["HangingMap"]>(key);
      if (before) cache.setQueryData(key, ticked(before, sites, up));
      return before;
    },
    onError: (error, _, before) => {
      if (before) cache.setQueryData(key, before);
      say(error.message);
    },
    onSuccess: (answer) => {
      if (cache.isMutating() !== 1) return;
      cache.setQueryData(key, answer);
      void cache.invalidateQueries({ queryKey: keys.hung(pieceId) });
    },
  });

  const own = map.sites.filter((site) => style === null || site.style === style);
  const shown = own.filter((site) => side === "all" || site.side === side);
  const next = [shown, own, map.sites].flatMap((sites) => sites.find((site) => !site.up) ?? [])[0];
  return {
    style,
    light: setStyle,
    side,
    look: setSide,
    pointed,
    point: setPointed,
    shown,
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
