import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../../api/client";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { counted, length, percent } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import { Build } from "./Build";
import { AddEntry, Entries } from "../../../bench/Entries";
import type { StepProps } from "./StepDials";
import { StyleSelect } from "../../../bench/StyleSelect";

type Outline = Schemas["RunSettings"]["rise_and_trail"];
type Way = Schemas["ClosingWay"];

const SHAPES: Record<Outline["shape"], string> = {
  level: "level",
  crest: "crest",
  ends: "high ends",
  crescent: "crescent",
  waterfall: "waterfall",
  free: "free",
};

function wordsOf(way: Way): string {
  const stock = way.on_hand ? `${way.have ?? 0} free` : "to buy";
  if (way.kind === "stems") return `${way.count} × ${way.name ?? "stems"} (${stock})`;
  if (way.kind === "fold") return `fold ${way.name ?? "the garland"} back over it (${stock})`;
  return `second ${way.name ?? "garland"} over it (${stock})`;
}

/** What closes a thin stretch, each in one press. */
function Closes({ bench, plan }: Pick<StepProps, "bench" | "plan">) {
  const units = useUnits();
  const { body, rise_and_trail: outline } = bench.draft.settings;
  const parts = plan.closing.filter(({ ways }) => ways.length > 0);
  if (parts.length === 0 || body.bodies.length === 0) return null;

  function apply(way: Way) {
    const stretch = { from_m: way.from_m, to_m: way.to_m };
    if (!way.style) return;
    if (way.kind === "stems")
      bench.dial("rise_and_trail", { stems: [...outline.stems, { style: way.style, count: way.count, ...stretch }] });
    else
      bench.dial("body", {
        bodies: [...body.bodies, { style: way.style, also: null, passes: 1, fluffed: true, ...stretch }],
      });
  }

  return (
    <Box role="group" aria-label="What closes it" className="wide-dial">
      <Typography variant="body2" sx={{ fontWeight: 600, color: "text.secondary", mb: 0.5 }}>
        What closes it
      </Typography>
      {parts.map((part) => (
        <Box key={part.from_m} sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap", mb: 0.75 }}>
          <Typography variant="body2" sx={{ color: "error.main", fontWeight: 600 }}>
            Thin {part.from_m === part.to_m ? "at" : `from ${length(part.from_m, units)} to`} {length(part.to_m, units)}
            , by {length(part.by_m, units)}:
          </Typography>
          {part.ways.map((way) => (
            <Button
              key={`${way.kind} ${way.style ?? ""}`}
              size="small"
              variant="outlined"
              onClick={() => apply(way)}
              title={`Closes ${percent(way.closes)} of what lacks`}
            >
              {wordsOf(way)}
            </Button>
          ))}
        </Box>
      ))}
    </Box>
  );
}

/** A free outline point by point. */
function Points({ bench }: Pick<StepProps, "bench">) {
  const { points, high_m } = bench.draft.settings.rise_and_trail;
  const change = (index: number, part: Partial<Outline["points"][number]>) =>
    bench.dial("rise_and_trail", { points: points.map((known, i) => (i === index ? { ...known, ...part } : known)) });
  return (
    <Entries
      label="Points of the outline"
      noun="point"
      entries={points}
      onRemove={(index) =>
        points.length > 1 && bench.dial("rise_and_trail", { points: points.filter((_, i) => i !== index) })
      }
      row={(point, i) => (
        <>
          <LengthField label="At" value={point.at_m} onChange={(at_m) => at_m !== null && change(i, { at_m })} />
          <LengthField
            label="Thickness"
            value={point.thickness_m}
            onChange={(thickness_m) => thickness_m !== null && change(i, { thickness_m })}
          />
        </>
      )}
      add={
        <AddEntry
          label="Add a point"
          onClick={() =>
            bench.dial("rise_and_trail", {
              points: [...points, { at_m: (points.at(-1)?.at_m ?? 0) + 0.4, thickness_m: high_m }],
            })
          }
        />
      }
    />
  );
}

