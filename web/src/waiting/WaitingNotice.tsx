import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import { useMe } from "../api/queries";
import { counted } from "../units/format";
import { forget } from "./counts";
import { useLocation } from "react-router";
import { usePictureQueue } from "./usePictureQueue";
import { useWaiting, useWaitingVisitActs } from "./useWaiting";

/** What was counted without network and is still to be written down, or was refused. */
export function WaitingNotice() {
  const account = useMe().data?.account.email;
  const counts = useWaiting(account);
  const said = useWaitingVisitActs(account);
  const kept = said.filter(({ refused }) => !refused).length;
  const pictures = usePictureQueue(account, kept);
  // A visit tells itself what it keeps.
  const elsewhere = !useLocation().pathname.startsWith("/visits/");
  const pending = counts.filter(({ refused }) => !refused);
  return (
    <>
      {pending.length > 0 && (
        <Alert severity="info" role="status" sx={{ borderRadius: 0 }}>
          {counted(pending.length, "count")} of box {pending.map(({ number }) => number).join(", ")} kept here until
          there is network.
        </Alert>
      )}
      {elsewhere && kept + pictures > 0 && (
        <Alert severity="info" role="status" sx={{ borderRadius: 0 }}>
          {counted(kept + pictures, "act")} of a visit kept here until there is network.
        </Alert>
      )}
      {elsewhere && said.length > kept && (
        <Alert severity="error" sx={{ borderRadius: 0 }}>
          Something said in a visit was refused; its run sheet says why.
        </Alert>
      )}
      {counts
        .filter(({ refused }) => refused)
        .map(({ number, refused, body }) => (
          <Alert
            key={body.key}
            severity="error"
            sx={{ borderRadius: 0 }}
            action={<Button onClick={() => forget(body.key)}>Let it go</Button>}
          >
            The count of box {number} was refused: {refused}
          </Alert>
        ))}
    </>
  );
}
