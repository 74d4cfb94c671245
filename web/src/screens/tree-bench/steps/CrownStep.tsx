import { useHints } from "../../../api/queries";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthDial } from "../../../parts/LengthDial";
import { LengthField } from "../../../parts/LengthField";
import { MeasuredField } from "../../../parts/MeasuredField";
import { Dials } from "../../../bench/Dials";
import type { StepProps } from "./StepDials";
import { StyleChooser } from "../../../bench/StyleChooser";

/** What crowns the tree, when it goes on, and the air it leaves. */
export function CrownStep({ bench, plan, piece, styles, onNewStyle }: StepProps) {
  const { crown } = bench.draft.settings;
  const hint = useHints();
  const some = crown.topper !== "none";
  const bow = some && (crown.kind === "bow" || crown.kind === "two_part");
  const looped = crown.kind === "bow";
  return (
    <Dials>
      <ChoiceDial
        label="Topper goes on"
        value={crown.topper}
        onChange={(topper) => bench.dial("crown", { topper })}
        choices={{ first: "first", last: "last", none: "none" }}
      />
      {some && (
        <ChoiceDial
          label="What crowns it"
          value={crown.kind}
          onChange={(kind) => bench.dial("crown", { kind })}
          choices={{
            bow: "bow",
            two_part: "two-part bow",
            star: "star",
            finial: "finial",
            spray: "spray",
            figure: "figure",
          }}
        />
      )}
      {some && (
        <LengthDial
          label="Rises above the tip"
          value={crown.rise_m}
          from={0}
          to={0.5}
          step={0.01}
          onChange={(rise_m) => bench.dial("crown", { rise_m })}
        />
      )}
      <FigureValue label="Air under the ceiling" figure={plan.figures.air_gap} />
      {some && (
        <MeasuredField
          label="Weight of the topper"
          unit="g"
          value={crown.weight_g}
          onChange={(weight_g) => bench.dial("crown", { weight_g })}
          help="Against a thin leader"
        />
      )}
      {some && (
        <CountDial
          label="Streamers"
          value={crown.streamers}
          onChange={(streamers) => bench.dial("crown", { streamers })}
          help={hint("tree/crown/streamer_m")}
        />
      )}
      {some && crown.streamers > 0 && (
        <LengthField
          label="Streamer"
          value={crown.streamer_m}
          onChange={(streamer_m) => streamer_m && bench.dial("crown", { streamer_m })}
          error={bench.problem?.field("/settings/crown/streamer_m")}
        />
      )}
      {bow && (
        <>
          <FigureValue label="Ribbon of the bow" figure={plan.figures.crown_ribbon} />
          {looped && (
            <CountDial label="Loops" value={crown.loops} min={1} onChange={(loops) => bench.dial("crown", { loops })} />
          )}
          <LengthField
            label={looped ? "Loop length" : "Ear"}
            value={crown.loop_m}
            onChange={(loop_m) => loop_m && bench.dial("crown", { loop_m })}
            error={bench.problem?.field("/settings/crown/loop_m")}
          />
          {looped && (
            <CountDial label="Tails" value={crown.tails} onChange={(tails) => bench.dial("crown", { tails })} />
          )}
          <LengthField
            label="Tail"
            value={crown.tail_m}
            onChange={(tail_m) => bench.dial("crown", { tail_m: tail_m ?? 0 })}
            error={bench.problem?.field("/settings/crown/tail_m")}
          />
          <StyleChooser
            label="Ribbon of the bow"
            kind="ribbon"
            styles={styles}
            lookId={piece.look_id}
            chosen={crown.style ? [crown.style] : []}
            onChange={(chosen) => bench.dial("crown", { style: chosen.at(-1) ?? null })}
            onNew={() => onNewStyle("ribbon")}
          />
        </>
      )}
    </Dials>
  );
}
