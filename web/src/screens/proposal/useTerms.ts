import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { useVersioned } from "../../api/useVersioned";
import { linesOf } from "./words";

export type Terms = Omit<Schemas["ProposalTerms"], "open_points"> & { open_points: string };

const saidOf = ({ open_points, ...terms }: Schemas["ProposalTerms"]): Terms => ({
  ...terms,
  open_points: open_points.join("\n"),
});

/** What is said and agreed in a proposal, as it is typed; kept with its version, so that nobody's words are lost. */
export function useTerms(told: Schemas["Proposal"]) {
  const [said, setSaid] = useState(() => saidOf(told.terms));
  const { clash, problem, refused, settle, version } = useVersioned(told);
  const objections = useObjections(problem, said);
  const changed = JSON.stringify(said) !== JSON.stringify(saidOf(told.terms));
  const path = { params: { path: { id: told.home.id } } };

  /** @returns the proposal as it is kept, or nothing where it was refused */
  async function keep(at = version): Promise<Schemas["Proposal"] | null> {
    try {
      const kept = await ask(
        client.PUT("/api/homes/{id}/proposal", {
          ...path,
          body: { version: at, terms: { ...said, open_points: linesOf(said.open_points) } },
        }),
      );
      settle();
      queryClient.setQueryData(keys.proposal(told.home.id), kept);
      setSaid(saidOf(kept.terms));
      return kept;
    } catch (error) {
      refused(error);
      return null;
    }
  }

  return {
    said,
    change: (changes: Partial<Terms>) => setSaid((before) => ({ ...before, ...changes })),
    changed,
    keep,
    objections,
    clash,
    takeTheirs: (theirs: Schemas["ProposalTerms"]) => {
      setSaid(saidOf(theirs));
      settle();
    },
  };
}
