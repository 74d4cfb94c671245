import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useMemo, useRef } from "react";
import type { Schemas } from "../../api/client";
import { useSize } from "../../drawing/shared/useSize";
import { counted, money } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
import { BuyingCard, CARD } from "./BuyingCard";
import { daysFrom, layCards, weekdayOf } from "./days";
import { Legends } from "./Legends";
import { arrivals, onTrial, type Trial } from "./onTrial";
import { Days, HEAD, LATE, Row, type Scale } from "./TimelineFrame";
import { columnOf, ComingRow, TrialRow } from "./TimelineRows";
import { useSightings, type Desk, type Line, type Purchase } from "./useBuying";
import { bySupplier, supplierWords } from "./words";

interface Props {
  desk: Desk;
  purchases: Purchase[];
  tagged: Schemas["TaggedThing"][];
  onOpen: (style: string) => void;
  onOrder: (supplier: string) => void;
  onReceive: (purchase: string) => void;
  onTags: () => void;
  onSeen: () => void;
}

/** A day is never narrower than its number. */
const DAY = 24;
/** So far ahead is looked at least and at most. */
const LEAST_DAYS = 14;
const MOST_DAYS = 90;

function last(desk: Desk, trials: Trial[]): number {
  const days = [
    ...desk.items.flatMap((line) => [line.wanted_on, line.quote.order_by_on]),
    ...desk.coming.flatMap((one) => [one.expected_on, one.wanted_on]),
    ...trials.map(({ decide_by }) => decide_by),
  ].filter((day) => day !== null);
  return Math.min(Math.max(LEAST_DAYS, ...days.map((day) => daysFrom(desk.today, day) + 1)), MOST_DAYS);
}

/** Homes by the day of their visit, the first ones first. */
function visits(desk: Desk) {
  const found = new Map<string, { name: string; visit_on: string }>();
  for (const { homes } of [...desk.items, ...desk.coming])
    for (const { id, name, visit_on } of homes) if (visit_on) found.set(id, { name, visit_on });
  return [...found.values()].sort((one, other) => one.visit_on.localeCompare(other.visit_on));
}

/** Each thing at the day by which it is ordered, supplier by supplier; what is late first, with what could stand in. */
export function Timeline({ desk, purchases, tagged, onOpen, onOrder, onReceive, onTags, onSeen }: Props) {
  const currency = useCurrency();
  const box = useRef<HTMLDivElement>(null);
  const { width } = useSize(box);
  const sightings = useSightings().data?.items;
  const trials = useMemo(() => onTrial(purchases, tagged, sightings), [purchases, tagged, sightings]);
  const coming = useMemo(() => arrivals(purchases, desk.coming), [purchases, desk.coming]);
  const days = last(desk, trials);
  const day = Math.max(DAY, Math.floor((width - HEAD - LATE - 2) / days));
  const scale: Scale = useMemo(() => ({ today: desk.today, days, day }), [desk.today, days, day]);
  const pins = visits(desk);
  const pinned = [...new Set(pins.map(({ visit_on }) => daysFrom(desk.today, visit_on)))].filter(
    (at) => at >= 0 && at < days,
  );
  const shops = bySupplier(desk.suppliers, desk.items);
  const isLate = (line: Line) => line.quote.late;
  const at = (iso: string | null) => columnOf(scale, iso);

  return (
    <Box ref={box} sx={{ minWidth: HEAD + LATE + days * DAY, flex: 1 }}>
      {width > 0 && (
        <Box sx={{ width: HEAD + LATE + 2 + days * day }}>
          <Days scale={scale} pins={pins} />
          {shops.map(({ id, name, about, lines }) => {
            const late = lines.filter(isLate);
            const rest = lines.filter((line) => !isLate(line));
            const placed = layCards(
              rest.map((line) => at(line.quote.order_by_on)),
              { card: CARD, day, days },
            );
            const closed = (iso: string) =>
              about !== null && (about.closed_weekdays.includes(weekdayOf(iso)) || about.closed_on.includes(iso));
            return (
              <Row
                key={id ?? ""}
                label={name}
                scale={scale}
                closed={closed}
                pins={pinned}
                lanes={Math.max(...placed.map(({ lane }) => lane + 1), 0)}
                least={132}
                head={
                  <>
                    <Typography variant="h3" component="h2">
                      {name}
                    </Typography>
                    {about && (
                      <Typography variant="body2" color="textSecondary">
                        {supplierWords(about)}
                      </Typography>
                    )}
                    <Typography sx={{ fontWeight: 700, mt: 0.75 }}>
                      {money(about?.cents ?? lines.reduce((sum, { quote }) => sum + (quote.cents ?? 0), 0), currency)}
                    </Typography>
                    <Typography variant="body2" color="textSecondary">
                      {counted(about?.lines ?? lines.length, "line")}
                    </Typography>
                    <Button
                      size="small"
                      variant="outlined"
                      sx={{ mt: 0.75 }}
                      aria-label={`Order at ${name}`}
                      onClick={() => onOrder(id ?? "")}
                    >
                      Order
                    </Button>
                  </>
                }
                late={
                  late.length > 0 &&
                  late.map((line, i) => <BuyingCard key={line.id} line={line} place={i} onOpen={onOpen} />)
                }
              >
                {rest.map((line, i) => (
                  <BuyingCard
                    key={line.id}
                    line={line}
                    place={i}
                    onOpen={onOpen}
                    placed={placed[i]}
                    way={{
                      from: at(line.quote.order_by_on),
                      comes: at(line.quote.order_by_on) + (about?.lead_days ?? 0),
                      wanted: line.wanted_on ? daysFrom(desk.today, line.wanted_on) : null,
                      day,
                      days,
                    }}
                  />
                ))}
              </Row>
            );
          })}
          {coming.length > 0 && <ComingRow coming={coming} scale={scale} pins={pinned} onReceive={onReceive} />}
          {trials.length > 0 && (
            <TrialRow
              trials={trials}
              scale={scale}
              pins={pinned}
              onReceive={onReceive}
              onTags={onTags}
              onSeen={onSeen}
            />
          )}
          <Legends />
        </Box>
      )}
    </Box>
  );
}
