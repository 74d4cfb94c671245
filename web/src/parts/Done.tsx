import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../api/client";
import { clock, date } from "../units/format";
import { ProblemAlert } from "./ProblemAlert";

/** Something that was done once and counted: what, by whom, when, and the way back. */
export function Done({ act }: { act: Schemas["Act"] }) {
  const cache = useQueryClient();
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);

  async function takeBack() {
    setBusy(true);
    try {
      await ask(client.POST("/api/acts/{id}/take-back", { params: { path: { id: act.id } }, body: {} }));
      await cache.invalidateQueries();
    } catch (error) {
      setProblem(asProblem(error));
    }
    setBusy(false);
  }

  return (
    <Box className="whole-row" sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
      <Typography variant="body2" role="status">
        <strong>{act.says}.</strong> {act.by}, {date(act.made_at.slice(0, 10))} at {clock(act.made_at)}.
      </Typography>
      <Button className="not-on-paper" size="small" disabled={busy} onClick={() => void takeBack()}>
        Take it back
      </Button>
      <ProblemAlert problem={problem} />
    </Box>
  );
}
