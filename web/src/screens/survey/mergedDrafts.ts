import { merged, type Merged } from "../../api/merged";
import type { RoomDraft } from "./roomDraft";

const flat = ({ plan, ...room }: RoomDraft) => ({ ...room, ...plan });

function draftAgain({ walls, openings, things, sockets, ...room }: ReturnType<typeof flat>): RoomDraft {
  return { ...room, plan: { walls, openings, things, sockets } };
}

/**
 * Puts together what two people surveyed of one room: walls, openings, furniture, sockets and places are a field each.
 *
 *   mergedDrafts(begun, { ...begun, notes: "Beam" }, { ...begun, width_m: 4.1 }).mine   // the beam, and 4.1 m wide
 */
export function mergedDrafts(begun: RoomDraft, mine: RoomDraft, theirs: RoomDraft): Merged<RoomDraft> {
  const both = merged(flat(begun), flat(mine), flat(theirs));
  const clashing = both.clashing.map((field) => (field in begun ? (field as keyof RoomDraft) : "plan"));
  return { mine: draftAgain(both.mine), theirs: draftAgain(both.theirs), clashing: [...new Set(clashing)] };
}
