import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { useUndo } from "../../parts/undo";
import { weekday } from "../../units/format";
import { useCurrency, useUnits } from "../../units/useUnits";
import { Steps } from "./Steps";
import { reread } from "./useBuying";
import { NOBODY, packsWords, priceWords } from "./words";

/** What so much of a thing takes at one supplier, and the way to buy it there. */
export function QuoteRow({ thing, quote }: { thing: Schemas["BuyingThing"]; quote: Schemas["BuyingQuoteOf"] }) {
  const units = useUnits();
  const currency = useCurrency();
  const { say } = useUndo();
  const [open, setOpen] = useState(false);
  const [busy, setBusy] = useState(false);

  async function choose(supplier: string | null) {
    if (busy) return;
    setBusy(true);
    try {
      await ask(
        client.PUT("/api/buying/styles/{id}/supplier", { params: { path: { id: thing.id } }, body: { supplier } }),
      );
      await reread();
    } catch (error) {
      say(asProblem(error).message);
    }
    setBusy(false);
  }

  async function gone() {
    if (busy || !quote.supplier) return;
    setBusy(true);
    try {
      await ask(
        client.POST("/api/suppliers/{id}/offers/gone", {
          params: { path: { id: quote.supplier } },
          body: { style: thing.id },
        }),
      );
      await reread();
      say(`${thing.name} is not sold at ${quote.name} any more.`);
    } catch (error) {
      say(
        asProblem(error).status === 404 ? `No price of it is written down at ${quote.name}.` : asProblem(error).message,
      );
    }
    setBusy(false);
  }

  return (
    <Box
      component="li"
      sx={(theme) => ({
        py: 1,
        pl: 1.25,
        borderBottom: `1px solid ${theme.palette.divider}`,
        boxShadow: quote.chosen ? `inset 3px 0 ${theme.palette.primary.main}` : "none",
      })}
    >
      <Box sx={{ display: "flex", gap: 1 }}>
        <Typography sx={{ flex: 1, fontWeight: 600 }}>{quote.name || NOBODY}</Typography>
        <Typography sx={{ fontWeight: 700 }}>{priceWords(quote, currency)}</Typography>
      </Box>
      <Typography variant="body2" color={quote.enough ? "textSecondary" : "error"}>
        {packsWords(quote, thing.kind, units)}
      </Typography>
      <Typography variant="body2" color={quote.late ? "error" : "textSecondary"}>
        {quote.order_by_on ? `order by ${weekday(quote.order_by_on)}; ` : ""}ordered today it comes{" "}
        {weekday(quote.arrives_on)}
      </Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, ml: -0.75 }}>
        <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "Close the working" : "How it came about"}
        </Button>
        {quote.supplier && !(thing.bought_at === quote.supplier) && thing.quotes.length > 1 && (
          <Button size="small" disabled={busy} onClick={() => void choose(quote.supplier)}>
            Buy it here
          </Button>
        )}
        {quote.supplier && (
          <Button size="small" disabled={busy} onClick={() => void gone()} aria-label={`Not sold at ${quote.name}`}>
            Not sold here
          </Button>
        )}
        {thing.bought_at !== null && thing.bought_at === quote.supplier && (
          <Button size="small" disabled={busy} onClick={() => void choose(null)}>
            Let price and days decide
          </Button>
        )}
      </Box>
      {open && <Steps steps={quote.working} kind={thing.kind} />}
    </Box>
  );
}
