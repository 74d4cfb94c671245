import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Thumbnail } from "../stock/Thumbnail";
import type { End } from "./stripWords";

/** What goes onto the surfaces that stand empty, out of the winter stock. */
export function Bridge({ end }: { end: End }) {
  const { accent, surfaces } = end.bridge;
  return (
    <Box component="section" aria-label="So that it does not look sad" sx={{ mt: 3 }}>
      <Typography variant="h2">So that it does not look sad</Typography>
      <Typography variant="body2" color="textSecondary" gutterBottom>
        {surfaces.length === 0
          ? "No surface stands empty."
          : "Surfaces that stand empty, out of the winter stock that is free then."}
      </Typography>
      {accent && surfaces.length > 0 && (
        <Box sx={{ display: "flex", alignItems: "center", gap: 1, py: 0.75 }}>
          <Thumbnail thing={accent} place={0} size={26} />
          <Typography>
            <strong>{accent.name}</strong>: the one warm accent that carries on
          </Typography>
        </Box>
      )}
      {surfaces.map(({ piece, things }) => (
        <Box key={piece} sx={{ py: 1, borderTop: 1, borderColor: "divider" }}>
          <Typography sx={{ fontWeight: 600 }}>
            Where {end.pieces.find(({ id }) => id === piece)?.name ?? "it"} was
          </Typography>
          {things.length === 0 && (
            <Typography variant="body2" color="textSecondary">
              Nothing of the winter stock is left for it.
            </Typography>
          )}
          {things.map((thing) => (
            <Box key={thing.style} sx={{ display: "flex", alignItems: "center", gap: 1, py: 0.25 }}>
              <Thumbnail thing={thing} place={0} size={26} />
              <Typography variant="body2">{thing.name}</Typography>
            </Box>
          ))}
        </Box>
      ))}
    </Box>
  );
}
