import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import { useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { Navigate, useLocation, useNavigate } from "react-router";
import { ask, asProblem, client, type Problem } from "../../api/client";
import { useDoor } from "../../api/queries";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { Doorway } from "./Doorway";

export function SignIn() {
  const door = useDoor();
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const cache = useQueryClient();
  const location = useLocation();
  const from: unknown = location.state?.from;

  async function signIn(event: FormEvent) {
    event.preventDefault();
    setBusy(true);
    try {
      await ask(client.POST("/api/login", { body: { email, password } }));
      cache.clear();
      await navigate(typeof from === "string" ? from : "/", { replace: true });
    } catch (error) {
      setProblem(asProblem(error));
    } finally {
      setBusy(false);
    }
  }

  if (door.data && !door.data.founded) return <Navigate to="/found" replace />;
  return (
    <Doorway title="Sign in">
      <form onSubmit={(event) => void signIn(event)}>
        <ProblemAlert problem={problem} />
        <Stack spacing={2}>
          <TextField
            label="Email"
            type="email"
            autoComplete="username"
            autoFocus
            required
            value={email}
            onChange={(event) => setEmail(event.target.value)}
          />
          <TextField
            label="Password"
            type="password"
            autoComplete="current-password"
            required
            value={password}
            onChange={(event) => setPassword(event.target.value)}
          />
          <Button type="submit" variant="contained" size="large" disabled={busy}>
            Sign in
          </Button>
        </Stack>
      </form>
    </Doorway>
  );
}
