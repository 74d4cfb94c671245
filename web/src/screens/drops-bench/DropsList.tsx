import type { Schemas } from "../../api/client";
import { ListDialog } from "../../bench/ListDialog";
import { length, mass } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** Every line in numbers, from the left: where its hook is, how long it is, what it carries. */
export function DropsList({ plan, onClose }: { plan: Schemas["DropsPlan"]; onClose: () => void }) {
  const units = useUnits();
  return (
    <ListDialog
      title="Every line"
      label="Lines, from the left"
      columns={[
        { says: "No." },
        { says: "What hangs" },
        { says: "From the left", number: true },
        { says: "Comes down", number: true },
        { says: "Carries", number: true },
      ]}
      rows={(plan.drawing.lines ?? []).map((line) => ({
        key: line.number,
        cells: [
          line.number,
          `${line.strand ? `${line.balls} × ` : ""}${line.name ?? "none chosen"}`,
          length(line.at_m, units),
          length(line.drop_m, units),
          mass(line.kg, units),
        ],
      }))}
      nothing="Nothing hangs there yet."
      onClose={onClose}
    />
  );
}
