import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { stepName, type Span, type Step } from "./dayLayout";

/** What finds no place, each with why. */
export function Unplaced({ span, onChoose }: { span: Span; onChoose: (step: Step) => void }) {
  const left = span.steps.filter(({ why }) => why !== null);
  if (left.length === 0) return null;
  const named = (step: Step) =>
    span.pieces.find(({ id }) => id === step.piece)?.name ??
    span.homes.flatMap(({ rooms }) => rooms).find(({ id }) => id === step.room)?.name;
  return (
    <Box component="section" aria-label="Finds no place" sx={{ bgcolor: "tokens.quinceWash", p: 1.5, borderRadius: 1 }}>
      <Typography variant="h3" component="h2">
        {left.length} {left.length === 1 ? "step finds" : "steps find"} no place
      </Typography>
      <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5, maxHeight: 180, overflow: "auto" }}>
        {left.map((step) => (
          <li key={step.id}>
            <Link component="button" type="button" onClick={() => onChoose(step)}>
              {stepName(step)}, {named(step)}
            </Link>
            : {step.why}
          </li>
        ))}
      </Box>
    </Box>
  );
}
