import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Navigate, Link as RouterLink, useLocation, useNavigate } from "react-router";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { useDoor, useInvitation } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { ChoiceDial } from "../../parts/ChoiceDial";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { FormAlert } from "../../parts/ProblemAlert";
import { useOnce } from "../../parts/useOnce";
import type { Units } from "../../units/format";
import { Doorway } from "../sign-in/Doorway";

type Region = NonNullable<Schemas["Founding"]["region"]>;

const REGIONS: Record<Region, string> = {
  europe: "Europe",
  british_isles: "Britain and Ireland",
  north_america: "North America",
  oceania: "Australia and New Zealand",
  japan: "Japan",
};
const EMPTY = { studio: "", name: "", email: "", password: "" };
const FIELDS = [
  { name: "studio", label: "Name of the studio", complete: "organization" },
  { name: "name", label: "Your name", complete: "name" },
  { name: "email", label: "Your email", complete: "username" },
  { name: "password", label: "A password", complete: "new-password" },
] as const;

/** The longest word that is an invitation; what is longer is none. */
const LONGEST = 64;

/** The first screen of an empty installation, or of whoever was invited to one that has a studio already: founds a
 * studio with its owner, who is then signed in. An invitation's word stands behind the address, where no log has it. */
export function Founding() {
  const invitation = useLocation().hash.slice(1, LONGEST + 1) || undefined;
  const door = useDoor().data;
  const asked = useInvitation(invitation);
  const invited = asked.data;
  const [said, setSaid] = useState(EMPTY);
  const [units, setUnits] = useState<Units>("metric");
  const [region, setRegion] = useState<Region>("europe");
  const [problem, setProblem] = useState<Problem | null>(null);
  const objections = useObjections(problem, said);
  const { busy, once } = useOnce();
  const navigate = useNavigate();
  const cache = useQueryClient();

  async function found() {
    try {
      await ask(client.POST("/api/studios", { body: { ...said, units, region, ...(invitation && { invitation }) } }));
      await ask(client.POST("/api/login", { body: { email: said.email, password: said.password } }));
      cache.clear();
      await navigate("/", { replace: true });
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  if (door?.me || (door?.founded && !invitation)) return <Navigate to="/" replace />;
  if (asked.isError) return <Failed error={asked.error} retry={() => void asked.refetch()} />;
  if (door?.founded && !invited) return <Loading what="the invitation" />;
  if (door?.founded && !invited?.invited)
    return (
      <Doorway title="This invitation is over" lead="It was used already, or its day is past.">
        <Typography sx={{ mb: 2 }}>Ask whoever sent it for another, or sign in if you have a studio here.</Typography>
        <Button component={RouterLink} to="/sign-in" variant="contained" size="large">
          Sign in
        </Button>
      </Doorway>
    );
  return (
    <Doorway title="Found your studio" lead="You become its owner and can let others in.">
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void once(found);
        }}
      >
        <FormAlert objections={objections} />
        <Stack spacing={2}>
          {FIELDS.map((field) => (
            <TextField
              key={field.name}
              label={field.label}
              type={field.name === "password" ? "password" : field.name === "email" ? "email" : "text"}
              autoComplete={field.complete}
              value={said[field.name]}
              onChange={(event) => setSaid({ ...said, [field.name]: event.target.value })}
              error={Boolean(objections.field(`/${field.name}`))}
              helperText={
                objections.field(`/${field.name}`) ?? (field.name === "password" ? "10 to 72 characters" : undefined)
              }
              required
            />
          ))}
          <TextField
            select
            label="We work in"
            value={region}
            onChange={(event) => setRegion(event.target.value as Region)}
            helperText={told((invited ?? door)?.regions?.find((one) => one.name === region))}
          >
            {Object.entries(REGIONS).map(([name, label]) => (
              <MenuItem key={name} value={name}>
                {label}
              </MenuItem>
            ))}
          </TextField>
          <ChoiceDial
            label="We measure in"
            value={units}
            onChange={setUnits}
            choices={{ metric: "metres", imperial: "feet and inches" }}
          />
          <Button type="submit" variant="contained" size="large" disabled={busy}>
            Found the studio
          </Button>
        </Stack>
      </form>
    </Doorway>
  );
}

/** What a region brings; each of it can be set otherwise under house rules. */
function told(region: Schemas["Region"] | undefined): string {
  if (!region) return "";
  const paper = { a4: "A4", letter: "Letter" }[region.paper];
  const sold = { cm: "centimetres", ft: "the foot" }[region.tree_sizes];
  return `${region.currency}, ${region.mains_volts} V and ${region.circuit_amps} A, ${paper} paper, trees by ${sold}`;
}