/** Stems that stand up and hang, stretch by stretch. */
function Stems({ bench, styles, onNewStyle }: StepProps) {
  const { stems } = bench.draft.settings.rise_and_trail;
  const known = styles.filter((style) => style.kind === "stem" && !style.retired);
  const first = known.find((style) => (style.free ?? style.on_hand) > 0) ?? known[0];
  const change = (index: number, part: Partial<Outline["stems"][number]>) =>
    bench.dial("rise_and_trail", { stems: stems.map((entry, i) => (i === index ? { ...entry, ...part } : entry)) });
  return (
    <Entries
      label="Stems"
      noun="stems"
      entries={stems}
      onRemove={(index) => bench.dial("rise_and_trail", { stems: stems.filter((_, i) => i !== index) })}
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
          <LengthField label="From" value={entry.from_m} onChange={(from_m) => change(i, { from_m: from_m ?? 0 })} />
          <LengthField
            label="To"
            value={entry.to_m}
            onChange={(to_m) => change(i, { to_m })}
            placeholder="the end"
            error={bench.problem?.field(`/settings/rise_and_trail/stems/${i}/to_m`)}
          />
        </>
      )}
      add={
        first ? (
          <AddEntry
            label="Add stems"
            onClick={() =>
              bench.dial("rise_and_trail", { stems: [...stems, { style: first.id, count: 3, from_m: 0, to_m: null }] })
            }
          />
        ) : (
          <AddEntry label="Add a stem to the stock" onClick={() => onNewStyle("stem")} />
        )
      }
    />
  );
}

/** How thin and how full; the same as the handles on the drawing. */
function Thickness({ bench }: Pick<StepProps, "bench">) {
  const outline = bench.draft.settings.rise_and_trail;
  const dial = (part: Partial<Outline>) => bench.dial("rise_and_trail", part);
  return (
    <Box className="as-wide-as-it-is" sx={{ display: "flex", gap: 1, "& > *": { width: 104 }, pt: 1.5 }}>
      {outline.shape !== "level" && (
        <LengthField
          label="Thin"
          value={outline.low_m}
          onChange={(low_m) => low_m !== null && dial({ low_m })}
          error={bench.problem?.field("/settings/rise_and_trail/low_m")}
        />
      )}
      <LengthField
        label="Full"
        value={outline.high_m}
        onChange={(high_m) => high_m !== null && dial({ high_m })}
        error={bench.problem?.field("/settings/rise_and_trail/high_m")}
      />
    </Box>
  );
}

/** The outline wanted, how full it is made, what closes it, and the stems that make it. */
export function RiseAndTrailStep(props: StepProps) {
  const { bench, plan } = props;
  const outline = bench.draft.settings.rise_and_trail;
  const dial = (part: Partial<Outline>) => bench.dial("rise_and_trail", part);
  return (
    <Dials>
      <ChoiceDial
        label="Outline wanted"
        value={outline.shape}
        choices={(Object.keys(SHAPES) as Outline["shape"][]).map((value) => ({ value, label: SHAPES[value] }))}
        onChange={(shape) =>
          dial(
            shape === "free" && outline.points.length === 0
              ? {
                  shape,
                  points: [
                    { at_m: 0, thickness_m: outline.low_m },
                    { at_m: Number(plan.figures.run?.value ?? 1), thickness_m: outline.high_m },
                  ],
                }
              : { shape },
          )
        }
      />
      {outline.shape === "waterfall" && (
        <ChoiceDial
          label="Falls to"
          value={outline.side}
          choices={{ left: "the left", right: "the right" }}
          onChange={(side) => dial({ side })}
        />
      )}
      {outline.shape !== "free" && <Thickness {...props} />}
      <FigureValue
        label="Fullness"
        figure={plan.figures.fullness}
        note={`${counted(Number(plan.figures.greens?.value ?? 0), "green")}, ${counted(Number(plan.figures.textures?.value ?? 0), "texture")}`}
      />
      <Closes {...props} />
      <Build {...props} />
      {outline.shape === "free" && <Points {...props} />}
      <Stems {...props} />
    </Dials>
  );
}
