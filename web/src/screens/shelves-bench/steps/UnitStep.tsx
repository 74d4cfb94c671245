import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FromSurvey } from "../../../bench/FromSurvey";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { ColourDial } from "../../../parts/ColourDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { StepProps } from "./StepDials";

type Unit = Schemas["ShelvesSettings"]["unit"];
type Tier = Unit["tiers"][number];

const MOST = declared.shelves.unit;
/** A tray as most are: the first tier that is added is the lowest. */
const TIER: Tier = { across_m: 0.3, clear_m: 0.16 };

/** The tiers of a tray, from the uppermost. */
function Tiers({ bench }: StepProps) {
  const { tiers } = bench.draft.settings.unit;
  const dial = (entries: Tier[]) => bench.dial("unit", { tiers: entries });
  const change = (index: number, part: Partial<Tier>) =>
    dial(tiers.map((tier, i) => (i === index ? { ...tier, ...part } : tier)));
  const error = (i: number, name: keyof Tier) => bench.problem?.field(`/settings/unit/tiers/${i}/${name}`);
  return (
    <Entries
      label="Tiers, from the uppermost"
      noun="tier"
      entries={tiers}
      onRemove={(index) => dial(tiers.filter((_, i) => i !== index))}
      row={(tier, i) => (
        <>
          <LengthField
            label="Across"
            value={tier.across_m}
            error={error(i, "across_m")}
            onChange={(across_m) => across_m !== null && change(i, { across_m })}
          />
          {i > 0 && (
            <LengthField
              label="Clear height above it"
              value={tier.clear_m}
              error={error(i, "clear_m")}
              onChange={(clear_m) => clear_m !== null && change(i, { clear_m })}
            />
          )}
        </>
      )}
      add={
        tiers.length < MOST.tiers.most ? (
          <AddEntry
            label="A tier below"
            onClick={() => dial([...tiers, { ...TIER, across_m: (tiers[tiers.length - 1]?.across_m ?? 0.15) + 0.06 }])}
          />
        ) : null
      }
    />
  );
}

/** Bays side by side and rows above each other; what nobody measured shares the rest. */
function Bays(props: StepProps) {
  const { bench, plan } = props;
  const { unit } = bench.draft.settings;
  const units = useUnits();
  const dial = (part: Partial<Unit>) => bench.dial("unit", part);
  const error = (name: string) => bench.problem?.field(`/settings/unit/${name}`);
  return (
    <>
      <LengthField
        label="Wide"
        placeholder={1.2}
        value={unit.width_m}
        error={error("width_m")}
        onChange={(width_m) => dial({ width_m })}
      />
      <LengthField
        label="High"
        value={unit.height_m}
        error={error("height_m")}
        onChange={(height_m) => height_m !== null && dial({ height_m })}
      />
      <LengthField
        label="Deep"
        value={unit.depth_m}
        error={error("depth_m")}
        onChange={(depth_m) => depth_m !== null && dial({ depth_m })}
      />
      <LengthField
        label="Boards, thick"
        value={unit.board_m}
        error={error("board_m")}
        onChange={(board_m) => board_m !== null && dial({ board_m })}
      />
      <CountDial
        label="Bays side by side"
        value={unit.columns}
        min={MOST.columns.low}
        most={MOST.columns.high}
        onChange={(columns) => dial({ columns })}
      />
      <Entries
        label="Rows, from the uppermost"
        noun="row"
        entries={unit.rows}
        onRemove={(index) => unit.rows.length > 1 && dial({ rows: unit.rows.filter((_, i) => i !== index) })}
        row={(row, i) => (
          <LengthField
            label="Clear height"
            placeholder={
              plan.assumed.clear_m[i] === undefined ? "as the others" : length(plan.assumed.clear_m[i], units)
            }
            value={row.clear_m}
            error={error(`rows/${i}/clear_m`)}
            onChange={(clear_m) => dial({ rows: unit.rows.map((one, at) => (at === i ? { clear_m } : one)) })}
          />
        )}
        add={
          unit.rows.length < MOST.rows.most ? (
            <AddEntry label="A row below" onClick={() => dial({ rows: [...unit.rows, { clear_m: null }] })} />
          ) : null
        }
      />
    </>
  );
}

/** What the shelves are, measured. */
export function UnitStep(props: StepProps) {
  const { bench, plan, piece } = props;
  const { unit } = bench.draft.settings;
  const dial = (part: Partial<Unit>) => bench.dial("unit", part);
  const error = (name: keyof Unit) => bench.problem?.field(`/settings/unit/${name}`);
  return (
    <Dials>
      <FromSurvey pieceId={piece.id} take={dial} />
      <ChoiceDial
        label="It is"
        value={unit.shape}
        choices={{ bays: "shelves in bays", tray: "a tray in tiers" }}
        onChange={(shape) => dial({ shape })}
      />
      <LengthField
        label="Its foot above the floor"
        value={unit.floor_m}
        error={error("floor_m")}
        onChange={(floor_m) => floor_m !== null && dial({ floor_m })}
      />
      <ColourDial
        label="Its colour"
        value={unit.colour ?? plan.assumed.colour}
        error={error("colour")}
        onChange={(colour) => dial({ colour })}
      />
      <ColourDial
        label="Behind it"
        value={unit.wall_colour ?? plan.assumed.wall_colour}
        error={error("wall_colour")}
        onChange={(wall_colour) => dial({ wall_colour })}
      />
      {unit.shape === "tray" ? <Tiers {...props} /> : <Bays {...props} />}
    </Dials>
  );
}
