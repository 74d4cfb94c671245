import { createElement, type FunctionComponent } from "react";
import type { Problem } from "../api/client";
import { ProblemAlert } from "../parts/ProblemAlert";

interface Benched {
  bench: { problem: Problem | null };
}

/** The dials of the step that is open; what the server objected to stands above them and nothing dialled is lost. */
export function stepDials<Step extends string, Props extends Benched>(dials: Record<Step, FunctionComponent<Props>>) {
  return function StepDials(props: Props & { step: Step }) {
    return (
      <>
        <ProblemAlert problem={props.bench.problem} />
        {createElement<Props>(dials[props.step], props)}
      </>
    );
  };
}
