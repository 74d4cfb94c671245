import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { ProblemAlert } from "../../../parts/ProblemAlert";
import { useStart } from "../useStart";
import type { StepProps } from "./StepDials";
import { PLAIN } from "../../../bench/things";

type Props = Pick<StepProps, "bench" | "piece" | "plan">;

/** A first group in one press, from what is free for this site. */
export function StartFromStock({ bench, piece, plan }: Props) {
  // Where nothing is free what stands there stays.
  const { start, started, problem, busy } = useStart(piece.id, bench, ({ standing }) => {
    if (standing.length > 0) bench.dial("things", { standing: standing.map((thing) => ({ ...PLAIN, ...thing })) });
  });
  return (
    <>
      <Button size="small" variant="outlined" disabled={!plan.chosen || busy} onClick={() => void start()}>
        Build a group from what I have
      </Button>
      <Typography variant="body2" role="status" sx={{ alignSelf: "center" }}>
        {started && started.wishes.join(" ")}
      </Typography>
      <ProblemAlert problem={problem} />
    </>
  );
}

/** Risers of the stock under what is to stand higher, in one press. */
export function RisersFromStock({ bench, piece, plan }: Props) {
  const { standing } = bench.draft.settings.things;
  const { start, started, problem, busy } = useStart(piece.id, bench, ({ risers }) => {
    if (risers.length > 0)
      bench.dial("things", {
        standing: standing.map((thing, i) => ({
          ...thing,
          riser: risers.find((riser) => riser.thing === i + 1)?.style ?? thing.riser,
        })),
      });
  });
  return (
    <>
      <Button size="small" disabled={!plan.chosen || busy} onClick={() => void start()}>
        Find risers in the stock
      </Button>
      <Typography variant="body2" role="status" sx={{ alignSelf: "center" }}>
        {started &&
          (started.risers.map(({ name }) => name).join(", ") || "No riser that is free is about as high as is wanted.")}
      </Typography>
      <ProblemAlert problem={problem} />
    </>
  );
}

/** What of the left-over ornaments goes into the vessel, in one press. */
export function LeftOvers({ bench, piece, plan }: Props) {
  const { start, started, problem, busy } = useStart(piece.id, bench, ({ balls }) => {
    if (balls.length > 0) bench.dial("fill", { balls });
  });
  return (
    <>
      <Button size="small" variant="outlined" disabled={!plan.chosen || busy} onClick={() => void start()}>
        Fill it with left-overs
      </Button>
      <Typography variant="body2" role="status" sx={{ alignSelf: "center" }}>
        {started?.balls.length === 0 && "Nothing that is free goes in."}
      </Typography>
      <ProblemAlert problem={problem} />
    </>
  );
}
