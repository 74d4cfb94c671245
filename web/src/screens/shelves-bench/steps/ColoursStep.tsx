import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Dials } from "../../../bench/Dials";
import { FigureValue } from "../../../bench/FigureValue";
import { counted } from "../../../units/format";
import type { StepProps } from "./StepDials";

/** Where each colour is met; the threads in the drawing lead from one to the next. */
export function ColoursStep({ plan }: StepProps) {
  const { colours = [], unit } = plan.drawing;
  const noun = unit.shape === "tray" ? "tier" : "bay";
  return (
    <Dials>
      <FigureValue label="Colours" figure={plan.figures.colours} />
      <FigureValue label="It pulls to one side by" figure={plan.figures.aside} />
      <Box
        component="ul"
        aria-label="Where each colour is met"
        className="whole-row"
        sx={{ m: 0, p: 0, listStyle: "none" }}
      >
        {colours.map(({ colour, says, points }) => (
          <Box component="li" key={colour} sx={{ display: "flex", gap: 1, alignItems: "center", py: 0.5 }}>
            <Box
              aria-hidden
              sx={{ width: 22, height: 22, borderRadius: "50%", bgcolor: colour, border: 1, borderColor: "divider" }}
            />
            <Typography variant="body2">
              {says}, in {counted(points, noun)}
            </Typography>
          </Box>
        ))}
        {colours.length === 0 && (
          <Typography component="li" variant="body2">
            Nothing stands there yet beside greens.
          </Typography>
        )}
      </Box>
    </Dials>
  );
}
