import Button from "@mui/material/Button";
import { Link as RouterLink } from "react-router";
import { declared } from "../../../api/declared";
import { useHints } from "../../../api/queries";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthDial } from "../../../parts/LengthDial";
import { WordDial } from "../../../parts/WordDial";
import { Cloth } from "./Cloth";
import { Garland } from "./Garland";
import { RanOut } from "./RanOut";
import { Dials } from "../../../bench/Dials";
import type { StepProps } from "./StepDials";
import { StyleChooser } from "../../../bench/StyleChooser";

const { cover: COVER, billow: BILLOW } = declared.tree.ribbon;
const PARTS = { tuck: "pieces", cascade: "streams", spiral: "run", bows: "bows", none: "" };

/** How ribbon goes on, each way with its own dials. */
export function RibbonStep({ bench, plan, piece, styles, onNewStyle }: StepProps) {
  const { ribbon } = bench.draft.settings;
  const { method } = ribbon;
  const hint = useHints();
  const parts = plan.figures.ribbon_parts;
  return (
    <Dials>
      <ChoiceDial
        label="How it goes on"
        value={method}
        onChange={(next) => bench.dial("ribbon", { method: next })}
        choices={{ tuck: "tucked loops", cascade: "cascades", spiral: "spiral", bows: "bows", none: "none" }}
      />
      {method !== "none" && (
        <FigureValue
          label="Ribbon on the body"
          figure={plan.figures.ribbon}
          note={parts && method !== "spiral" ? `${String(parts.value)} ${PARTS[method]}` : undefined}
        />
      )}
      {method === "tuck" && (
        <>
          <WordDial
            label="Cover"
            value={ribbon.cover}
            words={COVER.choices}
            onChange={(cover) => bench.dial("ribbon", { cover })}
          />
          <CountDial
            label="Loops of a piece"
            value={ribbon.loops}
            min={1}
            onChange={(loops) => bench.dial("ribbon", { loops })}
          />
          <LengthDial
            label="Loop width"
            value={ribbon.chord_m}
            from={0.05}
            to={0.35}
            step={0.005}
            onChange={(chord_m) => bench.dial("ribbon", { chord_m })}
          />
          <LengthDial
            label="Loop stands off"
            value={ribbon.stand_m}
            from={0}
            to={0.25}
            step={0.005}
            onChange={(stand_m) => bench.dial("ribbon", { stand_m })}
          />
        </>
      )}
      {method === "cascade" && (
        <CountDial
          label="Streams"
          value={ribbon.streams ?? Number(parts?.value ?? 1)}
          min={1}
          onChange={(streams) => bench.dial("ribbon", { streams })}
          help={hint("tree/ribbon/streams")}
        />
      )}
      {method === "spiral" && (
        <LengthDial
          label="Pitch along the slant"
          value={ribbon.pitch_m}
          from={0.2}
          to={0.9}
          step={0.01}
          onChange={(pitch_m) => bench.dial("ribbon", { pitch_m })}
          help={hint("tree/ribbon/pitch_m")}
        />
      )}
      {(method === "cascade" || method === "spiral") && (
        <WordDial
          label="Billow"
          value={ribbon.billow}
          words={BILLOW.choices}
          onChange={(billow) => bench.dial("ribbon", { billow })}
        />
      )}
      {method === "bows" && (
        <CountDial label="Bows" value={ribbon.bows} min={1} onChange={(bows) => bench.dial("ribbon", { bows })} />
      )}
      {method !== "none" && ribbon.styles.length > 1 && (
        <ChoiceDial
          label="Shared"
          value={ribbon.share}
          onChange={(share) => bench.dial("ribbon", { share })}
          choices={{ even: "evenly", scarce: "the first is scarce" }}
        />
      )}
      {method !== "none" && <RanOut bench={bench} styles={styles} />}
      <FigureValue label="Pieces of the scarce one" figure={plan.figures.scarce_pieces} size="small" />
      {method !== "none" && <Cloth bench={bench} strips={plan.figures.cloth_strips} />}
      {method !== "none" && (
        <Button size="small" variant="outlined" component={RouterLink} to={`/pieces/${piece.id}/cuts`}>
          Cut plan
        </Button>
      )}
      {method !== "none" && (
        <StyleChooser
          label={ribbon.share === "scarce" ? "Ribbons, the scarce one first" : "Ribbons, shared evenly"}
          kind="ribbon"
          styles={styles}
          lookId={piece.look_id}
          chosen={ribbon.styles}
          onChange={(chosen) => bench.dial("ribbon", { styles: chosen })}
          onNew={() => onNewStyle("ribbon")}
        />
      )}
      <Garland bench={bench} plan={plan} styles={styles} />
    </Dials>
  );
}
