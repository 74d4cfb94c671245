import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { FormDialog } from "../../parts/FormDialog";
import { NumberField } from "../../parts/NumberField";
import { Tick } from "../../parts/Tick";
import { useUndo } from "../../parts/undo";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import { WordField } from "../../parts/WordField";
import type { Worker } from "./dayLayout";

type Skill = Schemas["Skills"][number];

/** What somebody can do, in words. */
export const SKILLS: Record<Skill, string> = {
  symmetry: "ribbon and bows",
  carpentry: "hooks and nails",
  heights: "ladders",
};
const EVERY: Skill[] = ["symmetry", "carpentry", "heights"];

interface Said {
  name: string;
  pace: number | null;
  skills: Skill[];
}

function saidOf(worker: Worker | undefined): Said {
  return { name: worker?.name ?? "", pace: worker?.pace ?? 1, skills: worker?.skills ?? EVERY };
}

function inWords({ name, pace, skills }: Said): InWords<Said> {
  return {
    name: ["Name", name],
    pace: ["Takes", `× ${pace ?? ""}`],
    skills: ["Can do", skills.map((skill) => SKILLS[skill]).join(", ")],
  };
}

/** Somebody who works in homes: how fast, and what they can do. */
export function WorkerDialog({ worker, onClose }: { worker?: Worker | undefined; onClose: () => void }) {
  const { say } = useUndo();
  const { said, change, objections, form } = useKeptForm<Worker, Said>({
    thing: worker,
    saidOf,
    inWords,
    send: async ({ name, pace, skills }, version) => {
      const body = { name, pace: pace ?? 0, skills };
      if (worker)
        await ask(client.PUT("/api/workers/{id}", { params: { path: { id: worker.id } }, body: { version, ...body } }));
      else await ask(client.POST("/api/workers", { body }));
      await queryClient.invalidateQueries({ queryKey: keys.days });
      say(`${name} was kept.`);
      onClose();
    },
  });

  return (
    <FormDialog
      title={worker ? worker.name : "Add somebody"}
      keeps={worker ? "Keep it" : "Add"}
      maxWidth="xs"
      {...form}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gap: 2, pt: 1 }}>
        <WordField
          label="Name"
          most={60}
          value={said.name}
          error={objections.field("/name")}
          onChange={(name) => change({ name })}
        />
        <NumberField
          label="Takes, times the usual"
          help="1 is the pace of the house rules; who is learning takes 1.4"
          value={said.pace}
          error={objections.field("/pace")}
          onChange={(pace) => change({ pace })}
        />
      </Box>
      <Typography variant="h3" sx={{ mt: 2 }}>
        Can do
      </Typography>
      <Box role="group" aria-label="Can do">
        {EVERY.map((skill) => (
          <Tick
            key={skill}
            label={SKILLS[skill]}
            checked={said.skills.includes(skill)}
            onChange={(can) =>
              change({ skills: can ? [...said.skills, skill] : said.skills.filter((one) => one !== skill) })
            }
          />
        ))}
      </Box>
    </FormDialog>
  );
}
