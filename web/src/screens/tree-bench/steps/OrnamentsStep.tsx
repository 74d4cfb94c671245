import { declared } from "../../../api/declared";
import { useState } from "react";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { WordDial } from "../../../parts/WordDial";
import { count, counted } from "../../../units/format";
import { MakeDo } from "./MakeDo";
import { Spread } from "./Spread";
import { Dials } from "../../../bench/Dials";
import type { StepProps } from "./StepDials";
import { StyleChooser } from "../../../bench/StyleChooser";

const COVERS = declared.tree.ornaments.cover.choices;

const PARTS = { count: HowMany, spread: Spread, make_do: MakeDo };

/** Ornaments: how many of which styles, how they are spread, and how to make do with fewer. */
export function OrnamentsStep(props: StepProps) {
  const [part, setPart] = useState<keyof typeof PARTS>("count");
  const Part = PARTS[part];
  return (
    <Dials>
      <ChoiceDial
        label="Ornaments"
        value={part}
        onChange={setPart}
        choices={{ count: "how many", spread: "spread", make_do: "make do" }}
      />
      <Part {...props} />
    </Dials>
  );
}

/** How many, by both schools side by side, and of which styles. */
function HowMany({ bench, plan, piece, styles, onNewStyle }: StepProps) {
  const { ornaments } = bench.draft.settings;
  const { figures } = plan;
  const used = ornaments.styles.length;
  const hung = Number(figures.ornaments?.value ?? 0);
  const planned = Number(figures.ornaments_planned?.value ?? 0);
  const apart = Math.abs(Number(figures.by_foot?.value ?? 0) - Number(figures.by_cover?.value ?? 0));
  return (
    <>
      <ChoiceDial
        label="Counted"
        value={ornaments.count_by}
        onChange={(count_by) => bench.dial("ornaments", { count_by, own_total: ornaments.own_total ?? planned })}
        choices={{ foot: "by the foot", cover: "by cover", own: "own" }}
      />
      {ornaments.count_by === "own" ? (
        <CountDial
          label="Own number"
          value={ornaments.own_total ?? planned}
          step={5}
          onChange={(own_total) => bench.dial("ornaments", { own_total })}
        />
      ) : (
        <WordDial
          label="Cover"
          value={ornaments.cover}
          words={COVERS}
          onChange={(cover) => bench.dial("ornaments", { cover, count_by: "cover" })}
        />
      )}
      <FigureValue
        label="On the tree"
        figure={figures.ornaments}
        after={`of ${counted(used, "style")}`}
        note={hung === planned ? undefined : `${count(planned)} planned`}
      />
      <FigureValue label="By the foot" figure={figures.by_foot} after="" size="small" />
      <FigureValue
        label="By cover"
        figure={figures.by_cover}
        after=""
        size="small"
        note={apart > 20 && figures.by_foot ? "One counts height and styles, one what is seen" : undefined}
      />
      <StyleChooser
        label="Styles"
        kind="ornament"
        styles={styles}
        lookId={piece.look_id}
        chosen={ornaments.styles}
        onChange={(chosen) => bench.dial("ornaments", { styles: chosen })}
        onNew={() => onNewStyle("ornament")}
      />
    </>
  );
}
