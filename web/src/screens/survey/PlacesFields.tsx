import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useHints } from "../../api/queries";
import { ChoiceDial } from "../../parts/ChoiceDial";
import { InTurn } from "../../parts/InTurn";
import { LengthField } from "../../parts/LengthField";
import { Tick } from "../../parts/Tick";
import { newPlace, type PlaceDraft } from "./roomDraft";
import { wallsOf } from "./plan/planDraft";
import { WallSelect } from "./plan/WallSelect";
import type { SurveyForm } from "./useSurvey";
import { STANCES } from "./words";

function PlaceCard({ place, at, form }: { place: PlaceDraft; at: number; form: SurveyForm }) {
  const hint = useHints();
  const change = (part: Partial<PlaceDraft>) => form.changePlace(place.key, part);
  const wrong = (name: string) => form.objections.field(`/places/${at}/${name}`);
  const title = place.name || `Place ${at + 1}`;
  return (
    <Paper variant="outlined" sx={{ p: 2, mb: 2 }} role="group" aria-label={title}>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 2 }}>
        <InTurn>
          <TextField
            label="Name of the place"
            value={place.name}
            onChange={(event) => change({ name: event.target.value })}
            placeholder="Corner by the door"
            error={Boolean(wrong("name"))}
            helperText={wrong("name")}
            required
            slotProps={{ inputLabel: { shrink: true } }}
          />
          <ChoiceDial
            label="Stance: decides how much of the tree is seen"
            value={place.stance}
            choices={STANCES}
            onChange={(stance) => change({ stance })}
          />
          <WallSelect
            plan={form.draft.plan}
            value={place.wall ?? wallsOf(form.draft.plan)[0]?.key ?? ""}
            onChange={(wall) => change({ wall })}
            error={wrong("wall")}
          />
          <LengthField
            label="Free width"
            value={place.free_width_m}
            onChange={(free_width_m) => change({ free_width_m })}
            help="The widest branches must fit"
            error={wrong("free_width_m")}
            placeholder={1.5}
          />
          <LengthField
            label="Free depth"
            value={place.free_depth_m}
            onChange={(free_depth_m) => change({ free_depth_m })}
            help="From the wall to where people pass"
            error={wrong("free_depth_m")}
            placeholder={1.4}
          />
          <LengthField
            label="Walkway in front"
            value={place.walkway_m}
            onChange={(walkway_m) => change({ walkway_m })}
            help={hint("survey/place/walkway_m")}
            error={wrong("walkway_m")}
            placeholder={1.1}
          />
          <LengthField
            label="From the left"
            value={place.from_left_m}
            onChange={(from_left_m) => change({ from_left_m })}
            help="To the trunk; under a slope it decides the height"
            error={wrong("from_left_m")}
            placeholder={3.2}
          />
          <LengthField
            label="Wall it stands at"
            value={place.wall_m}
            onChange={(wall_m) => change({ wall_m })}
            help={hint("survey/place/wall_m")}
            error={wrong("wall_m")}
            placeholder={form.draft.width_m ?? 6.4}
          />
          <Box>
            <Tick
              label="A socket in reach: no lead into another lead"
              checked={place.near_socket}
              onChange={(checked) => change({ near_socket: checked })}
            />
            <Tick
              label="Heat near: greens dry, the tree keeps clear"
              checked={place.near_heat}
              onChange={(checked) => change({ near_heat: checked })}
            />
          </Box>
        </InTurn>
      </Box>
      <Button
        size="small"
        color="inherit"
        sx={{ mt: 1 }}
        onClick={() => form.change({ places: form.draft.places.filter((kept) => kept.key !== place.key) })}
      >
        Take {title} out
      </Button>
    </Paper>
  );
}

/** Where a tree could stand, and what each place lets it be. */
export function PlacesFields({ form }: { form: SurveyForm }) {
  return (
    <Box component="section" aria-label="Places for a tree" sx={{ mt: 4 }}>
      <Typography variant="h3" component="h2" sx={{ mb: 1.5 }}>
        Places for a tree
      </Typography>
      <InTurn>
        {form.draft.places.map((place, i) => (
          <PlaceCard key={place.key} place={place} at={i} form={form} />
        ))}
      </InTurn>
      <Button startIcon={<Add />} onClick={() => form.change({ places: [...form.draft.places, newPlace()] })}>
        Add a place
      </Button>
    </Box>
  );
}
