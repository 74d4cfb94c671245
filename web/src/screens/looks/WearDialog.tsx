import Autocomplete from "@mui/material/Autocomplete";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { useUndo } from "../../parts/undo";
import { reread } from "./useLook";

type Found = Schemas["Found"];

/** Gives a look, or takes it off again; what was worn before comes back by one press. */
export async function give(
  wearer: { kind: Found["kind"]; id: string; name: string },
  look: string | null,
  told: string,
  say: ReturnType<typeof useUndo>["say"],
) {
  const put = (which: string | null) =>
    ask(client.PUT("/api/looks/wearers", { body: { of: wearer.kind, id: wearer.id, look: which } }));
  try {
    const before = await put(look);
    await reread();
    say(told, async () => {
      await put(before.look);
      await reread();
    });
  } catch (error) {
    say(asProblem(error).message);
  }
}

interface Props {
  look: Schemas["Look"];
  onClose: () => void;
}

/** Which home, room or piece wears a look, found as its name is typed. */
export function WearDialog({ look, onClose }: Props) {
  const [words, setWords] = useState("");
  const [wearer, setWearer] = useState<Found | null>(null);
  const { say } = useUndo();
  const found = useQuery({
    queryKey: ["find", words],
    queryFn: () => ask(client.GET("/api/find", { params: { query: { text: words } } })),
    enabled: words.trim().length > 0,
  });
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <DialogTitle>Who wears {look.name}?</DialogTitle>
      <DialogContent>
        <Typography color="textSecondary" sx={{ mb: 2 }}>
          A room wears what its home wears, a piece what its room wears, until they get a look of their own.
        </Typography>
        <Autocomplete<Found>
          options={found.data?.items ?? []}
          getOptionLabel={({ name }) => name}
          getOptionKey={({ kind, id }) => `${kind} ${id}`}
          isOptionEqualToValue={(option, chosen) => option.id === chosen.id}
          filterOptions={(options) => options}
          value={wearer}
          onChange={(_, chosen) => setWearer(chosen)}
          inputValue={wearer && words === "" ? wearer.name : words}
          onInputChange={(_, text, reason) => setWords(reason === "input" ? text : "")}
          noOptionsText={words ? "No home, room or piece is called that" : "Type a name"}
          renderOption={({ key, ...props }, { kind, name, within }) => (
            <li key={key} {...props}>
              {name}
              <Typography component="span" variant="body2" color="textSecondary" sx={{ ml: 1 }}>
                {kind}
                {within && `, ${within}`}
              </Typography>
            </li>
          )}
          renderInput={(params) => <TextField {...params} label="Home, room or piece" autoFocus />}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={!wearer}
          onClick={() => {
            if (wearer) void give(wearer, look.id, `${wearer.name} wears ${look.name}.`, say);
            onClose();
          }}
        >
          It wears it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
