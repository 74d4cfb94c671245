import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../api/client";
import { quantity } from "../units/format";
import { FINGERS, reachable } from "../theme/theme";
import { useUnits } from "../units/useUnits";
import { useWorkings } from "./workings";
import { steady } from "../parts/steady";

interface Props {
  label: string;
  figure: Schemas["PlanFigure"] | undefined;
  /** Said after the figure instead of its plain unit, such as "ornaments, 8 styles". */
  after?: string;
  note?: string;
  size?: "large" | "small";
}

/** A figure as the hero it is: large, its unit small; opens its working. */
function FigureValueDrawn({ label, figure, after, note, size = "large" }: Props) {
  const units = useUnits();
  const { open } = useWorkings();
  if (!figure) return null;
  const shown = quantity(figure.value, after === undefined ? figure.unit : "", units);
  return (
    <Box className={note ? undefined : "as-wide-as-it-is"} sx={{ [FINGERS]: { pb: 0.75 } }}>
      <Typography variant="body2" sx={{ fontWeight: 600, color: "text.secondary" }}>
        {label}
      </Typography>
      <ButtonBase
        data-sheet={figure.sheet}
        onClick={() => open(figure.sheet)}
        aria-label={`${label}: ${[shown, after].filter(Boolean).join(" ")}. Open the working`}
        sx={(theme) => ({
          display: "inline-flex",
          alignItems: "baseline",
          gap: 0.75,
          textAlign: "left",
          borderBottom: `1px dotted ${theme.palette.text.secondary}`,
          "&:hover": { color: "secondary.main" },
          ...reachable,
          [FINGERS]: { ...reachable[FINGERS], minHeight: 0, minWidth: 0 },
        })}
      >
        <Typography
          component="span"
          sx={{ fontSize: size === "large" ? "1.65rem" : "1.15rem", fontWeight: 600, lineHeight: 1.2 }}
        >
          {shown}
        </Typography>{" "}
        {after && (
          <Typography component="span" variant="body2" color="textSecondary">
            {after}
          </Typography>
        )}
      </ButtonBase>
      {note && (
        <Typography variant="body2" color="textSecondary">
          {note}
        </Typography>
      )}
    </Box>
  );
}

export const FigureValue = steady(FigureValueDrawn);
