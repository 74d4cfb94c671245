import type { Schemas } from "../../api/client";
import { ListDialog } from "../../bench/ListDialog";
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** Every thing by the bay it stands in, with its measures. */
export function ShelvesList({ plan, onClose }: { plan: Schemas["ShelvesPlan"]; onClose: () => void }) {
  const units = useUnits();
  const { things = [], unit } = plan.drawing;
  const noun = unit.shape === "tray" ? "Tier" : "Bay";
  const sorted = [...things].sort((one, other) => one.bay - other.bay || one.left_m - other.left_m);
  return (
    <ListDialog
      title="What stands where"
      label={`Things by ${noun.toLowerCase()}, from the left`}
      columns={[
        { says: noun, number: true },
        { says: "What" },
        { says: "From the left", number: true },
        { says: "Across", number: true },
        { says: "High", number: true },
      ]}
      rows={sorted.map((thing) => ({
        key: thing.number,
        cells: [
          thing.bay,
          thing.name,
          length(thing.left_m, units),
          length(thing.across_m, units),
          length(thing.height_m, units),
        ],
      }))}
      nothing="Nothing stands there yet."
      onClose={onClose}
    />
  );
}
