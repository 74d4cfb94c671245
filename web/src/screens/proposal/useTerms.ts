import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import { counted } from "../../units/format";
import { linesOf } from "./words";

type Proposal = Schemas["Proposal"];
export type Terms = Omit<Schemas["ProposalTerms"], "open_points"> & { open_points: string };

function saidOf({ terms: { open_points, ...terms } }: Proposal): Terms {
  return { ...terms, open_points: open_points.join("\n") };
}

/** The same in words, by what each is called. */
function inWords(terms: Terms): InWords<Terms> {
  return {
    greeting: ["A few words", terms.greeting],
    open_points: ["Still open", terms.open_points],
    with_prices: ["With what it comes to", terms.with_prices ? "yes" : "no"],
    discount_percent: ["Discount", `${terms.discount_percent} %`],
    deposit_percent: ["Deposit", `${terms.deposit_percent} %`],
    versions: ["Versions to choose from", counted(Object.values(terms.versions).flat().length, "version")],
  };
}

const ALIASES: Record<string, string> = {
  "/terms/greeting": "/greeting",
  "/terms/open_points": "/open_points",
  "/terms/discount_percent": "/discount_percent",
  "/terms/deposit_percent": "/deposit_percent",
};

/** What is said and agreed in a proposal, as it is typed; kept with its version, so that nobody's words are lost. */
export function useTerms(told: Proposal) {
  const { keep, ...terms } = useKeptForm<Proposal, Terms>({
    thing: told,
    saidOf: (known = told) => saidOf(known),
    inWords,
    aliases: ALIASES,
    send: async (said, version) => {
      const kept = await ask(
        client.PUT("/api/homes/{id}/proposal", {
          params: { path: { id: told.home.id } },
          body: { version, terms: { ...said, open_points: linesOf(said.open_points) } },
        }),
      );
      queryClient.setQueryData(keys.proposal(told.home.id), kept);
    },
  });
  return {
    ...terms,
    /** @returns the proposal as it is kept, or nothing where it was refused */
    keep: async () => ((await keep()) ? queryClient.getQueryData<Proposal>(keys.proposal(told.home.id)) : undefined),
  };
}
