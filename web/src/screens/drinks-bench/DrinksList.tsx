import type { Schemas } from "../../api/client";
import { ListDialog } from "../../bench/ListDialog";
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";
import { ALLERGENS } from "./words";

/** Every jar in numbers, from the left: how long it lasts, how often it is filled again, what lacks, what is in it. */
export function DrinksList({ plan, onClose }: { plan: Schemas["DrinksPlan"]; onClose: () => void }) {
  const units = useUnits();
  return (
    <ListDialog
      title="Every jar"
      label="Jars, from the left"
      columns={[
        { says: "In it" },
        { says: "Lasts, days", number: true },
        { says: "Refills", number: true },
        { says: "Portions lacking", number: true },
        { says: "Allergens" },
      ]}
      rows={(plan.drawing.jars ?? []).map((jar) => ({
        key: jar.number,
        cells: [
          jar.name,
          jar.lasts === null ? "not used" : amount(jar.lasts, "decor", units),
          jar.refills,
          amount(jar.short, "decor", units),
          jar.allergens.map((one) => ALLERGENS[one]).join(", ") || "none named",
        ],
      }))}
      nothing="No jar stands there yet."
      onClose={onClose}
    />
  );
}
