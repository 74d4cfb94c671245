import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { useVersioned } from "../../api/useVersioned";
import { conflictRows } from "../../parts/ConflictDialog";
import { linesOf } from "./words";

export type Terms = Omit<Schemas["ProposalTerms"], "open_points"> & { open_points: string };

const saidOf = ({ open_points, ...terms }: Schemas["ProposalTerms"]): Terms => ({
  ...terms,
  open_points: open_points.join("\n"),
});

/** The same in words, by what each is called. */
function inWords(terms: Terms): Record<string, string> {
  return {
    "A few words": terms.greeting,
    "Still open": terms.open_points,
    "With what it comes to": terms.with_prices ? "yes" : "no",
    "Discount, %": String(terms.discount_percent),
    "Deposit, %": String(terms.deposit_percent),
    "Choices of versions": String(Object.values(terms.versions).flat().length),
  };
}

/** What is said and agreed in a proposal, as it is typed; kept with its version, so that nobody's words are lost. */
export function useTerms(told: Schemas["Proposal"]) {
  const [said, setSaid] = useState(() => saidOf(told.terms));
  const { clash, problem, refused, settle, version } = useVersioned(told);
  const objections = useObjections(problem, { terms: said });
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
    clash: clash && {
      theirs: clash.theirs,
      rows: conflictRows(inWords(said), inWords(saidOf(clash.theirs.terms))),
    },
    takeTheirs: (theirs: Schemas["ProposalTerms"]) => {
      setSaid(saidOf(theirs));
      settle();
    },
  };
}
