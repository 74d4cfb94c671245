import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { memo, type ReactNode } from "react";
import type { Schemas } from "../api/client";
import { Caution } from "../parts/Caution";
import { ColourDot } from "../parts/ColourDot";
import { bought, inLine } from "../parts/ledgerWords";
import { minutes, money, toBuy } from "../units/format";
import { useCurrency, useUnits } from "../units/useUnits";
import { OnTheWay } from "./OnTheWay";
import { useWorkings } from "./workings";

type Line = Schemas["LedgerLine"];

/** A figure that opens something: the line is under the figure, however much room a finger has round it. */
const OPENS = { "& > p": { borderBottom: "1px dotted", borderColor: "text.secondary" } } as const;

interface RowProps {
  line: Line;
  onStock: (style: string) => void;
  onClaims: (style: string) => void;
}

/** A line that says the same as before is not drawn again: most dials change few of them. */
const Row = memo(
  LedgerRow,
  (before, after) =>
    before.onStock === after.onStock &&
    before.onClaims === after.onClaims &&
    JSON.stringify(before.line) === JSON.stringify(after.line),
);

function LedgerRow({ line, onStock, onClaims }: RowProps) {
  const units = useUnits();
  const currency = useCurrency();
  const { open } = useWorkings();
  const note = bought(line, units, currency);
  const need = inLine(line.need, line, units);
  const spares = line.spares > 0 ? `+ ${inLine(line.spares, line, units)}` : "";
  const twoLines = spares !== "" && line.unit === "m";
  return (
    <Box
      component="tr"
      sx={(theme) => ({
        "& td, & th": {
          borderTop: `1px solid ${theme.palette.divider}`,
          py: 0.4,
          verticalAlign: "baseline",
          fontWeight: 400,
        },
      })}
    >
      <Box component="th" scope="row" sx={{ textAlign: "left" }}>
        <Box sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
          <ColourDot colour={line.colour} square={line.unit === "m"} />
          <Box>
            <Typography variant="body2">{line.label}</Typography>
            {note && (
              <Typography
                sx={{
                  fontSize: "0.72rem",
                  color: "text.secondary",
                  lineHeight: 1.3,
                  // Beside spares that stand on a line of their own it keeps to its column.
                  whiteSpace: twoLines ? "normal" : "nowrap",
                }}
              >
                {note}
              </Typography>
            )}
            {line.elsewhere > 0 && (
              <ButtonBase onClick={() => line.style && onClaims(line.style)} aria-haspopup="dialog" sx={OPENS}>
                <Typography sx={{ fontSize: "0.72rem", color: "text.secondary", lineHeight: 1.3 }}>
                  {inLine(line.elsewhere, line, units)} kept for others
                </Typography>
              </ButtonBase>
            )}
          </Box>
        </Box>
      </Box>
      <Box component="td" sx={{ textAlign: "right", whiteSpace: "nowrap" }}>
        <ButtonBase
          data-sheet={line.sheet}
          onClick={() => open(line.sheet)}
          aria-label={`${line.label}: need ${[need, spares].filter(Boolean).join(" ")}. Open the working`}
          sx={OPENS}
        >
          <Typography variant="body2">
            {need} {twoLines && <br />}
            {spares}
          </Typography>
        </ButtonBase>
      </Box>
      <Box component="td" sx={{ textAlign: "right", whiteSpace: "nowrap" }}>
        {line.style ? (
          <ButtonBase
            onClick={() => line.style && onStock(line.style)}
            aria-label={`${line.label}: have ${inLine(line.have, line, units)}. Count again`}
          >
            <Typography variant="body2">{inLine(line.have, line, units)}</Typography>
          </ButtonBase>
        ) : (
          <Typography variant="body2" color={line.own ? "textSecondary" : undefined}>
            {line.own ? "own" : "–"}
          </Typography>
        )}
      </Box>
      <Box component="td" sx={{ textAlign: "right", whiteSpace: "nowrap" }}>
        <Typography
          variant="body2"
          sx={{
            fontWeight: line.short > line.spares_short ? 700 : 400,
            color: line.short > line.spares_short ? "error.main" : "text.secondary",
          }}
        >
          {line.short === 0 ? "–" : inLine(line.short, line, units)}
        </Typography>
      </Box>
    </Box>
  );
}

