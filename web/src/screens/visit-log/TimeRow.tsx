import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import type { Schemas } from "../../api/client";
import { useUnits } from "../../units/useUnits";
import { took } from "../lessons/lessonWords";

type Time = Schemas["VisitLog"]["times"][number];

/** Of the row's width, for twice as long as planned. */
const TWICE = 100;

/** What some work took beside what the house plans for it; pressed it is corrected. */
export function TimeRow({ time, onCorrect }: { time: Time; onCorrect: () => void }) {
  const units = useUnits();
  const { tokens } = useTheme().palette;
  const [first] = time.rules;
  if (!first) return null;
  const reach = (amount: number) => Math.min((amount / (2 * Math.max(time.planned, 0.1))) * TWICE, TWICE);
  const over = time.plain > time.planned;
  return (
    <ButtonBase
      onClick={onCorrect}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr) auto", sm: "minmax(0, 1fr) 108px auto" },
        "& svg": { display: { xs: "none", sm: "block" } },
        gap: 1.5,
        width: "100%",
        minHeight: 44,
        alignItems: "center",
        textAlign: "left",
        borderTop: 1,
        borderColor: "divider",
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Typography component="span">{time.rules.map(({ title }) => title).join(" + ")}</Typography>
        <Typography variant="body2" color="textSecondary" component="span" sx={{ display: "block" }}>
          {[
            time.who,
            time.source === "ticks" ? "run sheet" : "told",
            time.corrected ? "corrected" : "",
            time.left_out ? `does not count: ${time.left_out}` : "",
          ]
            .filter(Boolean)
            .join(" · ")}
        </Typography>
      </Box>
      <svg width={TWICE + 4} height={16} aria-hidden>
        <rect y={3} width={reach(Math.min(time.plain, time.planned))} height={10} rx={2} fill={tokens.lichen} />
        {over && (
          <rect
            x={reach(time.planned)}
            y={3}
            width={reach(time.plain) - reach(time.planned)}
            height={10}
            fill={tokens.plum}
            fillOpacity={0.75}
          />
        )}
        <line x1={TWICE / 2} x2={TWICE / 2} y1={0} y2={16} stroke={tokens.ink} />
      </svg>
      <Typography component="span" sx={{ whiteSpace: "nowrap", textAlign: "right", minWidth: 96 }}>
        {took(time.plain, first, units)}
        <Typography variant="body2" color="textSecondary" component="span" sx={{ display: "block" }}>
          of {took(time.planned, first, units)}
        </Typography>
      </Typography>
    </ButtonBase>
  );
}
