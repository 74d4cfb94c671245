import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { counted } from "../../units/format";
import type { Span } from "./dayLayout";

/** What of each home is up, what is begun, and what waits for the next visit. */
export function HowFar({ spans }: { spans: Span[] }) {
  const told = spans.flatMap((span) =>
    span.homes.flatMap((home) => {
      const here = new Set(span.steps.flatMap(({ home: of, piece }) => (of === home.id && piece ? [piece] : [])));
      const pieces = span.pieces.filter(({ id }) => here.has(id));
      return pieces.some(({ state }) => state !== "planned") ? [{ home, pieces }] : [];
    }),
  );
  if (told.length === 0) return null;
  return (
    <Box component="section" aria-label="How far it is" sx={{ mt: 3 }}>
      <Typography variant="h2" gutterBottom>
        How far it is
      </Typography>
      {told.map(({ home, pieces }) => {
        const of = (state: string) => pieces.filter((piece) => piece.state === state);
        const begun = of("begun").length;
        return (
          <Box key={home.id} sx={{ py: 1, borderBottom: 1, borderColor: "divider" }}>
            <Typography sx={{ fontWeight: 600 }}>{home.name}</Typography>
            <Typography variant="body2" color="textSecondary">
              {of("done").length} of {counted(pieces.length, "piece")} up{begun > 0 && `, ${begun} begun`}
            </Typography>
            {of("optional").map(({ id, name }) => (
              <Typography key={id} variant="body2">
                {name} is optional
              </Typography>
            ))}
            {of("waiting").map(({ id, name, waits_for }) => (
              <Typography key={id} variant="body2">
                {name} waits for {waits_for}
              </Typography>
            ))}
          </Box>
        );
      })}
    </Box>
  );
}
