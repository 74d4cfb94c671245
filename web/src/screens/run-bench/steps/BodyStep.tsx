import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem } from "../../../api/client";
import { newKey } from "../../../api/key";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { Done } from "../../../parts/Done";
import { LengthField } from "../../../parts/LengthField";
import { ProblemAlert } from "../../../parts/ProblemAlert";
import { Tick } from "../../../parts/Tick";
import { length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import { Build } from "./Build";
import { AddEntry, Entries } from "../../../bench/Entries";
import type { StepProps } from "./StepDials";
import { StyleSelect } from "../../../bench/StyleSelect";

/** What is cut off at stem joints: put into stock once, with what it belongs to, and taken back if need be. */
function Offcuts({ plan, bench, piece }: Pick<StepProps, "plan" | "bench" | "piece">) {
  const units = useUnits();
  const cache = useQueryClient();
  const [key] = useState(newKey);
  const [problem, setProblem] = useState<Problem | null>(null);
  const done = piece.acts.find((act) => act.kind === "offcuts_kept");
  if (done) return <Done act={done} />;
  if (plan.offcuts.length === 0) return null;

  async function keep() {
    try {
      await ask(
        client.POST("/api/pieces/{id}/offcuts", {
          params: { path: { id: piece.id } },
          body: { key, version: bench.kept.version },
        }),
      );
      setProblem(null);
      await cache.invalidateQueries();
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  const told = plan.offcuts.map(({ name, length_m }) => `${length(length_m, units)} of ${name}`);
  return (
    <Box className="whole-row" sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
      <Typography variant="body2">Cut off at stem joints: {told.join(", ")}.</Typography>
      <Button size="small" onClick={() => void keep()} disabled={bench.saving.state !== "saved"}>
        It is cut, put it into stock
      </Button>
      <ProblemAlert problem={problem} />
    </Box>
  );
}

/** Garlands along the run: base, second bodies, folded passes. */
export function BodyStep(props: StepProps) {
  const { bench, plan, styles, onNewStyle } = props;
  const { body, length: way } = bench.draft.settings;
  const garlands = styles.filter((style) => style.kind === "garland" && !style.retired);
  const change = (index: number, part: Partial<(typeof body.bodies)[number]>) =>
    bench.dial("body", { bodies: body.bodies.map((known, i) => (i === index ? { ...known, ...part } : known)) });
  const first = garlands.find((style) => (style.free ?? style.on_hand) > 0) ?? garlands[0];
  return (
    <Dials>
      <ChoiceDial
        label="Tips run"
        value={way.direction}
        choices={{ from_middle: "from the middle", to_right: "to the right", to_left: "to the left" }}
        onChange={(direction) => bench.dial("length", { direction })}
      />
      <FigureValue label="Garland" figure={plan.figures.garland} />
      <FigureValue label="Loft together" figure={plan.figures.loft} />
      <FigureValue label="Weight of all" figure={plan.figures.weight} />
      <Entries
        label="Garlands"
        noun="garland"
        entries={body.bodies}
        onRemove={(index) => bench.dial("body", { bodies: body.bodies.filter((_, i) => i !== index) })}
        row={(entry, i) => (
          <>
            <StyleSelect
              label="Garland"
              kinds={["garland"]}
              styles={styles}
              value={entry.style}
              onChange={(style) => style && change(i, { style })}
              none="choose"
            />
            <StyleSelect
              label="And in"
              kinds={["garland"]}
              styles={styles}
              value={entry.also}
              onChange={(also) => change(i, { also })}
              none="one length"
            />
            <LengthField
              label="From"
              value={entry.from_m}
              onChange={(from_m) => change(i, { from_m: from_m ?? 0 })}
              error={bench.problem?.field(`/settings/body/bodies/${i}/from_m`)}
            />
            <LengthField
              label="To"
              value={entry.to_m}
              onChange={(to_m) => change(i, { to_m })}
              placeholder="the end"
              error={bench.problem?.field(`/settings/body/bodies/${i}/to_m`)}
            />
            <CountDial label="Passes" value={entry.passes} min={1} onChange={(passes) => change(i, { passes })} />
            <Tick label="Fluffed" checked={entry.fluffed} onChange={(fluffed) => change(i, { fluffed })} />
          </>
        )}
        add={
          first ? (
            <AddEntry
              label={body.bodies.length === 0 ? "Add the base garland" : "Add a garland"}
              onClick={() =>
                bench.dial("body", {
                  bodies: [
                    ...body.bodies,
                    { style: first.id, also: null, from_m: 0, to_m: null, passes: 1, fluffed: true },
                  ],
                })
              }
            />
          ) : (
            <AddEntry label="Add a garland to the stock" onClick={() => onNewStyle("garland")} />
          )
        }
      />
      <Build {...props} />
      <Offcuts {...props} />
    </Dials>
  );
}
