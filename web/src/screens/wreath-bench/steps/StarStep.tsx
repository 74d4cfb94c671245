import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { LengthField } from "../../../parts/LengthField";
import { HourSelect } from "./HourSelect";
import type { DressingProps } from "./dressing";

/** The one thing that leads: a bow, a word, a figure, or nothing. */
export function StarStep({ bench, plan, styles, onNewStyle }: DressingProps) {
  const { star } = bench.draft.settings;
  return (
    <Dials>
      <ChoiceDial
        label="What leads"
        value={star.kind}
        choices={{ none: "nothing", bow: "a bow", word: "a word", figure: "a figure" }}
        onChange={(kind) => bench.dial("star", { kind })}
      />
      {(star.kind === "bow" || star.kind === "figure") && (
        <HourSelect label="At" value={star.at_h} onChange={(at_h) => bench.dial("star", { at_h })} />
      )}
      {star.kind === "bow" && (
        <>
          <StyleSelect
            label="Ribbon"
            kinds={["ribbon"]}
            styles={styles}
            value={star.style}
            onChange={(style) => bench.dial("star", { style })}
            none="not chosen"
          />
          <Button size="small" className="as-wide-as-it-is" onClick={() => onNewStyle("ribbon")}>
            Add a ribbon
          </Button>
          <LengthField
            label="Tails"
            value={star.tail_m}
            error={bench.problem?.field("/settings/star/tail_m")}
            onChange={(tail_m) => tail_m !== null && bench.dial("star", { tail_m })}
          />
          <FigureValue label="Bow, across" figure={plan.figures.bow} />
        </>
      )}
      {star.kind === "word" && (
        <TextField
          label="It says"
          value={star.words}
          slotProps={{ htmlInput: { maxLength: 24 } }}
          onChange={(event) => bench.dial("star", { words: event.target.value })}
        />
      )}
    </Dials>
  );
}
