import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import FormHelperText from "@mui/material/FormHelperText";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, client } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, useMe } from "../../api/queries";
import { FormDialog } from "../../parts/FormDialog";
import { NumberField } from "../../parts/NumberField";
import { useUndo } from "../../parts/undo";
import { useKeptForm } from "../../parts/useKeptForm";
import { WordField } from "../../parts/WordField";
import { useUnits } from "../../units/useUnits";
import { JobHistory } from "./JobHistory";
import { baseOf, bodyOf, inWords, once, saidOf, tookOf, type LogTime, type Said } from "./jobFields";
import type { Rule } from "./lessonWords";
import { lessonsAgain } from "./useLessons";

interface Props {
  /** The job that is corrected; without one a job is told. */
  time?: LogTime;
  rule: string;
  rules: Rule[];
  onClose: () => void;
}

/** What some work took: told, corrected, or left out of what the log says. */
export function JobDialog({ time, rule, rules, onClose }: Props) {
  const today = useMe().data?.today ?? "";
  const units = useUnits();
  const [key] = useState(newKey);
  const { say } = useUndo();
  const homes = useQuery({
    queryKey: [...keys.days, false, 1],
    queryFn: () => ask(client.GET("/api/days", { params: { query: { page: 1, past: false } } })),
  });
  const { said, change, objections, form } = useKeptForm<LogTime, Said>({
    thing: time,
    saidOf: (known) => saidOf(known, rule, today),
    inWords: (one) => inWords(one, { rules, units, source: time?.source, homes: homes.data?.homes ?? [] }),
    send: async (one, version) => {
      const body = bodyOf(one, rules);
      if (time)
        await ask(client.PUT("/api/log-times/{id}", { params: { path: { id: time.id } }, body: { ...body, version } }));
      else await ask(client.POST("/api/log-times", { body: { ...body, key } }));
      await lessonsAgain();
      say(time ? "The job was corrected." : "The job was added.");
      onClose();
    },
  });
  const first = rules.find((one) => one.key === said.parts[0]?.rule);
  const asked = tookOf(first ?? { quantity: "minutes" }, units, time?.source);
  const works = rules.filter(({ quantity }) => quantity === "minutes");

  return (
    <FormDialog
      title={time ? "Correct the job" : "Add a job"}
      keeps={time ? "Keep it" : "Add it"}
      {...form}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2, pt: 1 }}>
        <TextField
          type="date"
          label="Day"
          value={said.held_on}
          onChange={(event) => change({ held_on: event.target.value })}
          error={objections.field("/held_on") !== undefined}
          helperText={objections.field("/held_on") && "Choose a day, such as 29 November 2025."}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          select
          label="Home"
          value={said.home ?? ""}
          onChange={(event) => change({ home: event.target.value || null, piece: null })}
          error={objections.field("/home") !== undefined}
          helperText={objections.field("/home")}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
        >
          <option value="">elsewhere</option>
          {(homes.data?.homes ?? []).map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </TextField>
        <WordField
          label="Piece or room"
          value={said.piece_name}
          most={120}
          error={objections.field("/piece_name")}
          onChange={(piece_name) => change({ piece_name, piece: null })}
        />
        <WordField
          label="Who"
          value={said.who}
          most={200}
          error={objections.field("/who")}
          onChange={(who) => change({ who })}
        />
        {said.parts.map((part, i) => {
          const told = rules.find((one) => one.key === part.rule);
          const base = baseOf(told ?? { per: "each" }, units);
          const put = (changes: Partial<Said["parts"][number]>) =>
            change({ parts: said.parts.map((one, at) => (at === i ? { ...one, ...changes } : one)) });
          return (
            <Box key={i} sx={{ gridColumn: "1 / -1", display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2 }}>
              <TextField
                select
                label="Work"
                value={part.rule}
                onChange={(event) => put({ rule: event.target.value, base: null })}
                error={objections.field(`/parts/${i}/rule`) !== undefined}
                helperText={objections.field(`/parts/${i}/rule`)}
                slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
                sx={once(part.rule, rules) ? { gridColumn: "1 / -1" } : {}}
              >
                {(said.parts.length > 1 ? works : rules).map((one) => (
                  <option key={one.key} value={one.key}>
                    {one.title}
                  </option>
                ))}
              </TextField>
              {!once(part.rule, rules) && (
                <NumberField
                  label={base.label}
                  value={part.base === null ? null : Number(base.reading.shown(part.base))}
                  onChange={(typed) => put({ base: typed === null ? null : base.reading.read(String(typed)) })}
                  error={objections.field(`/parts/${i}/base`)}
                />
              )}
            </Box>
          );
        })}
        {first?.quantity === "minutes" && (
          <Button
            onClick={() => change({ parts: [...said.parts, { rule: works[0]?.key ?? rule, base: null, high: 0 }] })}
            sx={{ gridColumn: "1 / -1", justifySelf: "start" }}
          >
            Timed together with other work
          </Button>
        )}
        <NumberField
          label={asked.label}
          value={said.took === null ? null : Number(asked.reading.shown(said.took))}
          onChange={(typed) => change({ took: typed === null ? null : asked.reading.read(String(typed)) })}
          error={objections.field("/took")}
        />
        {first?.quantity === "minutes" && (
          <NumberField
            label="Pace, × the usual"
            value={said.pace}
            onChange={(pace) => change({ pace })}
            error={objections.field("/pace")}
            help="1.4 for an apprentice"
          />
        )}
        {first?.quantity === "minutes" && (
          <NumberField
            label="From the ladder, %"
            value={Math.round((said.parts[0]?.high ?? 0) * 100)}
            onChange={(typed) => change({ parts: said.parts.map((part) => ({ ...part, high: (typed ?? 0) / 100 })) })}
            error={objections.field("/parts/0/high")}
            help="how much of it"
          />
        )}
        <Box sx={{ gridColumn: "1 / -1", display: "grid" }}>
          <WordField
            label="Does not count, because"
            value={said.left_out}
            most={200}
            error={objections.field("/left_out")}
            onChange={(left_out) => change({ left_out })}
          />
          <FormHelperText>Left empty, it counts.</FormHelperText>
        </Box>
      </Box>
      {time?.source === "ticks" && !time.corrected && (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
          Read from the run sheet. Once corrected it stays as you say, whatever is ticked later.
        </Typography>
      )}
      {time && <JobHistory time={time} asked={asked} />}
    </FormDialog>
  );
}
