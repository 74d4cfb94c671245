import Box from "@mui/material/Box";
import { useLayoutEffect, useMemo, useRef, useState } from "react";
import type { Schemas } from "../../api/client";
import { drawing as shadesOf } from "../../theme/tokens";
import type { Units } from "../../units/format";
import { OutlineHandles, type Handle } from "./OutlineHandles";
import { paintRun } from "./paintRun";
import { RunMarks } from "./RunMarks";
import { RunSetting } from "./RunSetting";
import { projectRun } from "./runProjection";
import { closerBy, Pinch, pinchedBy } from "../shared/closer";
import { paintAside } from "../shared/freshCanvas";
import { useSize } from "../shared/useSize";

interface Props {
  drawing: Schemas["RunDrawing"];
  /** Ids of the garlands that lie on the run. */
  bodies: string[];
  dusk: boolean;
  units: Units;
  describe: string;
  anchors: boolean;
  may: number | null;
  /** Handles of the outline wanted, while it is being shaped. */
  handles?: Handle[];
  /** Whether the greens fill the stage, or all they hang on is seen; and how that is changed. */
  closer?: boolean;
  onCloser?: (closer: boolean) => void;
}

const NONE: Handle[] = [];

/** A run where it goes, drawn to scale from computed layers: setting behind, greens, what is wanted and held in front. */
export function RunStage({
  drawing,
  bodies,
  dusk,
  units,
  describe,
  anchors,
  may,
  handles = NONE,
  closer = false,
  onCloser,
}: Props) {
  const box = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const size = useSize(box);
  const [pinch] = useState(() => new Pinch());
  const [held, setHeld] = useState(false);
  const fitted = useMemo(() => projectRun(size, drawing, closer), [size, drawing, closer]);
  // While a handle is held the picture keeps its scale; it would run away under the hand.
  const [kept, setKept] = useState(fitted);
  if (!held && kept !== fitted) setKept(fitted);
  const projection = held ? kept : fitted;

  useLayoutEffect(
    () =>
      paintAside(canvas.current, size, (context, pixels) =>
        paintRun({ drawing, bodies, projection, dusk, pixels }, context, shadesOf[dusk ? "dusk" : "day"]),
      ),
    [drawing, bodies, projection, dusk, size],
  );

  return (
    <Box
      ref={box}
      role="img"
      aria-label={describe}
      sx={{ position: "absolute", inset: 0, touchAction: "pan-y" }}
      {...pinchedBy(pinch, onCloser)}
      {...closerBy(closer, onCloser)}
    >
      {size.width > 0 && (
        <>
          <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
            <RunSetting drawing={drawing} projection={projection} dusk={dusk} />
          </svg>
          <canvas ref={canvas} style={{ position: "absolute", inset: 0, width: size.width, height: size.height }} />
          <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
            <RunMarks drawing={drawing} projection={projection} dusk={dusk} units={units} anchors={anchors} may={may} />
            <OutlineHandles
              handles={handles}
              samples={drawing.samples ?? []}
              projection={projection}
              dusk={dusk}
              onHold={setHeld}
            />
          </svg>
        </>
      )}
    </Box>
  );
}
