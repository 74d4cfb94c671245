import Button from "@mui/material/Button";
import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { LengthDial } from "../../../parts/LengthDial";
import { LengthField } from "../../../parts/LengthField";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { StepProps } from "./StepDials";

type Site = Schemas["GroupingSettings"]["site"];
type Lifted = Site["lifted"][number];

const MOST_LIFTED = declared.grouping.site.lifted.most;
/** Longest word for what lifts off. */
const WORDS = { what: 60, to: 60 };

/** What is put away so that there is room, and where it goes. */
function MakeRoom({ bench }: StepProps) {
  const { lifted } = bench.draft.settings.site;
  const [typed, setTyped] = useState<{ index: number; part: Partial<Lifted> } | null>(null);
  const dial = (entries: Lifted[]) => bench.dial("site", { lifted: entries });
  const keep = () => {
    if (!typed) return;
    dial(lifted.map((entry, i) => (i === typed.index ? { ...entry, ...typed.part } : entry)));
    setTyped(null);
  };
  const field = (entry: Lifted, i: number, name: keyof Lifted, label: string) => (
    <TextField
      label={label}
      value={(typed?.index === i ? typed.part[name] : undefined) ?? entry[name]}
      error={Boolean(bench.problem?.field(`/settings/site/lifted/${i}/${name}`))}
      helperText={bench.problem?.field(`/settings/site/lifted/${i}/${name}`)}
      onChange={(event) =>
        setTyped({ index: i, part: { ...(typed?.index === i ? typed.part : {}), [name]: event.target.value } })
      }
      onBlur={keep}
      onKeyDown={(event) => event.key === "Enter" && keep()}
      slotProps={{ htmlInput: { maxLength: WORDS[name] }, inputLabel: { shrink: true } }}
    />
  );
  return (
    <Entries
      label="Make room"
      noun="thing put away"
      entries={lifted}
      onRemove={(index) => dial(lifted.filter((_, i) => i !== index))}
      row={(entry, i) => (
        <>
          {field(entry, i, "what", "Lifts off")}
          {field(entry, i, "to", "Goes to")}
        </>
      )}
      add={
        lifted.length < MOST_LIFTED ? (
          <AddEntry label="Something lifts off" onClick={() => dial([...lifted, { what: "", to: "" }])} />
        ) : null
      }
    />
  );
}

/** Where on its surface the group stands, who looks at it from where, and whether it hides the socket. */
export function SiteStep(props: StepProps) {
  const { bench, plan } = props;
  const { site, surface, things, fill } = bench.draft.settings;
  const { sites_m = [] } = plan.drawing.site ?? {};
  const hiding = plan.drawing.ray;
  const units = useUnits();
  const dial = (part: Partial<Site>) => bench.dial("site", part);
  const error = (name: keyof Site) => bench.problem?.field(`/settings/site/${name}`);
  const riser = plan.figures.riser ? Number(plan.figures.riser.value) : 0;

  function raise() {
    if (!hiding) return;
    const more = Math.ceil(riser * 100) / 100;
    const index = hiding.thing - 1;
    if (index >= things.standing.length) bench.dial("fill", { riser_m: fill.riser_m + more });
    else
      bench.dial("things", {
        standing: things.standing.map((thing, i) =>
          i === index ? { ...thing, riser_m: thing.riser_m + more } : thing,
        ),
      });
  }

  return (
    <Dials>
      {plan.chosen && (
        <LengthDial
          label="Middle of the group"
          value={plan.assumed.site_m ?? 0}
          from={0}
          to={surface.length_m ?? 1}
          step={0.01}
          error={error("at_m")}
          onChange={(at_m) => dial({ at_m })}
        />
      )}
      <LengthField
        label="The group takes up"
        placeholder={length(plan.assumed.width_m, units)}
        value={site.width_m}
        error={error("width_m")}
        onChange={(width_m) => dial({ width_m })}
      />
      <LengthField
        label="Eye above the floor"
        value={site.eye_m}
        error={error("eye_m")}
        onChange={(eye_m) => eye_m !== null && dial({ eye_m })}
      />
      <LengthField
        label="Eye to the wall"
        value={site.distance_m}
        error={error("distance_m")}
        onChange={(distance_m) => distance_m !== null && dial({ distance_m })}
      />
      <FigureValue label="Sites there are" figure={plan.figures.sites} />
      <FigureValue label="Stays free" figure={plan.figures.free} />
      <FigureValue label="Hidden up to" figure={plan.figures.hidden_to} />
      {sites_m.length > 0 && (
        <Box className="whole-row" sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
          {sites_m.map((at_m, i) => (
            <Button key={at_m} size="small" variant="outlined" onClick={() => dial({ at_m })}>
              Site {i + 1}, at {length(at_m, units)}
            </Button>
          ))}
          {hiding && !hiding.hides && riser > 0 && (
            <Button size="small" variant="contained" onClick={raise}>
              Raise it by {length(Math.ceil(riser * 100) / 100, units)}: then the socket is hidden
            </Button>
          )}
        </Box>
      )}
      <MakeRoom {...props} />
    </Dials>
  );
}
