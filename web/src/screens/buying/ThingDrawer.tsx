import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { Link as RouterLink } from "react-router";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { SideDrawer } from "../../parts/SideDrawer";
import { amount } from "../../units/amount";
import { counted, date, minutes, money, weekday } from "../../units/format";
import { useCurrency, useUnits } from "../../units/useUnits";
import { Thumbnail } from "../stock/Thumbnail";
import { OfferForm } from "./OfferForm";
import { QuoteRow } from "./QuoteRow";
import { Steps } from "./Steps";
import { packsWords, priceWords } from "./words";

type Thing = Schemas["BuyingThing"];

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title} sx={{ mt: 2.5 }}>
      <Typography variant="h3" gutterBottom>
        {title}
      </Typography>
      {children}
    </Box>
  );
}

function Owned({ thing }: { thing: Thing }) {
  const units = useUnits();
  const there = thing.where.filter(({ quantity }) => quantity > 0);
  if (thing.on_hand === 0 && thing.whom.length === 0) return <Typography>You own none of it.</Typography>;
  const [first] = there;
  const seen = first?.number
    ? `, last seen in box ${first.number}${first.seen_at ? ` on ${date(first.seen_at.slice(0, 10))}` : ""}`
    : "";
  return (
    <>
      <Typography>
        You own <strong>{amount(thing.on_hand, thing.kind, units)}</strong>
        {seen}
        {thing.kept > 0 && `; pieces keep ${amount(thing.kept, thing.kind, units)} of it`}.
      </Typography>
      {thing.spare_kept !== null && thing.spare_kept > 0 && (
        <Typography variant="body2" color="textSecondary">
          A favourite: {thing.spare_kept} kept in spare.
        </Typography>
      )}
      {thing.whom.map(({ whom, quantity }) => (
        <Typography key={whom} variant="body2" color="textSecondary">
          {amount(quantity, thing.kind, units)} lent to {whom}
        </Typography>
      ))}
    </>
  );
}

function Recipe({ recipe }: { recipe: Schemas["BuyingRecipe"] }) {
  const currency = useCurrency();
  return (
    <Typography>
      {recipe.name}: made for {money(recipe.make_cents, currency)} in {minutes(recipe.minutes)}
      {recipe.drying_minutes > 0 && `, dries ${minutes(recipe.drying_minutes)}`}.{" "}
      {recipe.in_time
        ? recipe.cheaper === "make"
          ? "Making it is cheaper."
          : "Buying it is cheaper."
        : "There is no time left to make it."}
    </Typography>
  );
}

