import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Schemas } from "../../../api/client";
import { declared } from "../../../api/declared";
import { Dials } from "../../../bench/Dials";
import { AddEntry, Entries } from "../../../bench/Entries";
import { FigureValue } from "../../../bench/FigureValue";
import { StyleSelect } from "../../../bench/StyleSelect";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { LengthField } from "../../../parts/LengthField";
import { NumberField } from "../../../parts/NumberField";
import { LeftOvers } from "./StartFromStock";
import type { StepProps } from "./StepDials";

type Fill = Schemas["GroupingSettings"]["fill"];
type Ball = Fill["balls"][number];

const SHAPES: Record<Fill["shape"], string> = {
  none: "none",
  cylinder: "cylinder",
  bowl: "bowl",
  box: "box",
  litres: "litres",
};
const MOST = declared.grouping.fill.balls.most;

/** A vessel and what goes into it: its measures, balls from large to small, lights between them. */
export function FillStep(props: StepProps) {
  const { bench, plan, styles, onNewStyle } = props;
  const { fill } = bench.draft.settings;
  const dial = (part: Partial<Fill>) => bench.dial("fill", part);
  const error = (name: keyof Fill) => bench.problem?.field(`/settings/fill/${name}`);
  const change = (index: number, part: Partial<Ball>) =>
    dial({ balls: fill.balls.map((ball, i) => (i === index ? { ...ball, ...part } : ball)) });
  const sizeOf = (style: string) => plan.drawing.fill?.sizes.find((size) => size.style === style);
  const unused = styles.filter(
    ({ kind, id, retired }) => kind === "ornament" && !retired && !fill.balls.some(({ style }) => style === id),
  );
  const byHand = fill.balls.some(({ count }) => count !== null);
  return (
    <Dials>
      <ChoiceDial label="Vessel" value={fill.shape} choices={SHAPES} onChange={(shape) => dial({ shape })} />
      {fill.shape !== "none" && (
        <>
          <LengthField
            label="Across inside"
            value={fill.across_m}
            error={error("across_m")}
            onChange={(across_m) => across_m !== null && dial({ across_m })}
          />
          {fill.shape === "box" && (
            <LengthField
              label="Deep inside"
              value={fill.deep_m}
              error={error("deep_m")}
              onChange={(deep_m) => deep_m !== null && dial({ deep_m })}
            />
          )}
          {fill.shape === "litres" ? (
            <NumberField
              label="Litres, measured"
              value={fill.litres}
              error={error("litres")}
              onChange={(litres) => litres !== null && dial({ litres })}
            />
          ) : (
            <LengthField
              label="Filled to"
              value={fill.filled_m}
              error={error("filled_m")}
              onChange={(filled_m) => filled_m !== null && dial({ filled_m })}
            />
          )}
          <StyleSelect
            label="Which vessel"
            kinds={["decor"]}
            styles={styles}
            value={fill.style}
            onChange={(style) => dial({ style })}
            none="not chosen"
          />
          <StyleSelect
            label="Fairy lights"
            kinds={["light"]}
            styles={styles}
            value={fill.lights}
            onChange={(lights) => dial({ lights })}
            none="none"
          />
          <FigureValue label="It takes" figure={plan.figures.litres} />
          <FigureValue label="Balls" figure={plan.figures.balls} after="" />
          <FigureValue label="Full" figure={plan.figures.fill_share} />
          <FigureValue label="Strings" figure={plan.figures.strings} after="" />
          <Box className="whole-row" sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
            <LeftOvers {...props} />
            {byHand && (
              <Button
                size="small"
                onClick={() => dial({ balls: fill.balls.map(({ style }) => ({ style, count: null })) })}
              >
                Reckon again from what is on hand
              </Button>
            )}
            <Button size="small" onClick={() => onNewStyle("ornament")}>
              Add balls to the stock
            </Button>
          </Box>
          <Entries
            label="What goes in, from large to small"
            noun="size"
            entries={fill.balls}
            onRemove={(index) => dial({ balls: fill.balls.filter((_, i) => i !== index) })}
            row={(ball, i) => {
              const size = sizeOf(ball.style);
              return (
                <>
                  <StyleSelect
                    label="Balls"
                    kinds={["ornament"]}
                    styles={styles}
                    value={ball.style}
                    onChange={(style) => style && change(i, { style })}
                    none="choose …"
                  />
                  <NumberField
                    label="How many"
                    placeholder={size ? `${size.count} go in` : ""}
                    value={ball.count}
                    error={bench.problem?.field(`/settings/fill/balls/${i}/count`)}
                    help={size ? `${size.on_hand} free` : undefined}
                    onChange={(count) => change(i, { count })}
                  />
                </>
              );
            }}
            add={
              fill.balls.length < MOST && unused[0] ? (
                <AddEntry
                  label="Another size"
                  onClick={() => unused[0] && dial({ balls: [...fill.balls, { style: unused[0].id, count: null }] })}
                />
              ) : null
            }
          />
        </>
      )}
    </Dials>
  );
}
