import WifiOffRounded from "@mui/icons-material/WifiOffRounded";
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { counted } from "../../units/format";
import type { Progress, Sheet } from "./progress";
import type { Run } from "./useRunSheet";

/** So many acts something stays told. */
const NEWS = 6;

/** Without network, what is kept; what was refused; what two have done. */
export function Kept({ run, sheet, progress }: { run: Run; sheet: Sheet; progress: Progress }) {
  const pictures = run.photographs;
  // Told for as long as it is news.
  const latest = progress.acts.slice(-NEWS);
  const last = progress.clashes.findLast(({ step, turn }) =>
    latest.some((act) => act.step === step && act.turn === turn),
  );
  const step = sheet.steps.find(({ id }) => id === last?.step);
  return (
    <>
      {(run.offline || run.kept > 0 || pictures > 0) && (
        <Box
          role="status"
          sx={{
            display: "flex",
            gap: 1,
            justifyContent: "center",
            alignItems: "center",
            py: 0.5,
            bgcolor: "tokens.frost",
          }}
        >
          {run.offline && <WifiOffRounded aria-hidden sx={{ fontSize: 18 }} />}
          <Typography variant="body2">
            {[
              run.offline && "no network",
              run.kept > 0 && `${run.kept} kept on this phone`,
              pictures > 0 && `${counted(pictures, "photograph")} kept on this phone`,
            ]
              .filter(Boolean)
              .join(" · ")}
          </Typography>
        </Box>
      )}
      {run.offline && run.ranOut.length > 0 && (
        <Typography variant="body2" role="status" sx={{ px: 2, py: 0.5, bgcolor: "tokens.quinceWash" }}>
          {[...new Set(run.ranOut)].join(", ")} ran out: what is left is planned again once there is network.
        </Typography>
      )}
      {run.refused.map(({ name, refused, body }) => (
        <Alert
          key={body.key}
          severity="error"
          sx={{ borderRadius: 0 }}
          action={<Button onClick={() => run.forget(body.key)}>Let it go</Button>}
        >
          {name} was refused: {refused}
        </Alert>
      ))}
      {last && step && (
        <Typography variant="body2" role="status" sx={{ px: 2, py: 0.5, bgcolor: "tokens.quinceWash" }}>
          {last.by.join(" and ")} both {sheet.strike ? "took down" : "put up"}{" "}
          {counted(progress.clashes.length, "thing")}, the last in {step.title.toLowerCase()}: it counts once.
        </Typography>
      )}
    </>
  );
}
