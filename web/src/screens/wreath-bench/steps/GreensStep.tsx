import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { Closing } from "./Closing";
import { MAKINGS } from "../words";
import { HourSelect } from "./HourSelect";
import type { DressingProps } from "./dressing";

type Greens = Schemas["WreathSettings"]["greens"];
type Stems = Greens["stems"][number];

const MADE = ["frame", "hoop"];
/** What a first handful comes to. */
const FEW = 6;

/** How it is made, of which greens, and the outline wanted round the ring. */
export function GreensStep({ bench, plan, styles, onNewStyle, advice }: DressingProps) {
  const { greens } = bench.draft.settings;
  const dial = (part: Partial<Greens>) => bench.dial("greens", part);
  const error = (name: keyof Greens) => bench.problem?.field(`/settings/greens/${name}`);
  const known = styles.filter(({ kind, retired }) => kind === "stem" && !retired);
  const first = known.find((style) => (style.free ?? style.on_hand) > 0) ?? known[0];
  const change = (index: number, part: Partial<Stems>) =>
    dial({ stems: greens.stems.map((entry, i) => (i === index ? { ...entry, ...part } : entry)) });
  return (
    <Dials>
      <ChoiceDial label="It is" value={greens.making} choices={MAKINGS} onChange={(making) => dial({ making })} />
      <FigureValue label="Fullness" figure={plan.figures.fullness} />
      {MADE.includes(greens.making) && (
        <>
          <StyleSelect
            label="Bundles"
            kinds={["stem"]}
            styles={styles}
            value={greens.bundle}
            onChange={(bundle) => dial({ bundle })}
            none="not chosen"
          />
          <LengthField
            label="Length of a bundle"
            value={greens.bundle_m}
            error={error("bundle_m")}
            onChange={(bundle_m) => bundle_m !== null && dial({ bundle_m })}
          />
        </>
      )}
      {greens.making === "hoop" && (
        <>
          <LengthField
            label="Thickness of the strip"
            value={greens.wood_m}
            error={error("wood_m")}
            onChange={(wood_m) => wood_m !== null && dial({ wood_m })}
          />
          <FigureValue label="Strip" figure={plan.figures.strip} />
        </>
      )}
      <LengthField
        label="Body of greens"
        placeholder="the ring"
        value={greens.body_m}
        error={error("body_m")}
        onChange={(body_m) => dial({ body_m })}
      />
      <ChoiceDial
        label="Outline wanted"
        value={greens.shape}
        choices={{ even: "even", crescent: "full along the crescent" }}
        onChange={(shape) => dial({ shape })}
      />
      <LengthField
        label="Full"
        placeholder="the body"
        value={greens.high_m}
        error={error("high_m")}
        onChange={(high_m) => dial({ high_m })}
      />
      {greens.shape === "crescent" && (
        <LengthField
          label="Thin elsewhere"
          value={greens.low_m}
          error={error("low_m")}
          onChange={(low_m) => low_m !== null && dial({ low_m })}
        />
      )}
      {advice}
      <Closing bench={bench} plan={plan} />
      <Entries
        label="Stems layered in, clockwise"
        noun="stem"
        entries={greens.stems}
        onRemove={(index) => dial({ stems: greens.stems.filter((_, i) => i !== index) })}
        row={(entry, i) => (
          <>
            <StyleSelect
              label="Stem"
              kinds={["stem"]}
              styles={styles}
              value={entry.style}
              onChange={(style) => style && change(i, { style })}
              none="choose"
            />
            <CountDial label="How many" value={entry.count} min={1} onChange={(count) => change(i, { count })} />
            <HourSelect label="From" value={entry.from_h} onChange={(from_h) => change(i, { from_h })} />
            <HourSelect label="To" value={entry.to_h} onChange={(to_h) => change(i, { to_h })} />
          </>
        )}
        add={
          !first ? (
            <AddEntry label="Add a stem to the stock" onClick={() => onNewStyle("stem")} />
          ) : (
            <AddEntry
              label="Add stems"
              onClick={() => dial({ stems: [...greens.stems, { style: first.id, count: FEW, from_h: 0, to_h: 12 }] })}
            />
          )
        }
      />
    </Dials>
  );
}
