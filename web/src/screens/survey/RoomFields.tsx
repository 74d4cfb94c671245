import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useHints } from "../../api/queries";
import { ChoiceDial } from "../../parts/ChoiceDial";
import { InTurn } from "../../parts/InTurn";
import { LengthField } from "../../parts/LengthField";
import { Tick } from "../../parts/Tick";
import type { SurveyForm } from "./useSurvey";
import { HEAT, HEAT_NAMES } from "./words";

/** Shape and measures of the room, each with why it is asked. */
export function RoomFields({ form }: { form: SurveyForm }) {
  const { draft, change, objections } = form;
  const hint = useHints();
  return (
    <Box component="section" aria-label="The room">
      <Typography variant="h3" component="h2" sx={{ mb: 1.5 }}>
        The room
      </Typography>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 2 }}>
        <InTurn>
          <TextField
            label="Name of the room"
            value={draft.name}
            onChange={(event) => change({ name: event.target.value })}
            error={Boolean(objections.field("/name"))}
            helperText={objections.field("/name")}
            required
            sx={{ gridColumn: "1 / -1" }}
          />
          <LengthField
            label="Width"
            value={draft.width_m}
            onChange={(width_m) => change({ width_m })}
            help="Along the wall you face: a wide tree must not take it over"
            error={objections.field("/width_m")}
            required
            placeholder={6.4}
          />
          <LengthField
            label="Depth"
            value={draft.depth_m}
            onChange={(depth_m) => change({ depth_m })}
            help="From that wall to the one behind you"
            error={objections.field("/depth_m")}
            required
            placeholder={4.6}
          />
          <Box sx={{ gridColumn: "1 / -1" }}>
            <ChoiceDial
              label="Ceiling"
              value={draft.sloping ? "sloping" : "flat"}
              onChange={(shape) => change({ sloping: shape === "sloping" })}
              choices={{ flat: "flat", sloping: "sloping" }}
            />
          </Box>
          <LengthField
            label={draft.sloping ? "Ceiling at the left" : "Ceiling height"}
            value={draft.ceiling_left_m}
            onChange={(ceiling_left_m) => change({ ceiling_left_m })}
            help={draft.sloping ? "The lowest ceiling above the branches counts" : hint("survey/room/ceiling_left_m")}
            error={objections.field("/ceiling_left_m")}
            required
            placeholder={3.1}
          />
          {draft.sloping && (
            <LengthField
              label="Ceiling at the right"
              value={draft.ceiling_right_m}
              onChange={(ceiling_right_m) => change({ ceiling_right_m })}
              help="Facing the same wall"
              error={objections.field("/ceiling_right_m")}
              required
              placeholder={3.6}
            />
          )}
          <TextField
            select
            label="Heating"
            value={draft.heat}
            onChange={(event) => change({ heat: HEAT_NAMES.find((name) => name === event.target.value) ?? "none" })}
            helperText="Heat dries greens; a heated floor drops needles"
            sx={{ gridColumn: draft.sloping ? "auto" : undefined }}
          >
            {HEAT_NAMES.map((name) => (
              <MenuItem key={name} value={name}>
                {HEAT[name]}
              </MenuItem>
            ))}
          </TextField>
          <Tick
            label="No nails or glue here: decides how a tree is tied back"
            checked={draft.no_nails}
            onChange={(checked) => change({ no_nails: checked })}
          />
          <TextField
            label="Notes"
            value={draft.notes}
            onChange={(event) => change({ notes: event.target.value })}
            multiline
            // A plain one: one that measures itself holds up the whole survey.
            slotProps={{ input: { inputComponent: "textarea" }, htmlInput: { rows: 2 } }}
            sx={{ gridColumn: "1 / -1" }}
          />
        </InTurn>
      </Box>
    </Box>
  );
}
