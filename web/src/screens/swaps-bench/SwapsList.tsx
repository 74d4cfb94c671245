import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { ListDialog } from "../../bench/ListDialog";
import { SOFT_WORDS } from "../../drawing/swaps/words";
import { useUnits } from "../../units/useUnits";
import { length } from "../../units/format";

/** Out, and where it is stored; in, and from where: what is carried through the house on the day. */
export function SwapsList({ plan, onClose }: { plan: Schemas["SwapsPlan"]; onClose: () => void }) {
  const units = useUnits();
  const { seats, soft } = plan.drawing;
  const { frames } = plan.settings.art;
  const { guests } = plan.settings.soft;
  const all = [...seats.flatMap(({ cushions }) => cushions), ...soft].sort((one, other) => one.number - other.number);
  const rows = [
    ...all.map((thing) => ({
      key: `soft ${thing.number}`,
      cells: [
        thing.where || "–",
        thing.out || "–",
        thing.stored || "–",
        `${thing.count} × ${thing.name === SOFT_WORDS[thing.what] ? thing.name : thing.name.toLowerCase()}, ${length(thing.across_m, units)}`,
        thing.from || "–",
      ],
    })),
    ...frames.map((frame, i) => ({
      key: `frame ${i}`,
      cells: [
        frame.name || `picture ${i + 1}`,
        frame.out || "–",
        frame.stored || "–",
        `paper ${length(frame.paper_wide_m, units)} × ${length(frame.paper_high_m, units)}`,
        frame.printed ? "printed" : "to be printed",
      ],
    })),
  ];
  return (
    <ListDialog
      title="Out and in"
      label="What goes out and what comes in"
      columns={[{ says: "Where" }, { says: "Goes out" }, { says: "Stored" }, { says: "Comes in" }, { says: "From" }]}
      rows={rows}
      nothing="Nothing is swapped yet."
      onClose={onClose}
    >
      {guests && <Typography sx={{ mt: 2 }}>When guests sit, cushions go to: {guests}.</Typography>}
    </ListDialog>
  );
}
