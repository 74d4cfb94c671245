import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import type { Objections } from "../../api/useObjections";
import { NumberField } from "../../parts/NumberField";
import type { Terms } from "./useTerms";

interface Props {
  told: Schemas["Proposal"];
  said: Terms;
  change: (changes: Partial<Terms>) => void;
  objections: Objections;
}

/** So many versions of a piece the client chooses from, beside the piece as it is. */
const MOST_VERSIONS = 3;

/** What the stylist says and agrees: words, what is open, prices, and what there is a choice of. */
export function TermsFields({ told, said, change, objections }: Props) {
  const points = objections.field("/open_points");
  return (
    <Box sx={{ display: "grid", gap: 2 }}>
      <TextField
        label="A few words"
        value={said.greeting}
        onChange={(event) => change({ greeting: event.target.value })}
        multiline
        minRows={2}
        error={Boolean(objections.field("/greeting"))}
        helperText={objections.field("/greeting")}
        slotProps={{ htmlInput: { maxLength: 600 }, inputLabel: { shrink: true } }}
      />
      <TextField
        label="Still open, one a line"
        value={said.open_points}
        onChange={(event) => change({ open_points: event.target.value })}
        multiline
        minRows={2}
        error={Boolean(points)}
        helperText={points}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      <Choices told={told} said={said} change={change} />
      <FormControlLabel
        control={
          <Checkbox
            checked={said.with_prices}
            onChange={(_, checked) => change({ with_prices: checked })}
            sx={{ minHeight: 44 }}
          />
        }
        label="With what it comes to"
      />
      {said.with_prices && (
        <Box sx={{ display: "grid", gap: 2, gridTemplateColumns: "1fr 1fr" }}>
          <NumberField
            label="Discount, %"
            value={said.discount_percent}
            error={objections.field("/discount_percent")}
            onChange={(discount_percent) => change({ discount_percent: discount_percent ?? 0 })}
          />
          <NumberField
            label="Deposit, %"
            value={said.deposit_percent}
            error={objections.field("/deposit_percent")}
            onChange={(deposit_percent) => change({ deposit_percent: deposit_percent ?? 0 })}
          />
        </Box>
      )}
    </Box>
  );
}

function Choices({ told, said, change }: Omit<Props, "objections">) {
  const pieces = told.now.rooms.flatMap((room) => room.pieces);
  const offered = pieces
    .map((piece) => ({ piece, versions: told.variants.filter((one) => one.piece === piece.id) }))
    .filter(({ versions }) => versions.length > 0);
  if (offered.length === 0) return null;

  function offer(piece: string, id: string, chosen: boolean) {
    const before = said.versions[piece] ?? [];
    const now = chosen ? [...before, id] : before.filter((one) => one !== id);
    change({ versions: { ...said.versions, [piece]: now } });
  }

  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
      <Typography component="legend" variant="h3" sx={{ mb: 0.5 }}>
        What there is a choice of
      </Typography>
      {offered.map(({ piece, versions }) => (
        <Box key={piece.id} sx={{ mb: 0.5 }}>
          <Typography variant="body2" color="textSecondary">
            {piece.name}, as it is, or
          </Typography>
          {versions.map(({ id, name }) => {
            const chosen = said.versions[piece.id]?.includes(id) ?? false;
            const full = (said.versions[piece.id]?.length ?? 0) >= MOST_VERSIONS;
            return (
              <FormControlLabel
                key={id}
                sx={{ display: "flex" }}
                control={
                  <Checkbox
                    checked={chosen}
                    disabled={full && !chosen}
                    onChange={(_, checked) => offer(piece.id, id, checked)}
                    sx={{ minHeight: 44 }}
                    slotProps={{ input: { "aria-label": `${piece.name}: ${name}` } }}
                  />
                }
                label={name}
              />
            );
          })}
        </Box>
      ))}
    </Box>
  );
}
