import { useHints } from "../../../api/queries";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { FigureValue } from "../../../bench/FigureValue";
import { useWorkings } from "../../../bench/workings";
import { ChoiceDial } from "../../../parts/ChoiceDial";
import { LengthDial } from "../../../parts/LengthDial";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { length, percent } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import { Dials } from "../../../bench/Dials";
import type { StepProps } from "./StepDials";

const SHAPES = { full: "full", classic: "classic", slim: "slim", pencil: "pencil", half: "half" };

const VERDICTS: Record<string, string> = {
  ok: "fits",
  crowded: "crowded",
  too_tall: "too tall",
  squeezed: "branches give",
  too_wide: "too wide",
  unknown: "floor not measured",
};

/** Every size of the catalogue with how it would fit here; the best one stands out. */
function Sizes({ bench, plan }: StepProps) {
  const units = useUnits();
  const { open } = useWorkings();
  const { best_size: best } = plan;
  return (
    <Box className="whole-row">
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1.5, flexWrap: "wrap", mb: 1 }}>
        <Typography sx={{ fontWeight: 600 }}>
          Best size for this place:{" "}
          <span style={{ fontSize: "1.3rem" }}>{best.height_m ? length(best.height_m, units) : "none fits"}</span>
        </Typography>
        <Button size="small" data-sheet="best_size" onClick={() => open("best_size")}>
          How it came about
        </Button>
        <Typography variant="body2" color="textSecondary">
          {best.findings[0]?.message}
        </Typography>
      </Box>
      <Box sx={{ display: "flex", gap: 0.75, flexWrap: "wrap" }} role="group" aria-label="Sizes of the catalogue">
        {best.sizes.map((size) => {
          const isBest = size.height_m === best.height_m;
          const bad = size.height === "too_tall" || size.floor === "too_wide";
          const verdict =
            size.height === "ok" ? VERDICTS[size.floor === "unknown" ? "ok" : size.floor] : VERDICTS[size.height];
          return (
            <Button
              key={size.height_m}
              size="small"
              variant={isBest ? "contained" : "outlined"}
              color={bad ? "inherit" : "primary"}
              onClick={() => bench.dial("measure", { height_m: size.height_m, spread_m: null })}
              sx={{
                flexDirection: "column",
                lineHeight: 1.25,
                px: 1.25,
                minWidth: 74,
                color: bad && !isBest ? "text.secondary" : undefined,
              }}
            >
              {length(size.height_m, units)}
              <Box component="span" sx={{ fontSize: "0.7rem", fontWeight: 400 }}>
                {size.height === "ok" && size.share < 0.75 && !bad ? `${percent(size.share)} of height` : verdict}
              </Box>
            </Button>
          );
        })}
      </Box>
    </Box>
  );
}

function ShapeAndPlace({ bench, piece }: StepProps) {
  const { measure } = bench.draft.settings;
  return (
    <>
      <TextField
        select
        label="Place"
        value={bench.draft.place_id ?? ""}
        onChange={(event) => bench.moveTo(event.target.value || null)}
        slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
        helperText={piece.places.length === 0 ? "The survey notes no place yet" : undefined}
      >
        <MenuItem value="">not decided</MenuItem>
        {piece.places.map((place) => (
          <MenuItem key={place.id} value={place.id}>
            {place.name}
          </MenuItem>
        ))}
      </TextField>

      <ChoiceDial
        label="Shape"
        value={measure.shape}
        choices={SHAPES}
        onChange={(shape) => bench.dial("measure", { shape, spread_m: null })}
      />
    </>
  );
}

/** Place, size and shape: whether it goes in, and how it stands. */
export function MeasureStep(props: StepProps) {
  const { bench, plan } = props;
  const hint = useHints();
  const { measure } = bench.draft.settings;
  const wrong = (name: string) => bench.problem?.field(`/settings/measure/${name}`);
  if (measure.height_m === null) {
    return (
      <Dials>
        <ShapeAndPlace {...props} />
        <LengthField
          label="Or a height of your own"
          value={null}
          onChange={(height_m) => height_m && bench.dial("measure", { height_m })}
          error={wrong("height_m")}
        />
        <Sizes {...props} />
      </Dials>
    );
  }
  const spread = plan.figures.spread;
  const height = String(plan.figures.height_verdict?.value ?? "");
  const floor = String(plan.figures.floor_verdict?.value ?? "");
  return (
    <Dials>
      <LengthDial
        label="Height"
        value={measure.height_m}
        from={0.6}
        to={Math.max(plan.best_size.tallest_m, 0.9)}
        step={0.05}
        onChange={(height_m) => bench.dial("measure", { height_m })}
        error={wrong("height_m")}
      />
      <LengthField
        label="Spread"
        value={measure.spread_m}
        onChange={(spread_m) => bench.dial("measure", { spread_m })}
        error={wrong("spread_m")}
        help="As the box says; empty: by its shape"
        placeholder={spread ? Number(spread.value) : ""}
      />
      <FigureValue
        label="Above the tip"
        figure={plan.figures.tip_gap}
        note={`${VERDICTS[height]} under the ceiling`}
        size="small"
      />
      <FigureValue
        label="Of the room's height"
        figure={plan.figures.share}
        note={`on the floor: ${VERDICTS[floor]}`}
        size="small"
      />
      <ShapeAndPlace {...props} />
      <LengthField
        label="Riser"
        value={measure.riser_m}
        onChange={(riser_m) => bench.dial("measure", { riser_m: riser_m ?? 0 })}
        error={wrong("riser_m")}
        help="Basket, crate or box under it"
        placeholder={0}
      />
      <LengthField
        label="Leg span of the stand"
        value={measure.support_width_m}
        onChange={(support_width_m) => bench.dial("measure", { support_width_m })}
        error={wrong("support_width_m")}
        help="For how steady it stands"
        placeholder={0.6}
      />
      <LengthField
        label="Hem"
        value={measure.hem_m}
        onChange={(hem_m) => bench.dial("measure", { hem_m })}
        error={wrong("hem_m")}
        help={hint("tree/measure/hem_m")}
        placeholder={plan.figures.hem ? Number(plan.figures.hem.value) : ""}
      />
      <FigureValue label="Tips at" figure={plan.figures.tip_angle} size="small" />
      <ChoiceDial
        label="Kind"
        value={measure.kind}
        onChange={(kind) => bench.dial("measure", { kind })}
        choices={{ artificial: "artificial", real: "real" }}
      />
      {measure.kind === "real" && (
        <CountDial
          label="Weeks it stands"
          value={measure.weeks}
          min={1}
          onChange={(weeks) => bench.dial("measure", { weeks })}
          help={hint("tree/measure/weeks")}
        />
      )}
      <Sizes {...props} />
    </Dials>
  );
}
