import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { StyleSelect } from "../../../bench/StyleSelect";
import { LengthField } from "../../../parts/LengthField";
import type { StepProps } from "./StepDials";

/** Ribbons that ran out while the tree was dressed: how far each went, and what goes on in its place. */
export function RanOut({ bench, styles }: Pick<StepProps, "bench" | "styles">) {
  const { ribbon } = bench.draft.settings;
  const said = ribbon.ran_out.filter(({ style }) => ribbon.styles.includes(style));
  const name = (id: string) => styles.find((style) => style.id === id)?.name ?? "A ribbon";
  const keep = (ran_out: typeof said) => bench.dial("ribbon", { ran_out });
  const change = (style: string, part: Partial<(typeof said)[number]>) =>
    keep(ribbon.ran_out.map((one) => (one.style === style ? { ...one, ...part } : one)));
  return (
    <>
      {said.map((one) => (
        <Box
          key={one.style}
          role="group"
          aria-label={`${name(one.style)} ran out`}
          className="whole-row"
          sx={{
            display: "flex",
            flexWrap: "wrap",
            gap: 1.5,
            alignItems: "flex-start",
            "& > .MuiTextField-root": { width: 250 },
          }}
        >
          <LengthField
            label={`${name(one.style)} ran out after`}
            value={one.there_m}
            onChange={(there_m) => there_m !== null && change(one.style, { there_m })}
            error={bench.problem?.field(`/settings/ribbon/ran_out/${ribbon.ran_out.indexOf(one)}/there_m`)}
          />
          <StyleSelect
            label="In its place"
            kinds={["ribbon"]}
            styles={styles.filter(({ id }) => id !== one.style)}
            value={one.instead}
            onChange={(instead) => change(one.style, { instead })}
            none={ribbon.styles.length > 1 ? "the other ribbons" : "nothing"}
          />
          <Button size="small" onClick={() => keep(ribbon.ran_out.filter(({ style }) => style !== one.style))}>
            There is enough of it
          </Button>
        </Box>
      ))}
    </>
  );
}
