import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useParams } from "react-router";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { keys, queryClient, useMe, useStyles } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Gently } from "../../parts/Gently";
import { Loading } from "../../parts/Loading";
import { MoreMenu } from "../../parts/MoreMenu";
import { Notice } from "../../parts/Notice";
import { useUndo } from "../../parts/undo";
import { Strip } from "../../shell/Strip";
import { HowFar } from "./HowFar";
import { SendPane } from "./SendPane";
import { Shown } from "./Shown";
import { Talk } from "./Talk";

/** Asked again while pieces are reckoned, and for what the client says meanwhile, milliseconds. */
const AGAIN = 700;
const MEANWHILE = 15_000;

/** What the client of a home is shown: what it says, how far it is, what was said and is answered. */
export function Proposal() {
  const { homeId = "" } = useParams();
  const me = useMe().data;
  const styles = useStyles().data;
  const proposal = useQuery({
    queryKey: keys.proposal(homeId),
    queryFn: () => ask(client.GET("/api/homes/{id}/proposal", { params: { path: { id: homeId } } })),
    refetchInterval: ({ state }) => (state.data?.pending ? AGAIN : MEANWHILE),
  });
  if (proposal.isPending || !styles || !me) return <Loading what="the proposal" />;
  if (!proposal.data) return <Failed error={proposal.error} retry={() => void proposal.refetch()} />;
  const told = proposal.data;
  return (
    <>
      <Strip
        crumbs={[
          { label: `Season ${me.season.season}`, to: "/" },
          { label: told.home.name, to: `/homes/${told.home.id}` },
          { label: "Proposal" },
        ]}
        of={told.home.name}
      >
        <Ways told={told} />
      </Strip>
      <Gently what="the proposal">
        {told.now.rooms.length === 0 && told.editions.length === 0 ? (
          <Notice title="Nothing is dressed in this home yet">
            Add a room and a piece; what its client is shown is made of them.
          </Notice>
        ) : (
          <Box
            sx={{
              flex: 1,
              minHeight: 0,
              display: "grid",
              gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 372px" },
              overflow: { xs: "auto", md: "hidden" },
            }}
          >
            <Box sx={{ overflow: { md: "auto" }, p: { xs: 2, md: 2.5 } }}>
              <HowFar told={told} />
              <Talk told={told} />
              <Shown told={told} />
            </Box>
            <SendPane key={told.home.id} told={told} styles={styles} today={me.today} />
          </Box>
        )}
      </Gently>
    </>
  );
}

/** Looking at it, printing it, taking it back. */
function Ways({ told }: { told: Schemas["Proposal"] }) {
  const { say } = useUndo();
  const [asking, setAsking] = useState(false);
  const sent = told.link !== null;

  async function withdraw() {
    setAsking(false);
    try {
      await ask(client.DELETE("/api/homes/{id}/proposal", { params: { path: { id: told.home.id } } }));
      say("It is withdrawn. Its link leads nowhere any more.");
    } catch (error) {
      say(asProblem(error).message);
    }
    await queryClient.invalidateQueries({ queryKey: keys.home(told.home.id) });
    await queryClient.invalidateQueries({ queryKey: ["season"] });
  }

  return (
    <>
      <Button href={`/api/homes/${told.home.id}/proposal/preview`} target="_blank" rel="noreferrer">
        As the client sees it
      </Button>
      {sent && (
        <MoreMenu
          label="More of the proposal"
          entries={[
            { label: "On paper, as it was sent", href: `/api/homes/${told.home.id}/proposal.pdf` },
            { label: "Withdraw it", run: () => setAsking(true) },
          ]}
        />
      )}
      <Dialog open={asking} onClose={() => setAsking(false)} maxWidth="xs" fullWidth aria-labelledby="withdraw-title">
        <DialogTitle id="withdraw-title">Withdraw it?</DialogTitle>
        <DialogContent>
          <Typography>
            Its link leads nowhere then. What was said and accepted stays here; sent anew it gets another link.
          </Typography>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setAsking(false)} autoFocus>
            Keep it
          </Button>
          <Button variant="contained" color="error" onClick={() => void withdraw()}>
            Withdraw
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
