import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { counted } from "../../units/format";

const KEY = [...keys.styles, "starter"];

async function take() {
  const told = await ask(client.DELETE("/api/stock/starter"));
  await queryClient.invalidateQueries({ queryKey: keys.styles });
  return told;
}

/** A new studio may begin with what most own. */
export function BeginWithSet() {
  const { say } = useUndo();
  const [busy, setBusy] = useState(false);

  async function add() {
    setBusy(true);
    try {
      const { added } = await ask(client.POST("/api/stock/starter", { body: {} }));
      await queryClient.invalidateQueries({ queryKey: keys.styles });
      say(`${counted(added, "thing")} added, none counted yet.`);
    } catch (error) {
      say(asProblem(error).message);
    }
    setBusy(false);
  }

  return (
    <Button disabled={busy} onClick={() => void add()}>
      Begin with a common set
    </Button>
  );
}

/** What of the common set nobody touched yet can be taken away again. */
export function SetLeft() {
  const { say } = useUndo();
  const left = useQuery({ queryKey: KEY, queryFn: () => ask(client.GET("/api/stock/starter")) }).data?.left ?? 0;
  if (left === 0) return null;

  async function remove() {
    try {
      const { removed } = await take();
      say(`${counted(removed, "thing")} of the common set taken away.`);
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1, px: 2, py: 0.5, borderTop: 1, borderColor: "divider" }}>
      <Typography variant="body2" color="textSecondary" sx={{ flex: 1 }}>
        {counted(left, "thing")} of the common set, not yet counted or used
      </Typography>
      <Button size="small" onClick={() => void remove()}>
        Take them away
      </Button>
    </Box>
  );
}
