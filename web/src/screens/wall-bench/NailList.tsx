import type { Schemas } from "../../api/client";
import { ListDialog } from "../../bench/ListDialog";
import { length, mass, percent } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** Where each of them hangs, in numbers: to its hook, from the left edge of the wall and from the floor. */
export function NailList({ plan, onClose }: { plan: Schemas["WallPlan"]; onClose: () => void }) {
  const units = useUnits();
  const rings = plan.drawing.rings ?? [];
  const lapped = rings.some(({ visible }) => visible < 0.995);
  return (
    <ListDialog
      title="Where each hangs"
      label="Hooks, from the left and the floor"
      columns={[
        { says: "No." },
        { says: "Across", number: true },
        { says: "From the left", number: true },
        { says: "Hook from the floor", number: true },
        { says: "Carries", number: true },
        ...(lapped ? [{ says: "Is seen", number: true }] : []),
      ]}
      rows={rings.map((ring) => ({
        key: ring.number,
        cells: [
          ring.number,
          length(ring.diameter_m, units),
          length(ring.hook_left_m, units),
          length(ring.hook_floor_m, units),
          mass(ring.kg, units),
          percent(ring.visible),
        ],
      }))}
      nothing="None of them fits yet."
      onClose={onClose}
    />
  );
}
