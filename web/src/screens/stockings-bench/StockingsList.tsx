import type { Schemas } from "../../api/client";
import { ListDialog } from "../../bench/ListDialog";
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** Every stocking in numbers, from the left: whose it is, where its hook is. */
export function StockingsList({ plan, onClose }: { plan: Schemas["StockingsPlan"]; onClose: () => void }) {
  const units = useUnits();
  return (
    <ListDialog
      title="Every stocking"
      label="Stockings, from the left"
      columns={[
        { says: "Whose" },
        { says: "Hook, from the left", number: true },
        { says: "Hook, over the floor", number: true },
        { says: "For" },
      ]}
      rows={(plan.drawing.hung ?? []).map((one) => ({
        key: one.number,
        cells: [
          one.name,
          length(one.at_m, units),
          length(one.hook_m, units),
          one.visitor ? "a visitor" : "the household",
        ],
      }))}
      nothing="Nothing hangs there yet."
      onClose={onClose}
    />
  );
}
