import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import { useState, type FormEvent } from "react";
import { ask, asProblem, client, type Problem } from "../../api/client";
import { ProblemAlert } from "../../parts/ProblemAlert";

interface SignInFormProps {
  email?: string;
  onSignedIn: () => void;
}

/** Email and password; tells who is let in. */
export function SignInForm({ email: known = "", onSignedIn }: SignInFormProps) {
  const [email, setEmail] = useState(known);
  const [password, setPassword] = useState("");
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);

  async function signIn(event: FormEvent) {
    event.preventDefault();
    setBusy(true);
    try {
      await ask(client.POST("/api/login", { body: { email, password } }));
      onSignedIn();
    } catch (error) {
      setProblem(asProblem(error));
      setBusy(false);
    }
  }

  return (
    <form onSubmit={(event) => void signIn(event)}>
      <ProblemAlert problem={problem} />
      <Stack spacing={2} sx={{ pt: 1 }}>
        <TextField
          label="Email"
          type="email"
          autoComplete="username"
          autoFocus={known === ""}
          required
          value={email}
          onChange={(event) => setEmail(event.target.value)}
        />
        <TextField
          label="Password"
          type="password"
          autoComplete="current-password"
          autoFocus={known !== ""}
          required
          value={password}
          onChange={(event) => setPassword(event.target.value)}
        />
        <Button type="submit" variant="contained" size="large" disabled={busy}>
          Sign in
        </Button>
      </Stack>
    </form>
  );
}
