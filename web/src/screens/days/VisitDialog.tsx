import Box from "@mui/material/Box";
import FormHelperText from "@mui/material/FormHelperText";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { FormDialog } from "../../parts/FormDialog";
import { NumberField } from "../../parts/NumberField";
import { Tick } from "../../parts/Tick";
import { useUndo } from "../../parts/undo";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import { weekday } from "../../units/format";
import { minutesOf, timeField, type Visit, type Worker } from "./dayLayout";

type Home = Schemas["Days"]["homes"][number];

interface Said {
  home: string;
  purpose: Visit["purpose"];
  held_on: string;
  from_min: string;
  to_min: string;
  lunch_from_min: string;
  lunch_min: number | null;
  workers: string[];
}

const LUNCH = 30;
const PURPOSES = { dress: "Dress it", strike: "Take it down" };
/** What an empty field wants. */
const MISSING: Partial<Record<keyof Said, string>> = {
  held_on: "Choose a day, such as 28 November 2026.",
  from_min: "Type a time, such as 9:00.",
  to_min: "Type a time, such as 17:00.",
};

function saidOf(visit: Visit | undefined, homes: Home[], workers: Worker[]): Said {
  const [first] = homes;
  return {
    home: visit?.home ?? first?.id ?? "",
    purpose: visit?.purpose ?? "dress",
    held_on: visit?.held_on ?? first?.visit_on ?? "",
    from_min: timeField(visit?.from_min ?? 540),
    to_min: timeField(visit?.to_min ?? 1020),
    lunch_from_min: visit ? (visit.lunch_from_min === null ? "" : timeField(visit.lunch_from_min)) : "12:30",
    lunch_min: visit?.lunch_min ?? LUNCH,
    workers: visit?.workers ?? workers.map(({ id }) => id),
  };
}

/** What is sent; a time that is none is nothing the server takes. */
function bodyOf(said: Said): Schemas["VisitFields"] {
  const lunch = minutesOf(said.lunch_from_min);
  return {
    home: said.home,
    purpose: said.purpose,
    held_on: said.held_on,
    from_min: minutesOf(said.from_min) ?? -1,
    to_min: minutesOf(said.to_min) ?? -1,
    lunch_from_min: lunch,
    lunch_min: lunch === null ? 0 : (said.lunch_min ?? 0),
    workers: said.workers,
  };
}

/** A visit: which home, when, and who comes. */
export function VisitDialog({
  visit,
  homes,
  workers,
  onClose,
}: {
  visit?: Visit | undefined;
  homes: Home[];
  workers: Worker[];
  onClose: () => void;
}) {
  const { say } = useUndo();
  const named = (id: string) => homes.find((home) => home.id === id)?.name ?? "";
  const { said, change, objections, form } = useKeptForm<Visit, Said>({
    thing: visit,
    saidOf: (known) => saidOf(known, homes, workers),
    inWords: (one): InWords<Said> => ({
      home: ["Home", named(one.home)],
      purpose: ["What for", PURPOSES[one.purpose]],
      held_on: ["Day", one.held_on && weekday(one.held_on)],
      from_min: ["From", one.from_min],
      to_min: ["To", one.to_min],
      lunch_from_min: ["Lunch", one.lunch_from_min],
      lunch_min: ["Lunch takes", `${one.lunch_min ?? 0} min`],
      workers: [
        "Who comes",
        workers
          .filter(({ id }) => one.workers.includes(id))
          .map(({ name }) => name)
          .join(", "),
      ],
    }),
    send: async (one, version) => {
      const body = bodyOf(one);
      if (visit)
        await ask(client.PUT("/api/visits/{id}", { params: { path: { id: visit.id } }, body: { version, ...body } }));
      else await ask(client.POST("/api/visits", { body }));
      await queryClient.invalidateQueries({ queryKey: keys.days });
      say(`${named(one.home)} on ${weekday(one.held_on)} was kept.`);
      onClose();
    },
  });

  /** A day of its own that is known already comes with the home and what it is for. */
  function choose(changes: Pick<Partial<Said>, "home" | "purpose">) {
    const { home, purpose } = { ...said, ...changes };
    const one = homes.find(({ id }) => id === home);
    const day = purpose === "strike" ? one?.strike_on : one?.visit_on;
    change({ ...changes, ...(day && !visit ? { held_on: day } : {}) });
  }

  const field = (name: keyof Said) => ({
    error: Boolean(objections.field(`/${name}`)),
    helperText: objections.field(`/${name}`) && (said[name] === "" ? MISSING[name] : objections.field(`/${name}`)),
  });
  return (
    <FormDialog
      title={visit ? "Change the visit" : "Add a visit"}
      keeps={visit ? "Keep it" : "Add it"}
      {...form}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2, pt: 1 }}>
        <TextField
          select
          label="Home"
          value={said.home}
          onChange={(event) => choose({ home: event.target.value })}
          {...field("home")}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
          sx={{ gridColumn: "1 / -1" }}
        >
          {homes.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </TextField>
        <TextField
          select
          label="What for"
          value={said.purpose}
          onChange={(event) => choose({ purpose: event.target.value === "strike" ? "strike" : "dress" })}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
        >
          {Object.entries(PURPOSES).map(([key, title]) => (
            <option key={key} value={key}>
              {title}
            </option>
          ))}
        </TextField>
        <TextField
          type="date"
          label="Day"
          value={said.held_on}
          onChange={(event) => change({ held_on: event.target.value })}
          {...field("held_on")}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          type="time"
          label="From"
          value={said.from_min}
          onChange={(event) => change({ from_min: event.target.value })}
          {...field("from_min")}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          type="time"
          label="To"
          value={said.to_min}
          onChange={(event) => change({ to_min: event.target.value })}
          {...field("to_min")}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          type="time"
          label="Lunch from"
          value={said.lunch_from_min}
          onChange={(event) => change({ lunch_from_min: event.target.value })}
          error={Boolean(objections.field("/lunch_from_min"))}
          helperText={objections.field("/lunch_from_min") ?? "empty: nobody stops for it"}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <NumberField
          label="Lunch, minutes"
          value={said.lunch_min}
          error={objections.field("/lunch_min")}
          onChange={(lunch_min) => change({ lunch_min })}
        />
      </Box>
      <Typography variant="h3" sx={{ mt: 2.5 }}>
        Who comes
      </Typography>
      {workers.length === 0 && <Typography color="textSecondary">Say first who works, beside the days.</Typography>}
      <Box role="group" aria-label="Who comes">
        {workers.map(({ id, name }) => (
          <Tick
            key={id}
            label={name}
            checked={said.workers.includes(id)}
            onChange={(comes) =>
              change({ workers: comes ? [...said.workers, id] : said.workers.filter((one) => one !== id) })
            }
          />
        ))}
      </Box>
      <FormHelperText error>{objections.field("/workers")}</FormHelperText>
    </FormDialog>
  );
}