/** One thing before it is bought: what one owns of it, who wants it, who sells it, what else would do. */
export function ThingDrawer({ style, onClose }: { style: string; onClose: () => void }) {
  const units = useUnits();
  const currency = useCurrency();
  const found = useQuery({
    queryKey: keys.shortage(style),
    queryFn: () => ask(client.GET("/api/buying/styles/{id}", { params: { path: { id: style } } })),
    retry: false,
    staleTime: 0,
  });
  const thing = found.data;
  return (
    <SideDrawer title={thing?.name ?? "To buy"} closes="Close what is to be bought" onClose={onClose}>
      {found.isPending && <Typography role="status">Looking it up …</Typography>}
      {found.isError && (
        <Typography role="status">
          {asProblem(found.error).status === 404 ? "Nothing of it lacks any more." : asProblem(found.error).message}
        </Typography>
      )}
      {thing && (
        <>
          <Box sx={{ display: "flex", gap: 1.5, alignItems: "center" }}>
            <Thumbnail thing={thing} place={0} size={64} />
            <Box>
              <Typography sx={{ fontSize: "1.35rem", fontWeight: 600, lineHeight: 1.2 }}>
                {amount(thing.to_order, thing.kind, units)} to buy
              </Typography>
              <Typography variant="body2" color="textSecondary">
                {packsWords(thing.quote, thing.kind, units)}, {priceWords(thing.quote, currency)}
                {thing.wanted_on && `; wanted ${weekday(thing.wanted_on)}`}
              </Typography>
            </Box>
          </Box>
          {thing.quotes
            .filter(({ chosen }) => chosen)
            .flatMap(({ findings }) => findings)
            .map((says) => (
              <Alert key={says} severity="warning" variant="outlined" sx={{ mt: 1.5 }}>
                {says}
              </Alert>
            ))}
          <Part title="Before it is bought">
            <Owned thing={thing} />
          </Part>
          <Part title="Who wants it">
            <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
              {thing.wants.map((want) => (
                <Box component="li" key={want.piece} sx={{ display: "flex", gap: 1, py: 0.25 }}>
                  <Box sx={{ flex: 1, minWidth: 0 }}>
                    <Link component={RouterLink} to={`/pieces/${want.piece}`} sx={{ fontWeight: 600 }}>
                      {want.name}
                    </Link>
                    <Typography variant="body2" color="textSecondary">
                      {want.home}, {want.room}
                      {want.visit_on && `, ${weekday(want.visit_on)}`}
                    </Typography>
                  </Box>
                  <Typography>
                    <strong>{amount(want.lacks, thing.kind, units)}</strong> of {amount(want.wanted, thing.kind, units)}
                  </Typography>
                </Box>
              ))}
            </Box>
            <Box sx={{ mt: 1 }}>
              <Steps steps={thing.working} kind={thing.kind} />
            </Box>
          </Part>
          <Part title="Who sells it">
            <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
              {thing.quotes.map((quote) => (
                <QuoteRow key={quote.supplier ?? ""} thing={thing} quote={quote} />
              ))}
            </Box>
            <OfferForm thing={thing} />
          </Part>
          <Part title="Plan B">
            {thing.alike.length === 0 && (
              <Typography color="textSecondary">
                Nothing of its kind, about its size and near to its colour is free in the stockroom.
              </Typography>
            )}
            {thing.alike.map((other, i) => (
              <Box key={other.id} sx={{ display: "flex", gap: 1, alignItems: "center", py: 0.5 }}>
                <Thumbnail thing={other} place={i} size={34} />
                <Box sx={{ flex: 1, minWidth: 0 }}>
                  <Typography noWrap>{other.name}</Typography>
                  <Typography variant="body2" color="textSecondary">
                    {amount(other.free, other.kind, units)} free, colour ΔE {other.delta_e}, size {other.size_percent} %
                    off
                  </Typography>
                </Box>
              </Box>
            ))}
            {thing.alike.length > 0 && thing.wants[0] && (
              <Typography variant="body2" color="textSecondary">
                Change it on the bench of{" "}
                <Link component={RouterLink} to={`/pieces/${thing.wants[0].piece}`} underline="always">
                  {thing.wants[0].name}
                </Link>
                , or make do there with what is on hand.
              </Typography>
            )}
          </Part>
          {(thing.over_seasons.season_cents !== null || thing.over_seasons.advice) && (
            <Part title="Over the seasons">
              <Typography>
                {[
                  ...(thing.over_seasons.each_cents === null
                    ? []
                    : [`${money(thing.over_seasons.each_cents, currency)} each`]),
                  ...(thing.over_seasons.season_cents === null || thing.over_seasons.seasons === null
                    ? []
                    : [
                        `${money(thing.over_seasons.season_cents, currency)} a season over ${counted(thing.over_seasons.seasons, "season")}`,
                      ]),
                  ...(thing.over_seasons.role === null
                    ? []
                    : [thing.over_seasons.role === "base" ? "part of the base" : "this year’s layer"]),
                ].join(", ")}
                .
              </Typography>
              {thing.over_seasons.advice && <Typography variant="body2">{thing.over_seasons.advice}</Typography>}
            </Part>
          )}
          {thing.recipes.length > 0 && (
            <Part title="Or made by hand">
              {thing.recipes.map((recipe) => (
                <Recipe key={recipe.id} recipe={recipe} />
              ))}
            </Part>
          )}
          {thing.coming > 0 && (
            <Typography variant="body2" color="textSecondary" sx={{ mt: 2 }}>
              {counted(thing.pieces, "piece")} want it; {amount(thing.coming, thing.kind, units)} on the way or on
              trial.
            </Typography>
          )}
        </>
      )}
    </SideDrawer>
  );
}
