import type { Schemas } from "../../api/client";
import { ListDialog } from "../../bench/ListDialog";
import { SLOTS } from "../../bench/things";
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** What stands where, in numbers: from the back to the front, as it is built. */
export function GroupList({ plan, onClose }: { plan: Schemas["GroupingPlan"]; onClose: () => void }) {
  const units = useUnits();
  return (
    <ListDialog
      title="What stands where"
      label="Things, from the back to the front"
      columns={[
        { says: "Thing" },
        { says: "Place" },
        { says: "From the left", number: true },
        { says: "From the wall", number: true },
        { says: "Foot", number: true },
        { says: "Top", number: true },
      ]}
      rows={(plan.drawing.things ?? []).map((thing) => ({
        key: thing.number,
        cells: [
          thing.name,
          SLOTS[thing.slot as keyof typeof SLOTS],
          length(thing.left_m, units),
          length(thing.out_m, units),
          length(thing.foot_m, units),
          length(thing.foot_m + thing.height_m, units),
        ],
      }))}
      nothing="Nothing stands there yet."
      onClose={onClose}
    />
  );
}
