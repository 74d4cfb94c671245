import { isPlan, type AnyPlan, type Kind } from "../../kinds/kind";
import { KINDS } from "../../kinds/registry";
import type { DrawnInRoom } from "./pieceFrame";

type Props = Omit<DrawnInRoom<Kind>, "plan"> & { plan: AnyPlan };

/** A piece as its bench draws it, whatever kind it is of. */
export function PieceShown(props: Props) {
  return <OfKind kind={props.plan.kind} {...props} />;
}

function OfKind<K extends Kind>({ kind, plan, ...rest }: Props & { kind: K }) {
  const { InRoom } = KINDS[kind];
  return isPlan(kind, plan) ? <InRoom plan={plan} {...rest} /> : null;
}
