import FormControl from "@mui/material/FormControl";
import FormControlLabel from "@mui/material/FormControlLabel";
import FormLabel from "@mui/material/FormLabel";
import Radio from "@mui/material/Radio";
import RadioGroup from "@mui/material/RadioGroup";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ask, asProblem, client, type Problem } from "../../api/client";
import { queryClient } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { FormDialog } from "../../parts/FormDialog";

interface Props {
  home: { id: string; name: string };
  onClose: () => void;
}

/** Asked with the home's own name: there is no way back from it. */
export function ForgetDialog({ home, onClose }: Props) {
  const [name, setName] = useState("");
  const [keeps, setKeeps] = useState("minutes");
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const objections = useObjections(problem, { name });
  const navigate = useNavigate();

  async function forget() {
    setBusy(true);
    try {
      const body = { name, keep_minutes: keeps === "minutes" };
      await ask(client.POST("/api/homes/{id}/forget", { params: { path: { id: home.id } }, body }));
      await navigate("/", { replace: true });
      queryClient.removeQueries({ queryKey: ["home", home.id] });
      await queryClient.invalidateQueries();
    } catch (error) {
      setProblem(asProblem(error));
      setBusy(false);
    }
  }

  return (
    <FormDialog
      title={`Forget ${home.name}?`}
      keeps="Forget it for good"
      busy={busy}
      objections={objections}
      onKeep={() => void forget()}
      onClose={onClose}
    >
      <Typography sx={{ mb: 2 }}>
        Rooms, pieces, visits, proposals, photographs, what was said and the client’s own things go now, and nobody
        brings them back. What they had of your stock is free again. Take all of it out first if anybody may still ask.
      </Typography>
      <FormControl sx={{ mb: 2 }}>
        <FormLabel id="what-stays">What stays</FormLabel>
        <RadioGroup aria-labelledby="what-stays" value={keeps} onChange={(_, value) => setKeeps(value)}>
          <FormControlLabel
            value="minutes"
            control={<Radio />}
            label="The minutes its visits took, without a name, so that your lessons stay"
          />
          <FormControlLabel value="nothing" control={<Radio />} label="Nothing" />
        </RadioGroup>
      </FormControl>
      <TextField
        label="Type the home’s name"
        value={name}
        onChange={(event) => setName(event.target.value)}
        error={Boolean(objections.field("/name"))}
        helperText={objections.field("/name") ?? home.name}
        autoComplete="off"
        fullWidth
      />
    </FormDialog>
  );
}
