import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useRef, type KeyboardEvent } from "react";
import type { Schemas } from "../../api/client";
import { counted } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { Thumbnail } from "./Thumbnail";
import { PER_PAGE } from "./useStock";
import { about, amount } from "./words";

type Thing = Schemas["StockThing"];

const ROW = 58;
/** Rows made beyond both ends of what is in sight. */
const BEYOND = 8;

interface Props {
  total: number;
  at: (index: number) => Thing | undefined;
  chosen: number;
  onChoose: (index: number) => void;
  /** Which pages are in sight. */
  onPages: (pages: number[]) => void;
}

function Row({ thing, index }: { thing: Thing; index: number }) {
  const units = useUnits();
  return (
    <>
      <Thumbnail thing={thing} place={index} size={42} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography noWrap sx={{ fontWeight: 600 }}>
          {thing.name}
        </Typography>
        <Typography noWrap variant="body2" color="textSecondary">
          {about(thing, units) || " "}
        </Typography>
      </Box>
      <Box sx={{ textAlign: "right", flexShrink: 0 }}>
        <Typography sx={{ fontWeight: 600 }}>{amount(thing.on_hand, thing.kind, units)}</Typography>
        <Typography variant="body2" color="textSecondary">
          {thing.kept > 0
            ? `${amount(thing.kept, thing.kind, units)} for ${counted(thing.pieces, "piece")}`
            : "kept for none"}
        </Typography>
      </Box>
    </>
  );
}

/** All that was found, as many rows as there are, of which those in sight are made; arrows go through it. */
export function StockList({ total, at, chosen, onChoose, onPages }: Props) {
  const box = useRef<HTMLDivElement>(null);
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
    const by = { ArrowDown: 1, ArrowUp: -1, PageDown: 10, PageUp: -10, Home: -total, End: total }[event.key];
    if (by === undefined || total === 0) return;
    event.preventDefault();
    const next = Math.min(Math.max(chosen + by, 0), total - 1);
    rows.scrollToIndex(next);
    onChoose(next);
  }

  return (
    <Box
      ref={box}
      role="listbox"
      aria-label="Things in stock"
      aria-activedescendant={`thing-${chosen}`}
      tabIndex={0}
      onKeyDown={go}
      sx={{ flex: 1, overflow: "auto", minHeight: 0, "&:focus-visible": { outlineOffset: -2 } }}
    >
      <Box sx={{ height: rows.getTotalSize(), position: "relative" }} role="presentation">
        {shown.map(({ index, start }) => {
          const thing = at(index);
          return (
            <Box
              key={index}
              id={`thing-${index}`}
              role="option"
              aria-selected={index === chosen}
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
              {thing ? <Row thing={thing} index={index} /> : <Typography color="textSecondary">…</Typography>}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
