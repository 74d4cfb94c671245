import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { MoreMenu } from "../../parts/MoreMenu";
import { useUndo } from "../../parts/undo";
import type { Worker } from "./dayLayout";
import { SKILLS, WorkerDialog } from "./WorkerDialog";

/** Everybody who works in homes, with their pace and what they can do. */
export function WhoWorks({ workers }: { workers: Worker[] }) {
  const [changing, setChanging] = useState<Worker | "new" | null>(null);
  const { say } = useUndo();
  const reread = () => queryClient.invalidateQueries({ queryKey: keys.days });

  async function remove({ id, name }: Worker) {
    const params = { path: { id } };
    try {
      await ask(client.DELETE("/api/workers/{id}", { params }));
    } catch (error) {
      say(`${name} was not deleted: ${asProblem(error).message}`);
      await reread();
      return;
    }
    await reread();
    say(`${name} was deleted.`, async () => {
      await ask(client.POST("/api/workers/{id}/restore", { params, body: {} }));
      await reread();
    });
  }

  return (
    <Box component="section" aria-label="Who works" sx={{ mt: 3 }}>
      <Typography variant="h2" gutterBottom>
        Who works
      </Typography>
      {workers.map((worker) => (
        <Box
          key={worker.id}
          sx={{ display: "flex", alignItems: "center", borderBottom: 1, borderColor: "divider", py: 0.5 }}
        >
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <Typography sx={{ fontWeight: 600 }}>
              {worker.name}
              {worker.pace !== 1 && ` × ${worker.pace}`}
            </Typography>
            <Typography variant="body2" color="textSecondary">
              {worker.skills.length > 0
                ? worker.skills.map((skill) => SKILLS[skill]).join(", ")
                : "no ribbon, hooks, ladders"}
            </Typography>
          </Box>
          <MoreMenu
            label={`More about ${worker.name}`}
            entries={[
              { label: "Change it", run: () => setChanging(worker) },
              { label: "Delete it", run: () => void remove(worker) },
            ]}
          />
        </Box>
      ))}
      <Button startIcon={<Add />} onClick={() => setChanging("new")} sx={{ mt: 1 }}>
        Add somebody
      </Button>
      {changing && (
        <WorkerDialog worker={changing === "new" ? undefined : changing} onClose={() => setChanging(null)} />
      )}
    </Box>
  );
}
