import { declared } from "../../../api/declared";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { WordDial } from "../../../parts/WordDial";
import { Dials } from "../../../bench/Dials";
import type { StepProps } from "./StepDials";
import { StyleChooser } from "../../../bench/StyleChooser";

const COVERS = declared.tree.picks.cover.choices;

export function PicksStep({ bench, plan, piece, styles, onNewStyle }: StepProps) {
  const { picks } = bench.draft.settings;
  return (
    <Dials>
      <WordDial label="Cover" value={picks.cover} words={COVERS} onChange={(cover) => bench.dial("picks", { cover })} />
      <ChoiceDial
        label="Ring behind the topper"
        value={picks.crown}
        onChange={(crown) => bench.dial("picks", { crown })}
        choices={{ 0: "none", 5: "5", 7: "7", 9: "9" }}
      />
      <ChoiceDial
        label="They go on"
        value={picks.goes ?? "studio"}
        onChange={(goes) => bench.dial("picks", { goes: goes === "studio" ? null : goes })}
        choices={{ studio: "as the studio does", before: "before ornaments", after: "after them" }}
      />
      <FigureValue label="In all" figure={plan.figures.picks} after="picks" />
      <StyleChooser
        label="Styles"
        kind="pick"
        styles={styles}
        lookId={piece.look_id}
        chosen={picks.styles}
        onChange={(chosen) => bench.dial("picks", { styles: chosen })}
        onNew={() => onNewStyle("pick")}
      />
    </Dials>
  );
}
