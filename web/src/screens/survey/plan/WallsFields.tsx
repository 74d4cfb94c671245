import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { InTurn } from "../../../parts/InTurn";
import { LengthField } from "../../../parts/LengthField";
import type { SurveyForm } from "../useSurvey";
import { cornerAfter, extentOf, isRectangle, wallName, wallsOf, withCorners, type Wall } from "./planDraft";

/** A corner that is left out leaves as many walls as close a room. */
const FEWEST = 3;

/** The walls of a room: a rectangle to begin with, or corner by corner. */
export function WallsFields({ form }: { form: SurveyForm }) {
  const { draft } = form;
  const walls = wallsOf(draft.plan);
  const rectangle = isRectangle(draft.plan);
  const keep = (next: Wall[]) =>
    form.change({
      plan: { ...draft.plan, walls: next },
      ...(next.every(({ x_m }) => x_m !== null) ? extentOf(next) : {}),
    });
  const change = (at: number, part: Partial<Wall>) =>
    keep(walls.map((wall, i) => (i === at ? { ...wall, ...part } : wall)));
  const shapes = (shape: string) =>
    keep(
      shape === "rectangle" ? walls.slice(0, 4).map((wall) => ({ ...wall, x_m: null, y_m: null })) : withCorners(draft),
    );
  const wrong = form.objections.field("/plan");
  return (
    <Box component="section" aria-label="Walls" sx={{ mt: 4 }}>
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        Walls
      </Typography>
      <ChoiceDial
        label="Shape of the room"
        value={rectangle ? "rectangle" : "corners"}
        choices={{ rectangle: "a rectangle", corners: "another shape" }}
        onChange={shapes}
        help={
          rectangle
            ? "From the wall you face on to the right."
            : "Corners from the front left on to the right; drag them in the drawing, or type them. They tell width and depth."
        }
      />
      {wrong && (
        <Typography variant="body2" color="error" role="alert" sx={{ mt: 1 }}>
          {wrong}
        </Typography>
      )}
      <InTurn>
        {walls.map((wall, i) => (
          <Box
            key={wall.key}
            role="group"
            aria-label={wallName(wall, i)}
            sx={{
              display: "grid",
              gridTemplateColumns: {
                xs: rectangle ? "1fr 74px" : "1fr 1fr",
                sm: rectangle ? "1fr 74px" : "1.4fr 1fr 1fr 74px auto",
              },
              gap: 1.5,
              mt: 1.5,
              alignItems: "start",
            }}
          >
            <TextField
              label={`Wall ${i + 1}`}
              value={wall.name}
              placeholder={wallName({ ...wall, name: "" }, i)}
              onChange={(event) => change(i, { name: event.target.value })}
              error={Boolean(form.objections.field(`/plan/walls/${i}/name`))}
              helperText={form.objections.field(`/plan/walls/${i}/name`)}
              slotProps={{ inputLabel: { shrink: true } }}
            />
            {!rectangle && (
              <>
                <LengthField
                  label="Left corner, to the right"
                  value={wall.x_m}
                  onChange={(x_m) => x_m !== null && change(i, { x_m })}
                  error={form.objections.field(`/plan/walls/${i}/x_m`)}
                />
                <LengthField
                  label="to the back"
                  value={wall.y_m}
                  onChange={(y_m) => y_m !== null && change(i, { y_m })}
                  error={form.objections.field(`/plan/walls/${i}/y_m`)}
                />
              </>
            )}
            <TextField
              type="color"
              label="Colour"
              value={wall.colour ?? "#eeeeea"}
              onChange={(event) => change(i, { colour: event.target.value })}
              slotProps={{ inputLabel: { shrink: true } }}
            />
            {!rectangle && (
              <Box sx={{ display: "flex" }}>
                <Button size="small" onClick={() => keep(cornerAfter(walls, i))} startIcon={<Add />}>
                  Corner
                </Button>
                {walls.length > FEWEST && (
                  <Button
                    size="small"
                    color="inherit"
                    aria-label={`Take ${wallName(wall, i)} out`}
                    onClick={() => keep(walls.filter((_, at) => at !== i))}
                  >
                    Out
                  </Button>
                )}
              </Box>
            )}
          </Box>
        ))}
      </InTurn>
    </Box>
  );
}
