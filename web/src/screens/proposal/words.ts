import type { Schemas } from "../../api/client";

export type State = Schemas["ProposalState"];

/** How far a proposal is, as the desk and its own screen say it. */
export const STATES: Record<State, string> = {
  not_sent: "Not sent yet",
  sent: "Sent, not opened yet",
  seen: "Opened by the client",
  commented: "The client said something",
  accepted: "Accepted",
  changed: "Changed since it was sent",
  withdrawn: "Withdrawn",
  ended: "Its link has ended",
};

/** The same on a card, behind the word for what it is. */
export const IN_SHORT: Record<State, string> = {
  not_sent: "not sent",
  sent: "sent",
  seen: "opened",
  commented: "something said",
  accepted: "accepted",
  changed: "changed since",
  withdrawn: "withdrawn",
  ended: "link ended",
};

/** Typed one a line; empty lines are none. */
export const linesOf = (text: string) =>
  text
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);
