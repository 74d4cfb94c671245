import Box from "@mui/material/Box";
import FormGroup from "@mui/material/FormGroup";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import type { Objections } from "../../api/useObjections";
import { useLooks } from "../../api/queries";
import { Tick } from "../../parts/Tick";
import { PETS, type HomeSaid } from "./useHomeForm";

interface Props {
  said: HomeSaid;
  change: (part: Partial<HomeSaid>) => void;
  objections: Objections;
}

export function HomeFields({ said, change, objections }: Props) {
  const looks = useLooks();
  const ages = objections.field("/children");
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 2, pt: 1 }}>
      <TextField
        label="Name of the home"
        value={said.name}
        onChange={(event) => change({ name: event.target.value })}
        error={Boolean(objections.field("/name"))}
        helperText={objections.field("/name")}
        required
        autoFocus
      />
      <TextField
        label="Client"
        value={said.client}
        onChange={(event) => change({ client: event.target.value })}
        error={Boolean(objections.field("/client"))}
        helperText={objections.field("/client")}
      />
      <TextField
        label="Visit"
        type="date"
        value={said.visit_on}
        onChange={(event) => change({ visit_on: event.target.value })}
        slotProps={{ inputLabel: { shrink: true } }}
        error={Boolean(objections.field("/visit_on"))}
        helperText={objections.field("/visit_on") ?? "The day it is dressed"}
      />
      <TextField
        label="Strike"
        type="date"
        value={said.strike_on}
        onChange={(event) => change({ strike_on: event.target.value })}
        slotProps={{ inputLabel: { shrink: true } }}
        error={Boolean(objections.field("/strike_on"))}
        helperText={objections.field("/strike_on") ?? "The day it is taken down"}
      />
      <TextField
        select
        label="Look"
        // One that was deleted is worn by nobody; it comes back with the look.
        value={looks.data?.items.some(({ id }) => id === said.look_id) ? said.look_id : ""}
        onChange={(event) => change({ look_id: event.target.value })}
        slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
      >
        <MenuItem value="">not chosen</MenuItem>
        {looks.data?.items.map((look) => (
          <MenuItem key={look.id} value={look.id}>
            {look.name}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        label="Ages of children"
        value={said.children}
        onChange={(event) => change({ children: event.target.value })}
        placeholder="2, 7"
        error={Boolean(ages)}
        helperText={ages ?? "Glass hangs above their reach, small parts too"}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      <Box>
        <Typography variant="body2" color="textSecondary">
          Pets: tails and climbers decide how low glass may hang
        </Typography>
        <FormGroup row>
          {PETS.map((pet) => (
            <Tick
              key={pet.value}
              label={pet.label}
              checked={said.pets.includes(pet.value)}
              onChange={(checked) =>
                change({
                  pets: checked ? [...said.pets, pet.value] : said.pets.filter((kept) => kept !== pet.value),
                })
              }
            />
          ))}
        </FormGroup>
      </Box>
      <FormGroup>
        <Tick
          label="Rented: nothing is nailed or glued"
          checked={said.rented}
          onChange={(checked) => change({ rented: checked })}
        />
        <Tick
          label="Conifer allergy: artificial greens only"
          checked={said.conifer_allergy}
          onChange={(checked) => change({ conifer_allergy: checked })}
        />
      </FormGroup>
      <TextField
        label="Notes"
        multiline
        rows={2}
        value={said.notes}
        onChange={(event) => change({ notes: event.target.value })}
        error={Boolean(objections.field("/notes"))}
        helperText={objections.field("/notes")}
        sx={{ gridColumn: "1 / -1" }}
      />
    </Box>
  );
}
