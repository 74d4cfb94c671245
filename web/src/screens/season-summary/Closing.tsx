import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ask, asProblem, client } from "../../api/client";
import { keys, queryClient, useMe } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { date } from "../../units/format";
import { Line, LineLink, Lines } from "./Lines";

/** Closing the season, and what can be done once it is; seasons that are over. */
export function Closing() {
  const me = useMe().data;
  const { say } = useUndo();
  const navigate = useNavigate();
  const [asked, setAsked] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const over = useQuery({ queryKey: keys.seasons, queryFn: () => ask(client.GET("/api/seasons")) });
  if (!me) return null;
  const { season, closed_on: closedOn, closed_by: closedBy } = me.season;
  const owner = me.account.role === "owner";
  const earlier = over.data?.items.filter((one) => one.season !== season) ?? [];

  /** Everything reads otherwise once a season is closed or begun. */
  async function run(step: () => Promise<unknown>) {
    if (busy) return;
    setBusy(true);
    try {
      await step();
      await queryClient.invalidateQueries();
    } catch (error) {
      const problem = asProblem(error);
      if (problem.details.type.endsWith("still-open")) setAsked(problem.message);
      else say(problem.message);
    }
    setBusy(false);
  }

  async function close(despite: boolean) {
    await ask(client.POST("/api/season/close", { body: { despite } }));
    setAsked(null);
    say(`Season ${season} is closed.`);
  }

  async function reopen() {
    await ask(client.POST("/api/season/reopen"));
    say(`Season ${season} is open again, as it was.`);
  }

  async function open() {
    await ask(client.POST("/api/season/open"));
    await navigate("/season-opening");
  }

  return (
    <>
      <Box component="section" aria-label="Closing it" sx={{ mb: 3 }}>
        {closedOn === null ? (
          <>
            <Typography variant="h2" gutterBottom>
              Close season {season}
            </Typography>
            <Typography color="textSecondary" sx={{ mb: 1.5 }}>
              What it came to and what stood where is kept as it is now; nothing of its plans changes any more.
            </Typography>
            {owner ? (
              <Button variant="outlined" disabled={busy} onClick={() => void run(() => close(false))}>
                Close the season
              </Button>
            ) : (
              <Typography>An owner of the studio closes it.</Typography>
            )}
          </>
        ) : (
          <>
            <Typography variant="h2" gutterBottom>
              Season {season} is closed
            </Typography>
            <Typography color="textSecondary" sx={{ mb: 1.5 }}>
              {[`On ${date(closedOn)}`, closedBy && `by ${closedBy}`].filter(Boolean).join(" ")}. Its plans stay as they
              are.
            </Typography>
            {owner && (
              <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
                <Button variant="contained" disabled={busy} onClick={() => void run(open)}>
                  Open season {season + 1}
                </Button>
                <Button disabled={busy} onClick={() => void run(reopen)}>
                  Reopen it
                </Button>
              </Box>
            )}
          </>
        )}
      </Box>
      {(earlier.length > 0 || closedOn !== null) && (
        <Lines title="Seasons that are over">
          {over.data?.items.map((one) => (
            <Line
              key={one.season}
              what={<LineLink to={`/seasons/${one.season}`}>Season {one.season}</LineLink>}
              much={date(one.closed_on)}
            />
          ))}
        </Lines>
      )}
      {asked !== null && (
        <Dialog open onClose={() => setAsked(null)} maxWidth="xs" fullWidth>
          <DialogTitle>Something is still out</DialogTitle>
          <DialogContent>
            <Typography>{asked}</Typography>
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setAsked(null)}>Look them over</Button>
            <Button variant="contained" disabled={busy} onClick={() => void run(() => close(true))}>
              Close it all the same
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </>
  );
}
