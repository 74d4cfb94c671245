import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../../api/client";
import { UNSEEN } from "../../parts/SeenAndWanted";
import { length, ratio, type Units } from "../../units/format";
import { WAYS } from "./words";

type View = Schemas["ViewSeen"];
type Offer = Schemas["ViewOffer"];

/** Each way is tried on the room before it is offered. */
export function Offers({
  view,
  apply,
  busy,
  units,
}: {
  view: View;
  apply: (offer: Offer) => Promise<void>;
  busy: boolean;
  units: Units;
}) {
  const offers = useQuery({
    queryKey: ["room", "offers", view.id, view.seen],
    queryFn: () => ask(client.GET("/api/viewpoints/{id}/offers", { params: { path: { id: view.id } } })),
  });
  const items = offers.data?.items ?? [];
  if (items.length === 0)
    return (
      <Typography variant="body2" color="textSecondary" role="status">
        {offers.isPending ? "Trying what would quiet it …" : "Nothing here would quiet it."}
      </Typography>
    );
  return (
    <Box component="section" aria-label="What would quiet it">
      <Typography variant="body2" sx={{ fontWeight: 600 }}>
        What would quiet it
      </Typography>
      {items.map((offer) => {
        const pressed = offer.settings !== null || offer.position !== null;
        const place = offer.position
          ? `: ${offer.position.wall_name}, ${length(offer.position.at_m, units)} from the left`
          : "";
        return (
          <Box key={offer.way} sx={{ display: "flex", alignItems: "center", gap: 1, py: 0.5 }}>
            <Typography variant="body2" sx={{ flex: 1 }}>
              {offer.name}: {WAYS[offer.way].toLowerCase()}
              {place}
              <Typography component="span" variant="body2" color="textSecondary" sx={{ display: "block" }}>
                {ratio(offer.before)} → {ratio(offer.after)}, {offer.verdict}
              </Typography>
            </Typography>
            {pressed && (
              <Button size="small" variant="outlined" disabled={busy} onClick={() => void apply(offer)}>
                Do it
                <Box component="span" sx={UNSEEN}>
                  : {WAYS[offer.way].toLowerCase()}
                </Box>
              </Button>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