interface Props {
  plan: Pick<Schemas["RunPlan"], "chosen" | "ledger" | "totals" | "figures" | "cautions">;
  /** Said while nothing is chosen. */
  empty: string;
  /** What belongs between the lines and the cautions. */
  children?: ReactNode;
  /** The step in front: its cautions come first. */
  step: string;
  onStock: (style: string) => void;
  /** Shows who else wants a style. */
  onClaims: (style: string) => void;
}

/** What it takes: need, have and short of every style, cautions of the step, what it costs and how long it takes. */
export const Ledger = memo(function Ledger({ plan, empty, step, onStock, onClaims, children }: Props) {
  const currency = useCurrency();
  const { open } = useWorkings();
  const here = plan.cautions.filter((caution) => caution.step === step);
  const stops = plan.cautions.filter((caution) => caution.step !== step && caution.severity === "stop");
  const dressing = plan.figures.minutes;
  return (
    <Box
      component="aside"
      aria-label="Ledger"
      sx={{ height: "100%", display: "flex", flexDirection: "column", "@media print": { height: "auto" } }}
    >
      <Box
        sx={{ flex: 1, overflow: "auto", px: 2, pt: 1.5, pb: 2 }}
        tabIndex={0}
        role="region"
        aria-label="What it takes"
      >
        <Typography variant="h3" component="h2">
          What it takes
        </Typography>
        {plan.ledger.length === 0 ? (
          <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
            {empty}
          </Typography>
        ) : (
          <Box
            component="table"
            sx={{
              width: "100%",
              borderCollapse: "collapse",
              tableLayout: "fixed",
              mt: 0.5,
              "& thead th:nth-of-type(2)": { width: 56 },
              "& thead th:nth-of-type(3)": { width: 50 },
              "& thead th:nth-of-type(4)": { width: 46 },
            }}
          >
            <thead>
              <tr>
                {["Item", "need", "have", "short"].map((name, i) => (
                  <Box
                    component="th"
                    scope="col"
                    key={name}
                    sx={{
                      textAlign: i === 0 ? "left" : "right",
                      fontSize: "0.75rem",
                      fontWeight: 500,
                      color: "text.secondary",
                      pb: 0.5,
                    }}
                  >
                    {i === 0 ? <span style={{ position: "absolute", left: -9999 }}>Item</span> : name}
                  </Box>
                ))}
              </tr>
            </thead>
            <tbody>
              {plan.ledger.map((line) => (
                <Row key={line.sheet} line={line} onStock={onStock} onClaims={onClaims} />
              ))}
            </tbody>
          </Box>
        )}
        <OnTheWay short={plan.ledger.some((line) => line.short > 0 && line.style)} />
        {children}
        <Box sx={{ display: "grid", gap: 1, mt: 2 }}>
          {[...here, ...stops].map((caution) => (
            <Caution key={`${caution.step} ${caution.code} ${caution.message}`} finding={caution} />
          ))}
        </Box>
      </Box>
      {plan.chosen && (
        <Box
          sx={(theme) => ({
            borderTop: `2px solid ${theme.palette.text.primary}`,
            mx: 2,
            py: 1.25,
            display: "flex",
            justifyContent: "space-between",
            gap: 1,
          })}
        >
          <Typography variant="body2">
            To buy <strong>{toBuy(plan.totals, currency)}</strong>
          </Typography>
          <Typography variant="body2">
            From stock <strong>{money(plan.totals.stock_cents, currency)}</strong>
          </Typography>
          {dressing && (
            <ButtonBase
              data-sheet={dressing.sheet}
              onClick={() => open(dressing.sheet)}
              aria-label={`Dressing: ${minutes(Number(dressing.value))}. Open the working`}
              sx={{ ...OPENS, whiteSpace: "nowrap" }}
            >
              <Typography variant="body2" sx={{ fontWeight: 600 }}>
                {minutes(Number(dressing.value))}
              </Typography>
            </ButtonBase>
          )}
        </Box>
      )}
    </Box>
  );
});
