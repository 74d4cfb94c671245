import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { FormAlert } from "../../parts/ProblemAlert";
import { useUndo } from "../../parts/undo";
import { counted } from "../../units/format";
import { CONDITIONS, ROLES, SEASONS } from "./words";

type Set = Schemas["SeveralSet"];

const AS_IT_IS = "";
const NONE = "none";

async function change(changes: Schemas["SeveralChange"][]): Promise<Schemas["SeveralChanged"]> {
  const told = await ask(client.POST("/api/stock/changes", { body: { changes } }));
  await queryClient.invalidateQueries({ queryKey: keys.styles });
  return told;
}

/** Changes many things at once; what is left as it is stays as it is. */
export function SeveralDialog({ things, onClose }: { things: Schemas["StockThing"][]; onClose: () => void }) {
  const [said, setSaid] = useState({
    season: AS_IT_IS,
    role: AS_IT_IS,
    condition: AS_IT_IS,
    retired: AS_IT_IS,
    bought_from: "",
  });
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const objections = useObjections(problem, said);
  const { say } = useUndo();
  const set = {
    ...(said.season && { season: said.season }),
    ...(said.role && { role: said.role === NONE ? null : said.role }),
    ...(said.condition && { condition: said.condition }),
    ...(said.retired && { retired: said.retired === "true" }),
    ...(said.bought_from.trim() && { bought_from: said.bought_from.trim() }),
  } as Set;
  const nothing = Object.keys(set).length === 0;

  async function keep() {
    if (busy || nothing) return;
    setBusy(true);
    try {
      const { changed, before } = await change(things.map(({ id }) => ({ style: id, set })));
      say(`${counted(changed, "thing")} changed.`, before.length > 0 ? () => change(before) : undefined);
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
    }
    setBusy(false);
  }

  const choice = (
    name: "season" | "role" | "condition" | "retired",
    label: string,
    choices: Record<string, string>,
  ) => (
    <TextField
      select
      label={label}
      value={said[name]}
      onChange={(event) => setSaid((before) => ({ ...before, [name]: event.target.value }))}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
    >
      <MenuItem value={AS_IT_IS}>as it is</MenuItem>
      {Object.entries(choices).map(([value, says]) => (
        <MenuItem key={value} value={value}>
          {says}
        </MenuItem>
      ))}
    </TextField>
  );
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <DialogTitle>Change {counted(things.length, "thing")}</DialogTitle>
        <DialogContent>
          <FormAlert objections={objections} />
          <Box sx={{ display: "grid", gap: 2, pt: 1 }}>
            {choice("season", "Season", SEASONS)}
            {choice("role", "Role", { ...ROLES, [NONE]: "not said" })}
            {choice("condition", "Condition", CONDITIONS)}
            {choice("retired", "Retired", { true: "retired, offered no longer", false: "in use" })}
            <TextField
              label="Bought from"
              value={said.bought_from}
              placeholder="as it is"
              onChange={(event) => setSaid((before) => ({ ...before, bought_from: event.target.value }))}
              slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 80 } }}
            />
          </Box>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={busy || nothing}>
            Change them
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
