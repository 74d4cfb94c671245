import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { ListDialog } from "../../bench/ListDialog";
import { LAYERS } from "../../drawing/table/words";
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** What stands along the middle and lies at each place, in numbers; what leaves for a meal. */
export function TableList({ plan, onClose }: { plan: Schemas["TablePlan"]; onClose: () => void }) {
  const units = useUnits();
  const { things = [], layers = [] } = plan.drawing;
  return (
    <ListDialog
      title="What stands where"
      label="Things along the middle"
      columns={[
        { says: "Thing" },
        { says: "From the left end", number: true },
        { says: "From the near edge", number: true },
        { says: "Top", number: true },
        { says: "For a meal" },
      ]}
      rows={things.map((thing) => ({
        key: thing.number,
        cells: [
          thing.name,
          length(thing.left_m, units),
          length(thing.out_m, units),
          length(thing.foot_m + thing.height_m, units),
          thing.leaves ? "leaves" : "stays",
        ],
      }))}
      nothing="Nothing stands along the middle yet."
      onClose={onClose}
    >
      <Typography sx={{ mt: 2 }}>
        At each place:{" "}
        {layers.length === 0
          ? "nothing yet."
          : `${layers.map(({ layer, across_m }) => `${LAYERS[layer]} (${length(across_m, units)})`).join(", ")}.`}
      </Typography>
    </ListDialog>
  );
}
