import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem } from "../api/client";
import { keys } from "../api/queries";
import { ChoiceDial } from "../parts/ChoiceDial";
import { ProblemAlert } from "../parts/ProblemAlert";
import { useOnce } from "../parts/useOnce";
import { useUndo } from "../parts/undo";
import { PersonRow } from "./PersonRow";

const EMPTY = { name: "", email: "", password: "" };
const FIELDS = [
  { name: "name", label: "Name" },
  { name: "email", label: "Email" },
  { name: "password", label: "First password" },
] as const;

/** Everyone who can sign in to the studio; an owner lets others in. */
export function PeopleDialog({ owner, onClose }: { owner: boolean; onClose: () => void }) {
  const [said, setSaid] = useState(EMPTY);
  const [role, setRole] = useState<"assistant" | "owner">("assistant");
  const [problem, setProblem] = useState<Problem | null>(null);
  const people = useQuery({ queryKey: keys.people, queryFn: () => ask(client.GET("/api/people")) });
  const cache = useQueryClient();
  const { say } = useUndo();
  const { busy, once } = useOnce();

  async function add() {
    try {
      const person = await ask(client.POST("/api/people", { body: { ...said, role } }));
      say(`${person.name} can sign in now. Tell them the first password, and to change it.`);
      setSaid(EMPTY);
      setProblem(null);
      await cache.invalidateQueries({ queryKey: keys.people });
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <DialogTitle>People</DialogTitle>
      <DialogContent>
        <Box component="ul" sx={{ listStyle: "none", p: 0, m: 0, mb: 2 }}>
          {people.data?.items.map((person) => (
            <PersonRow key={person.id} person={person} owner={owner} />
          ))}
        </Box>
        {owner && (
          <form
            noValidate
            onSubmit={(event) => {
              event.preventDefault();
              void once(add);
            }}
          >
            <Typography variant="h3" component="h3" sx={{ mb: 1.5 }}>
              Let somebody in
            </Typography>
            <ProblemAlert problem={problem && !problem.details.errors?.length ? problem : null} />
            <Box sx={{ display: "grid", gap: 2 }}>
              {FIELDS.map((field) => (
                <TextField
                  key={field.name}
                  label={field.label}
                  value={said[field.name]}
                  autoComplete="off"
                  onChange={(event) => setSaid({ ...said, [field.name]: event.target.value })}
                  error={Boolean(problem?.field(`/${field.name}`))}
                  helperText={problem?.field(`/${field.name}`)}
                />
              ))}
              <ChoiceDial
                label="Role: an owner also sets house rules and deletes homes"
                value={role}
                onChange={setRole}
                choices={{ assistant: "assistant", owner: "owner" }}
              />
              <Button type="submit" variant="contained" disabled={busy}>
                Let in
              </Button>
            </Box>
          </form>
        )}
        <Button onClick={onClose} sx={{ mt: 1 }}>
          Close
        </Button>
      </DialogContent>
    </Dialog>
  );
}
