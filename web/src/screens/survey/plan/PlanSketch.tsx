import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import { useRef, useState, type KeyboardEvent } from "react";
import { PlanDrawing, type PlanAt, type Spot } from "../../../drawing/room/PlanDrawing";
import { useSize } from "../../../drawing/shared/useSize";
import { INCH, length } from "../../../units/format";
import { useUnits } from "../../../units/useUnits";
import type { SurveyForm } from "../useSurvey";
import { cornersOf, extentOf, isRectangle, sketchOf, wallName, withCorners } from "./planDraft";

/** By keys a corner goes so far, metres. */
const STEP = 0.05;

/** The room from above as it is measured; its corners are moved by hand. */
export function PlanSketch({ form }: { form: SurveyForm }) {
  const box = useRef<HTMLDivElement>(null);
  const size = useSize(box);
  const units = useUnits();
  const { draft } = form;
  const { walls, things } = sketchOf(draft);

  function move(index: number, [x, y]: Spot) {
    const moved = withCorners(draft).map((wall, i) =>
      i === index ? { ...wall, x_m: Number(x.toFixed(3)), y_m: Number(y.toFixed(3)) } : wall,
    );
    form.change({ plan: { ...draft.plan, walls: moved }, ...extentOf(moved) });
  }

  return (
    <Box component="section" aria-label="The room from above" sx={{ mt: 3, px: { xs: 2, md: 0 } }}>
      <Typography variant="h3" component="h2">
        From above{" "}
        <Typography component="span" variant="body2" color="textSecondary">
          {isRectangle(draft.plan) ? "move a corner for another shape" : `${walls.length} walls`}
        </Typography>
      </Typography>
      <Box ref={box} sx={{ height: 280, position: "relative" }}>
        {size.width > 0 && (
          <PlanDrawing
            walls={walls}
            things={things}
            width={size.width}
            height={size.height}
            describe={`The room from above: ${walls.map((wall, i) => wallName({ ...wall, colour: null, x_m: null, y_m: null }, i)).join(", ")}`}
          >
            {(at) =>
              cornersOf(draft).map((corner, i) => (
                <Corner
                  key={i}
                  number={i + 1}
                  corner={corner}
                  at={at}
                  step={units === "imperial" ? 2 * INCH : STEP}
                  told={`${length(Math.abs(corner[0]), units)} to the right, ${length(Math.abs(corner[1]), units)} to the back`}
                  move={(spot) => move(i, spot)}
                />
              ))
            }
          </PlanDrawing>
        )}
      </Box>
    </Box>
  );
}

interface CornerProps {
  number: number;
  corner: Spot;
  at: PlanAt;
  step: number;
  told: string;
  move: (spot: Spot) => void;
}

const near = (metres: number) => Math.round(metres / 0.01) * 0.01;

function Corner({ number, corner, at, step, told, move }: CornerProps) {
  const { tokens } = useTheme().palette;
  // While it is held the picture keeps its scale; it would run away under the hand.
  const [held, setHeld] = useState<PlanAt | null>(null);
  const [spot, setSpot] = useState<Spot | null>(null);
  const [x, y] = spot ?? corner;
  const drawn = held ?? at;
  function key(event: KeyboardEvent) {
    const by: Partial<Record<string, Spot>> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    };
    const off = by[event.key];
    if (!off) return;
    event.preventDefault();
    move([corner[0] + off[0], corner[1] + off[1]]);
  }
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`Corner ${number}, ${told}`}
      style={{ cursor: "move", touchAction: "none" }}
      onKeyDown={key}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setHeld(at);
      }}
      onPointerMove={(event) => {
        if (!held) return;
        const [px, py] = held.back(event);
        setSpot([near(px), near(py)]);
      }}
      onPointerUp={() => {
        if (spot) move(spot);
        setHeld(null);
        setSpot(null);
      }}
    >
      <circle cx={drawn.x(x)} cy={drawn.y(y)} r={22} fill="transparent" />
      <circle cx={drawn.x(x)} cy={drawn.y(y)} r={5.5} fill={tokens.card} stroke={tokens.plum} strokeWidth={2} />
    </g>
  );
}
