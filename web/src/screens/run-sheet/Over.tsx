import Button from "@mui/material/Button";
import { Link as RouterLink } from "react-router";
import { Notice } from "../../parts/Notice";
import { counted } from "../../units/format";
import { BoxesNow } from "./BoxesNow";
import { upcoming, type Progress, type Sheet } from "./progress";

/** Nothing more to do here for whoever asks. */
export function Over({
  sheet,
  progress,
  worker,
  onAll,
}: {
  sheet: Sheet;
  progress: Progress;
  worker: string | null;
  onAll: () => void;
}) {
  const waiting = sheet.steps.filter((step) => progress.waitsFor(step) !== null).length;
  if (sheet.steps.length === 0)
    return (
      <Notice
        title="Nothing is planned for this visit"
        action={
          <Button variant="contained" component={RouterLink} to="/days">
            See the days
          </Button>
        }
      >
        What its pieces need is placed in the hours of its visits; none of it lies in these.
      </Notice>
    );
  const down = sheet.strike !== undefined;
  const others = worker !== null && upcoming(sheet, progress, null).length > 0;
  return (
    <Notice
      title={others ? `Your part is ${down ? "down" : "up"}` : `All of it is ${down ? "down" : "up"}`}
      action={
        <>
          <Button variant="contained" component={RouterLink} to={`/visits/${sheet.visit.id}/log`}>
            Write its log
          </Button>
          <Button onClick={onAll} sx={{ ml: 1 }}>
            See all steps
          </Button>
        </>
      }
    >
      {[
        others && "The others still have something to do.",
        waiting > 0 && `${counted(waiting, "step")} ${waiting === 1 ? "waits" : "wait"} for the next visit.`,
      ]
        .filter(Boolean)
        .join(" ")}
      {down && <BoxesNow sheet={sheet} />}
    </Notice>
  );
}
