import type { Schemas } from "../../api/client";

export type Remark = Schemas["LogRemark"];
export type Sort = Schemas["RemarkSort"];

/** What may be noted, in groups as one thinks of it. */
export const GROUPS: { label: string; sorts: Partial<Record<Sort, string>> }[] = [
  {
    label: "Something was wrong",
    sorts: {
      fell_off: "Fell off",
      leaned: "Leaned",
      dead_string: "Dead string",
      dull: "Dull",
      too_much: "Too much",
    },
  },
  { label: "For next year", sorts: { buy: "Buy", move: "Move", make: "Make", retire: "Retire" } },
  { label: "How it was fixed", sorts: { held: "It held", failed: "It failed", marked: "It marked the wall" } },
  { label: "Pictures", sorts: { before: "Before", after: "After" } },
  { label: "Beside the work", sorts: { client: "The client said", price: "Was paid" } },
];

export const SORTS = Object.assign({}, ...GROUPS.map(({ sorts }) => sorts)) as Record<Sort, string>;

/** What was fixed to something says on what. */
export const FIXINGS: readonly Sort[] = ["held", "failed", "marked"];
export const PICTURES: readonly Sort[] = ["before", "after"];
/** What one should look at again stands out. */
export const WRONG: readonly Sort[] = ["fell_off", "leaned", "dead_string", "dull", "too_much", "failed", "marked"];
