import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { StyleSelect } from "../../../bench/StyleSelect";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { CountDial } from "../../../parts/CountDial";
import { counted } from "../../../units/format";
import type { StepProps } from "./StepDials";

/** Fewer on hand than planned: cross out what is missing, spread again or keep the places, fill what stays empty. */
export function MakeDo({ bench, plan, styles }: StepProps) {
  const { ornaments } = bench.draft.settings;
  const dial = (part: Partial<typeof ornaments>) => bench.dial("ornaments", part);
  const missing = new Map(ornaments.missing.map((entry) => [entry.style, entry]));
  const told = new Map((plan.make_do?.styles ?? []).map((style) => [style.style, style]));
  const setMissing = (style: string, count: number, instead: string | null) =>
    dial({
      missing: [...ornaments.missing.filter((entry) => entry.style !== style), { style, count, instead }].filter(
        (entry) => entry.count > 0,
      ),
    });
  const crossed = plan.make_do?.crossed_out ?? 0;
  return (
    <>
      <ChoiceDial
        label="What is short"
        value={ornaments.cross_out_short ? "crossed_out" : "wanted"}
        onChange={(choice) => dial({ cross_out_short: choice === "crossed_out" })}
        choices={{ wanted: "is bought", crossed_out: "is crossed out" }}
        help={shortHint(plan.ledger)}
      />
      {crossed > 0 && (
        <>
          <ChoiceDial
            label="The rest"
            value={ornaments.make_do}
            onChange={(make_do) => dial({ make_do })}
            choices={{ spread_again: "is spread again", keep_places: "keeps its places" }}
          />
          <ChoiceDial
            label="Empty spots are filled with"
            value={ornaments.fill}
            onChange={(fill) => dial({ fill })}
            choices={{ none: "nothing", ribbon: "ribbon tucks", picks: "picks" }}
          />
          <Typography variant="body2" role="status">
            <strong>{crossed} crossed out</strong>
            {`; ${plan.make_do?.to_fill ?? 0} spots want something${ornaments.fill === "none" ? "" : ", and get it"}.`}
          </Typography>
        </>
      )}
      <Typography variant="body2" className="whole-row" sx={{ fontWeight: 600, color: "text.secondary", mb: -0.5 }}>
        Missing of each
      </Typography>
      <Box
        role="group"
        aria-label="Missing of each"
        className="whole-row"
        sx={{ display: "flex", flexWrap: "wrap", gap: 2, "& > *": { width: 250 } }}
      >
        {ornaments.styles.map((id) => (
          <CountDial
            key={id}
            label={styles.find((style) => style.id === id)?.name ?? "A style"}
            value={Math.min(missing.get(id)?.count ?? 0, told.get(id)?.planned ?? Infinity)}
            most={told.get(id)?.planned}
            onChange={(count) => setMissing(id, count, missing.get(id)?.instead ?? null)}
          />
        ))}
      </Box>
      {ornaments.styles
        .filter((id) => missing.has(id))
        .map((id) => (
          <StyleSelect
            key={id}
            label={`In place of ${styles.find((style) => style.id === id)?.name ?? "a style"}`}
            kinds={["ornament"]}
            styles={styles.filter((style) => style.id !== id)}
            value={missing.get(id)?.instead ?? null}
            onChange={(instead) => setMissing(id, missing.get(id)?.count ?? 0, instead)}
            none="nothing"
            help={stoodIn(told.get(id))}
          />
        ))}
    </>
  );
}

/** How far what hangs instead goes. */
function stoodIn(told: NonNullable<StepProps["plan"]["make_do"]>["styles"][number] | undefined): string | undefined {
  if (!told || told.stood_in === 0 || told.stood_in === told.crossed_out) return undefined;
  return `There are ${told.stood_in} over for ${counted(told.crossed_out, "place")}`;
}

/** What is short of the ornaments, spares told apart: a tree can be dressed without them. */
function shortHint(ledger: StepProps["plan"]["ledger"]): string {
  const lines = ledger.filter((line) => line.kind === "ornament");
  const spares = lines.reduce((sum, line) => sum + line.spares_short, 0);
  const short = lines.reduce((sum, line) => sum + line.short, 0) - spares;
  if (short > 0) return `${short} short${spares > 0 ? `, and ${counted(spares, "spare")}` : ""}`;
  return spares > 0 ? `Only ${counted(spares, "spare")} short` : "Nothing is short";
}
