import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { counted, weekday } from "../../units/format";
import { CARD } from "./BuyingCard";
import { daysFrom, layCards } from "./days";
import type { Arrival, Trial } from "./onTrial";
import { ComingCard, TrialCard } from "./TimelineCards";
import { Row, type Scale } from "./TimelineFrame";

const open = () => false;

function lanes(placed: { lane: number }[]): number {
  return Math.max(...placed.map(({ lane }) => lane + 1), 0);
}

/** On which column a day is; what is past or far off stands at the edge. */
export function columnOf({ today, days }: Scale, iso: string | null): number {
  return Math.min(iso ? Math.max(daysFrom(today, iso), 0) : days - 1, days - 1);
}

/** What is on its way, each at the day it comes. */
export function ComingRow({
  coming,
  scale,
  pins,
  onReceive,
}: {
  coming: Arrival[];
  scale: Scale;
  pins: number[];
  onReceive: (purchase: string) => void;
}) {
  const placed = layCards(
    coming.map((one) => columnOf(scale, one.expected_on)),
    { card: CARD, ...scale },
  );
  return (
    <Row
      label="On the way"
      scale={scale}
      closed={open}
      pins={pins}
      lanes={lanes(placed)}
      head={
        <>
          <Typography variant="h3" component="h2">
            On the way
          </Typography>
          <Typography variant="body2" color="textSecondary">
            each at the day it comes
          </Typography>
        </>
      }
      late={null}
    >
      {coming.map((one, i) => (
        <ComingCard key={one.line.id} one={one} place={i} placed={placed[i]} onReceive={onReceive} />
      ))}
    </Row>
  );
}

/** What may go back, each at the day by which it is decided. */
export function TrialRow({
  trials,
  scale,
  pins,
  onReceive,
  onTags,
  onSeen,
}: {
  trials: Trial[];
  scale: Scale;
  pins: number[];
  onReceive: (purchase: string) => void;
  onTags: () => void;
  onSeen: () => void;
}) {
  const dated = trials.filter(({ decide_by }) => decide_by !== null);
  const gone = dated.filter(({ decide_by }) => daysFrom(scale.today, decide_by ?? scale.today) < 0);
  const ahead = dated.filter((one) => !gone.includes(one));
  const free = trials.length - dated.length;
  const placed = layCards(
    ahead.map((one) => columnOf(scale, one.decide_by)),
    { card: CARD, ...scale },
  );
  const opens = { onReceive, onTags, onSeen };
  return (
    <Row
      label="On trial"
      scale={scale}
      closed={open}
      pins={pins}
      lanes={lanes(placed)}
      least={132}
      head={
        <>
          <Typography variant="h3" component="h2">
            On trial
          </Typography>
          <Typography variant="body2" color="textSecondary">
            tags on, each at the day to decide by
          </Typography>
          {free > 0 && (
            <Typography variant="body2" color="textSecondary" sx={{ mt: 0.75 }}>
              {counted(free, "tag")} on for the price
            </Typography>
          )}
          <Button size="small" variant="outlined" sx={{ mt: 0.75 }} onClick={onSeen}>
            Seen it …
          </Button>
        </>
      }
      late={
        gone.length > 0 &&
        gone.map((one, i) => (
          <TrialCard key={one.key} one={one} place={i} says={`since ${weekday(one.decide_by ?? "")}`} {...opens} />
        ))
      }
    >
      {ahead.map((one, i) => (
        <TrialCard
          key={one.key}
          one={one}
          place={i}
          placed={placed[i]}
          says={`decide by ${weekday(one.decide_by ?? "")}`}
          {...opens}
        />
      ))}
    </Row>
  );
}
