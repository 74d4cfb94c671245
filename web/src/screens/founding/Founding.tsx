import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import { useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { Navigate, useNavigate } from "react-router";
import { ask, asProblem, client, type Problem } from "../../api/client";
import { useDoor } from "../../api/queries";
import { ChoiceDial } from "../../parts/ChoiceDial";
import { ProblemAlert } from "../../parts/ProblemAlert";
import type { Units } from "../../units/format";
import { Doorway } from "../sign-in/Doorway";

const EMPTY = { studio: "", name: "", email: "", password: "" };
const FIELDS = [
  { name: "studio", label: "Name of the studio", complete: "organization" },
  { name: "name", label: "Your name", complete: "name" },
  { name: "email", label: "Your email", complete: "username" },
  { name: "password", label: "A password", complete: "new-password" },
] as const;

/** The first screen of an empty installation: founds the studio with its owner, who is then signed in. */
export function Founding() {
  const door = useDoor();
  const [said, setSaid] = useState(EMPTY);
  const [units, setUnits] = useState<Units>("metric");
  const [problem, setProblem] = useState<Problem | null>(null);
  const navigate = useNavigate();
  const cache = useQueryClient();

  async function found(event: FormEvent) {
    event.preventDefault();
    try {
      await ask(client.POST("/api/studios", { body: { ...said, units } }));
      await ask(client.POST("/api/login", { body: { email: said.email, password: said.password } }));
      cache.clear();
      await navigate("/", { replace: true });
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  if (door.data?.founded) return <Navigate to="/" replace />;
  return (
    <Doorway title="Found your studio" lead="You become its owner and can let others in.">
      <form onSubmit={(event) => void found(event)} noValidate>
        <ProblemAlert problem={problem && !problem.details.errors?.length ? problem : null} />
        <Stack spacing={2}>
          {FIELDS.map((field) => (
            <TextField
              key={field.name}
              label={field.label}
              type={field.name === "password" ? "password" : field.name === "email" ? "email" : "text"}
              autoComplete={field.complete}
              value={said[field.name]}
              onChange={(event) => setSaid({ ...said, [field.name]: event.target.value })}
              error={Boolean(problem?.field(`/${field.name}`))}
              helperText={
                problem?.field(`/${field.name}`) ?? (field.name === "password" ? "10 to 72 characters" : undefined)
              }
              required
            />
          ))}
          <ChoiceDial
            label="We measure in"
            value={units}
            onChange={setUnits}
            choices={{ metric: "metres", imperial: "feet and inches" }}
          />
          <Button type="submit" variant="contained" size="large">
            Found the studio
          </Button>
        </Stack>
      </form>
    </Doorway>
  );
}
