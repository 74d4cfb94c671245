import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../api/client";
import { keys } from "../api/queries";
import { MoreMenu } from "../parts/MoreMenu";
import { ProblemAlert } from "../parts/ProblemAlert";
import { useUndo } from "../parts/undo";

type Person = Schemas["Person"];

/** What an owner may do about somebody; each says what it did. */
function usePerson(person: Person) {
  const cache = useQueryClient();
  const { say } = useUndo();
  const [problem, setProblem] = useState<Problem | null>(null);
  const path = { params: { path: { id: String(person.id) } } };

  async function attempt(work: () => Promise<unknown>, says: string): Promise<boolean> {
    try {
      await work();
      setProblem(null);
      say(says);
      await cache.invalidateQueries({ queryKey: keys.people });
      return true;
    } catch (error) {
      setProblem(asProblem(error));
      return false;
    }
  }
  const change = (body: Schemas["PersonChange"], says: string) =>
    attempt(() => ask(client.PATCH("/api/people/{id}", { ...path, body })), says);

  return {
    problem,
    makeRole: (role: Person["role"]) => change({ role }, `${person.name} is an ${role} now.`),
    disable: (disabled: boolean) =>
      change({ disabled }, disabled ? `${person.name} may no longer sign in.` : `${person.name} may sign in again.`),
    signOut: () =>
      attempt(() => ask(client.POST("/api/people/{id}/sign-out", path)), `${person.name} is signed out everywhere.`),
    setPassword: (password: string) =>
      attempt(
        () => ask(client.POST("/api/people/{id}/password", { ...path, body: { password } })),
        `${person.name} has a new first password. Tell them, and to change it.`,
      ),
  };
}

function NewPassword({
  name,
  onSet,
  error,
}: {
  name: string;
  onSet: (word: string) => void;
  error?: string | undefined;
}) {
  const [word, setWord] = useState("");
  return (
    <Box
      component="form"
      noValidate
      sx={{ display: "flex", gap: 1, mt: 1 }}
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        onSet(word);
      }}
    >
      <TextField
        label={`New first password for ${name}`}
        value={word}
        autoComplete="off"
        autoFocus
        onChange={(event) => setWord(event.target.value)}
        error={Boolean(error)}
        helperText={error}
      />
      <Button type="submit">Set</Button>
    </Box>
  );
}

/** Somebody of the studio; an owner changes the role, keeps them out, signs them out, gives a new first password. */
export function PersonRow({ person, owner }: { person: Person; owner: boolean }) {
  const { problem, makeRole, disable, signOut, setPassword } = usePerson(person);
  const [asking, setAsking] = useState(false);
  const other = person.role === "owner" ? "assistant" : "owner";
  const field = problem?.field("/password");
  return (
    <Box component="li" sx={(theme) => ({ py: 0.75, borderTop: `1px solid ${theme.palette.divider}` })}>
      <Box sx={{ display: "flex", alignItems: "center" }}>
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Typography sx={{ fontWeight: 600 }}>{person.name}</Typography>
          <Typography variant="body2" color="textSecondary" sx={{ overflowWrap: "anywhere" }}>
            {person.role}, {person.email}
            {person.disabled ? "; may not sign in" : ""}
          </Typography>
        </Box>
        {owner && (
          <MoreMenu
            label={`More for ${person.name}`}
            entries={[
              { label: `Make ${other}`, run: () => void makeRole(other) },
              { label: "New first password", run: () => setAsking(true) },
              { label: "Sign out everywhere", run: () => void signOut() },
              {
                label: person.disabled ? "Let sign in again" : "Keep from signing in",
                run: () => void disable(!person.disabled),
              },
            ]}
          />
        )}
      </Box>
      <ProblemAlert problem={problem && !field ? problem : null} />
      {asking && (
        <NewPassword
          name={person.name}
          error={field}
          onSet={(word) => void setPassword(word).then((done) => done && setAsking(false))}
        />
      )}
    </Box>
  );
}
