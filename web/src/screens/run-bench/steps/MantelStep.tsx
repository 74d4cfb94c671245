import { useHints } from "../../../api/queries";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { MeasuredField } from "../../../parts/MeasuredField";
import { NumberField } from "../../../parts/NumberField";
import { Tick } from "../../../parts/Tick";
import { AddEntry, Entries } from "../../../bench/Entries";
import type { StepProps } from "./StepDials";

type Mantel = Schemas["RunSettings"]["mantel"];

/** Stockings along the shelf. */
function Stockings({ bench, plan }: Pick<StepProps, "bench" | "plan">) {
  const { mantel } = bench.draft.settings;
  const dial = (part: Partial<Mantel>) => bench.dial("mantel", part);
  return (
    <>
      <CountDial label="Stockings" value={mantel.stockings} onChange={(stockings) => dial({ stockings })} />
      {mantel.stockings > 0 && (
        <>
          <ChoiceDial
            label="Hung from"
            value={mantel.holder ?? plan.assumed.holder}
            choices={{ shelf_weight: "weighted holders", large_hook: "hooks", nail: "nails", rail: "elsewhere" }}
            onChange={(holder) => dial({ holder })}
          />
          <FigureValue label="Between them" figure={plan.figures.stocking_gap} />
          <LengthField
            label="Width of one"
            value={mantel.stocking_width_m}
            onChange={(stocking_width_m) => stocking_width_m !== null && dial({ stocking_width_m })}
          />
          <LengthField
            label="Length of one"
            value={mantel.stocking_length_m}
            onChange={(stocking_length_m) => stocking_length_m !== null && dial({ stocking_length_m })}
          />
          <MeasuredField
            label="Weight of a filled one"
            unit="kg"
            value={mantel.stocking_kg}
            onChange={(stocking_kg) => stocking_kg !== null && dial({ stocking_kg })}
          />
        </>
      )}
    </>
  );
}

/** The shelf as a whole: balance by school, what stands on it, stockings. */
export function MantelStep(props: StepProps) {
  const { bench, plan } = props;
  const hint = useHints();
  const { mantel } = bench.draft.settings;
  const dial = (part: Partial<Mantel>) => bench.dial("mantel", part);
  const change = (index: number, part: Partial<Mantel["things"][number]>) =>
    dial({ things: mantel.things.map((thing, i) => (i === index ? { ...thing, ...part } : thing)) });
  return (
    <Dials>
      <ChoiceDial
        label="School"
        value={mantel.school}
        choices={{ mirrored: "mirrored", one_sided: "one-sided" }}
        onChange={(school) => dial({ school })}
      />
      {mantel.school === "one_sided" && (
        <ChoiceDial
          label="Heavier to"
          value={mantel.side}
          choices={{ left: "the left", right: "the right" }}
          onChange={(side) => dial({ side })}
        />
      )}
      <FigureValue label="It weighs" figure={plan.figures.balance} note={hint(`run/mantel/school/${mantel.school}`)} />
      <Stockings {...props} />
      <Entries
        label="What stands on it"
        noun="thing"
        entries={mantel.things}
        onRemove={(index) => dial({ things: mantel.things.filter((_, i) => i !== index) })}
        row={(thing, i) => (
          <>
            <TextField label="Name" value={thing.name} onChange={(event) => change(i, { name: event.target.value })} />
            <LengthField
              label="From the left"
              value={thing.at_m}
              onChange={(at_m) => at_m !== null && change(i, { at_m })}
            />
            <LengthField
              label="Width"
              value={thing.width_m}
              onChange={(width_m) => width_m !== null && change(i, { width_m })}
            />
            <LengthField
              label="Height"
              value={thing.height_m}
              onChange={(height_m) => height_m !== null && change(i, { height_m })}
            />
            <LengthField
              label="Depth"
              value={thing.depth_m}
              onChange={(depth_m) => change(i, { depth_m: depth_m ?? 0 })}
            />
            <NumberField
              label="Lightness, 0 to 100"
              value={thing.lightness}
              onChange={(lightness) => lightness !== null && change(i, { lightness })}
            />
            <Tick
              label="See-through"
              checked={thing.see_through}
              onChange={(see_through) => change(i, { see_through })}
            />
          </>
        )}
        add={
          <AddEntry
            label="Add a thing"
            onClick={() =>
              dial({
                things: [
                  ...mantel.things,
                  {
                    name: "Vase",
                    at_m: 0.2,
                    width_m: 0.15,
                    height_m: 0.4,
                    lightness: 60,
                    depth_m: 0.12,
                    see_through: false,
                  },
                ],
              })
            }
          />
        }
      />
    </Dials>
  );
}
