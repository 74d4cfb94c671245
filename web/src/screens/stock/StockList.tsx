import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import Typography from "@mui/material/Typography";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useRef, type KeyboardEvent } from "react";
import type { Schemas } from "../../api/client";
import { date } from "../../units/format";
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";
import { Lane, LaneHead } from "./Lane";
import { NEED_FREE, NeedFree } from "./NeedFree";
import { Thumbnail } from "./Thumbnail";
import { PER_PAGE } from "./useStock";
import { about, lies } from "./words";

type Thing = Schemas["StockThing"];

const ROW = 58;
/** Rows made beyond both ends of what is in sight. */
const BEYOND = 8;
const LANE = 128;

interface Props {
  total: number;
  at: (index: number) => Thing | undefined;
  chosen: number;
  /** The year of the season the lanes are drawn over. */
  year: number;
  /** Ids of things that are picked, while several are. */
  picked: ReadonlySet<string> | null;
  onPick: (thing: Thing) => void;
  onChoose: (index: number) => void;
  /** Which pages are in sight. */
  onPages: (pages: number[]) => void;
}

/** Who keeps it and when, in a few words. */
function kept(thing: Thing, units: ReturnType<typeof useUnits>): string {
  const [first, ...more] = thing.keeps;
  if (!first) return thing.on_hand > 0 ? "free all season" : "none on hand";
  const name = `${amount(first.held, thing.kind, units)} · ${first.home}`;
  return more.length > 0 ? `${name} +${more.length}` : name;
}

function short(text: string): string {
  return text.length > 20 ? `${text.slice(0, 18).trimEnd()}…` : text;
}

function told(thing: Thing, units: ReturnType<typeof useUnits>): string {
  const [away] = thing.whom;
  return [
    lies(thing.where),
    away && `${amount(away.quantity, thing.kind, units)} with ${away.whom}`,
    thing.apart === undefined ? about(thing, units) : `ΔE ${Math.round(thing.apart)}`,
    thing.tag === "may_go_back" && thing.decide_by && `decide by ${date(thing.decide_by)}`,
    thing.condition === "to_mend" && "to be mended",
  ]
    .filter(Boolean)
    .join(" · ");
}

interface RowProps {
  thing: Thing;
  index: number;
  year: number;
  wide: boolean;
  picked: boolean | null;
  onPick: () => void;
}

function Row({ thing, index, year, wide, picked, onPick }: RowProps) {
  const units = useUnits();
  return (
    <>
      {picked !== null && (
        <Checkbox
          checked={picked}
          size="small"
          tabIndex={-1}
          slotProps={{ input: { "aria-label": `Pick ${thing.name}` } }}
          onClick={(event) => event.stopPropagation()}
          onChange={onPick}
          sx={{ ml: -1 }}
        />
      )}
      <Thumbnail thing={thing} place={index} size={42} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography noWrap sx={{ fontWeight: 600 }}>
          {thing.name}
        </Typography>
        <Typography noWrap variant="body2" color="textSecondary">
          {told(thing, units)}
        </Typography>
      </Box>
      {wide ? (
        <>
          <NeedFree thing={thing} />
          <Lane keeps={thing.keeps} year={year} says={short(kept(thing, units))} width={LANE} />
        </>
      ) : (
        <Box sx={{ textAlign: "right", flexShrink: 0 }}>
          <Typography sx={{ fontWeight: 600 }}>{amount(thing.on_hand, thing.kind, units)}</Typography>
          <Typography variant="body2" color="textSecondary">
            {amount(thing.free, thing.kind, units)} free
          </Typography>
        </Box>
      )}
    </>
  );
}

function Head() {
  const words = { color: "text.secondary", fontSize: "0.8125rem" };
  return (
    <Box
      aria-hidden
      sx={{ display: "flex", alignItems: "flex-end", gap: 1.5, px: 2, borderBottom: 1, borderColor: "text.primary" }}
    >
      <Box sx={{ width: 42 }} />
      <Box sx={{ ...words, flex: 1 }}>thing and where it is</Box>
      <Box sx={{ ...words, display: "flex", gap: 1, width: NEED_FREE }}>
        <Box sx={{ flex: 1, textAlign: "right" }}>need</Box>
        <Box sx={{ flex: 1 }}>free</Box>
      </Box>
      <LaneHead width={LANE} />
    </Box>
  );
}

/** All that was found, as many rows as there are, of which those in sight are made; arrows go through it. */
export function StockList({ total, at, chosen, year, picked, onPick, onChoose, onPages }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const wide = useMediaQuery("(min-width: 1100px)");
  // eslint-disable-next-line react-hooks/incompatible-library -- what it gives is made anew with every scroll and kept by nobody
  const rows = useVirtualizer({
    count: total,
    getScrollElement: () => box.current,
    estimateSize: () => ROW,
    overscan: BEYOND,
  });
  const shown = rows.getVirtualItems();
  const pages = [...new Set(shown.map(({ index }) => Math.floor(index / PER_PAGE) + 1))].join(" ");
  useEffect(() => onPages(pages.split(" ").filter(Boolean).map(Number)), [pages, onPages]);

  function go(event: KeyboardEvent) {
    const here = at(chosen);
    if (event.key === " " && picked && here) {
      event.preventDefault();
      onPick(here);
      return;
    }
    const by = { ArrowDown: 1, ArrowUp: -1, PageDown: 10, PageUp: -10, Home: -total, End: total }[event.key];
    if (by === undefined || total === 0) return;
    event.preventDefault();
    const next = Math.min(Math.max(chosen + by, 0), total - 1);
    rows.scrollToIndex(next);
    onChoose(next);
  }

  return (
    <>
      {wide && <Head />}
      <Box
        ref={box}
        role="listbox"
        aria-label="Things in stock"
        aria-multiselectable={picked !== null}
        aria-activedescendant={`thing-${chosen}`}
        tabIndex={0}
        onKeyDown={go}
        sx={{ flex: 1, overflow: "auto", minHeight: 0, "&:focus-visible": { outlineOffset: -2 } }}
      >
        <Box sx={{ height: rows.getTotalSize(), position: "relative" }} role="presentation">
          {shown.map(({ index, start }) => {
            const thing = at(index);
            const isPicked = picked && thing ? picked.has(thing.id) : null;
            return (
              <Box
                key={index}
                id={`thing-${index}`}
                role="option"
                aria-selected={isPicked ?? index === chosen}
                aria-setsize={total}
                aria-posinset={index + 1}
                onClick={() => onChoose(index)}
                sx={(theme) => ({
                  position: "absolute",
                  top: start,
                  left: 0,
                  right: 0,
                  height: ROW,
                  display: "flex",
                  alignItems: "center",
                  gap: 1.5,
                  px: 2,
                  cursor: "pointer",
                  borderBottom: `1px solid ${theme.palette.divider}`,
                  bgcolor: index === chosen ? "background.paper" : "transparent",
                  boxShadow: index === chosen ? `inset 3px 0 ${theme.palette.secondary.main}` : "none",
                })}
              >
                {thing ? (
                  <Row
                    thing={thing}
                    index={index}
                    year={year}
                    wide={wide}
                    picked={isPicked}
                    onPick={() => onPick(thing)}
                  />
                ) : (
                  <Typography color="textSecondary">…</Typography>
                )}
              </Box>
            );
          })}
        </Box>
      </Box>
    </>
  );
}
