import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { addPhotograph, tooLarge } from "../../api/photographs";
import { usePictures } from "../../parts/usePictures";
import { useUndo } from "../../parts/undo";
import { money, weekday } from "../../units/format";
import { amount } from "../../units/amount";
import { useCurrency, useUnits } from "../../units/useUnits";
import { Thumbnail } from "../stock/Thumbnail";
import { daysFrom } from "./days";
import { reread, type Purchase } from "./useBuying";

interface Props {
  tagged: Schemas["TaggedThing"][];
  purchases: Purchase[];
  today: string;
  onReceive: (purchase: string) => void;
}

function by(day: string | null, today: string): { says: string; late: boolean } {
  if (!day) return { says: "no day said", late: false };
  const left = daysFrom(today, day);
  return { says: left < 0 ? `should be back since ${weekday(day)}` : `decide by ${weekday(day)}`, late: left < 0 };
}

function Tagged({ thing, today, place }: { thing: Schemas["TaggedThing"]; today: string; place: number }) {
  const units = useUnits();
  const currency = useCurrency();
  const { say } = useUndo();
  const [busy, setBusy] = useState(false);
  const params = { path: { id: thing.id } };
  const price = thing.tag === "price_only";
  const { says, late } = by(thing.decide_by, today);

  async function decide(back: number) {
    if (busy) return;
    setBusy(true);
    const key = newKey();
    try {
      await ask(client.POST("/api/trials/{id}/decision", { params, body: { key, back } }));
      await reread();
      say(back > 0 ? `${thing.name} went back.` : `${thing.name} is kept.`, async () => {
        const { tag, decide_by } = thing;
        await ask(client.POST("/api/trials/{id}/decision/undo", { params, body: { key, tag, decide_by } }));
        await reread();
      });
    } catch (error) {
      say(asProblem(error).message);
    }
    setBusy(false);
  }

  // A tag that only says the price may come off once it is photographed.
  async function photograph(files: File[]) {
    const [file] = files;
    if (!file) return;
    const refused = tooLarge(file);
    if (refused) {
      say(refused);
      return;
    }
    try {
      await addPhotograph("style", thing.id, file);
      await decide(0);
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  const tag = usePictures(`Choose a photograph of the tag of ${thing.name}`, (files) => void photograph(files));
  return (
    <Box component="li" sx={(theme) => ({ py: 1, borderBottom: `1px solid ${theme.palette.divider}` })}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1.25 }}>
        <Thumbnail thing={thing} place={place} size={38} />
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Typography noWrap sx={{ fontWeight: 600 }}>
            {thing.name}
          </Typography>
          <Typography variant="body2" color={late ? "error" : "textSecondary"}>
            {amount(thing.on_hand, thing.kind, units)}
            {thing.price_cents !== null && `, ${money(thing.price_cents, currency)} a pack`};{" "}
            {price ? "the tag is on for its price: photographed it may come off" : says}
          </Typography>
        </Box>
        {price && (
          <Button
            size="small"
            disabled={busy}
            onClick={() => tag.choose()}
            aria-label={`Photograph the tag of ${thing.name}`}
          >
            Photograph it
          </Button>
        )}
        {tag.input}
        <Button
          size="small"
          disabled={busy}
          onClick={() => void decide(0)}
          aria-label={price ? `Tag off: ${thing.name}` : `Keep ${thing.name}`}
        >
          {price ? "Tag off" : "Keep"}
        </Button>
        {!price && (
          <Button
            size="small"
            disabled={busy}
            onClick={() => void decide(thing.on_hand)}
            aria-label={`${thing.name} went back`}
          >
            Went back
          </Button>
        )}
      </Box>
    </Box>
  );
}

/** What may go back: to be kept, or taken back by its day. */
export function TrialList({ tagged, purchases, today, onReceive }: Props) {
  const units = useUnits();
  const currency = useCurrency();
  const tried = purchases.flatMap((purchase) =>
    purchase.lines.filter(({ undecided }) => undecided > 0).map((line) => ({ purchase, line })),
  );
  return (
    <Box component="section" aria-label="On trial" sx={{ mt: 3 }}>
      <Typography variant="h2">On trial</Typography>
      {tagged.length + tried.length === 0 && (
        <Typography color="textSecondary" sx={{ py: 1 }}>
          Nothing is on trial. What is ordered with a “decide by” day stands here until it is kept or taken back; so
          does what has its tags on in the stockroom.
        </Typography>
      )}
      <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {tried.map(({ purchase, line }, i) => {
          const { says, late } = by(line.decide_by, today);
          return (
            <Box
              component="li"
              key={line.id}
              sx={(theme) => ({ py: 1, borderBottom: `1px solid ${theme.palette.divider}` })}
            >
              <Box sx={{ display: "flex", alignItems: "center", gap: 1.25 }}>
                <Thumbnail thing={line} place={i} size={38} />
                <Box sx={{ flex: 1, minWidth: 0 }}>
                  <Typography noWrap sx={{ fontWeight: 600 }}>
                    {line.name}
                  </Typography>
                  <Typography variant="body2" color={late ? "error" : "textSecondary"}>
                    {amount(line.undecided * line.pack_size, line.kind, units)}, {money(line.back_cents, currency)}{" "}
                    could come back; {says}
                  </Typography>
                </Box>
                <Button size="small" variant="outlined" onClick={() => onReceive(purchase.id)}>
                  Decide
                </Button>
              </Box>
            </Box>
          );
        })}
        {tagged.map((thing, i) => (
          <Tagged key={thing.id} thing={thing} today={today} place={i} />
        ))}
      </Box>
    </Box>
  );
}
