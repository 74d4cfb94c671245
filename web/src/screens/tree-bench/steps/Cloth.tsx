import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { useHints } from "../../../api/queries";
import { FigureValue } from "../../../bench/FigureValue";
import { LengthField } from "../../../parts/LengthField";
import { Tick } from "../../../parts/Tick";
import type { Bench } from "../../../bench/useBench";

/** Cloth instead of ribbon: strips from a cut of it, the better of the two ways. */
export function Cloth({ bench, strips }: { bench: Bench; strips: Schemas["PlanFigure"] | undefined }) {
  const { ribbon } = bench.draft.settings;
  const hint = useHints();
  const [open, setOpen] = useState(ribbon.cloth_width_m !== null);
  const dial = (part: Partial<typeof ribbon>) => bench.dial("ribbon", part);
  return (
    <>
      <Tick
        label="Cloth instead of ribbon"
        checked={open}
        onChange={(checked) => {
          setOpen(checked);
          if (!checked) dial({ cloth_width_m: null, cloth_length_m: null });
        }}
      />
      {open && (
        <>
          <LengthField
            label="Width of the cloth"
            value={ribbon.cloth_width_m}
            onChange={(cloth_width_m) => dial({ cloth_width_m })}
            placeholder={1.4}
          />
          <LengthField
            label="Length of the cloth"
            value={ribbon.cloth_length_m}
            onChange={(cloth_length_m) => dial({ cloth_length_m })}
            placeholder={3}
          />
          <LengthField
            label="Width of a strip"
            value={ribbon.strip_width_m}
            onChange={(strip_width_m) => strip_width_m && dial({ strip_width_m })}
            help={hint("tree/ribbon/strip_width_m")}
          />
          <FigureValue label="Strips from it" figure={strips} />
        </>
      )}
    </>
  );
}
