import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import { useMe } from "../api/queries";
import { counted } from "../units/format";
import { forget } from "./counts";
import { useWaiting } from "./useWaiting";

/** What was counted without network and is still to be written down, or was refused. */
export function WaitingNotice() {
  const counts = useWaiting(useMe().data?.account.email);
  const pending = counts.filter(({ refused }) => !refused);
  return (
    <>
      {pending.length > 0 && (
        <Alert severity="info" role="status" sx={{ borderRadius: 0 }}>
          {counted(pending.length, "count")} of box {pending.map(({ number }) => number).join(", ")} kept here until
          there is network.
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
