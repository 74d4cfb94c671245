import { useRef } from "react";
import type { Schemas } from "../../api/client";
import { day, evening } from "../../theme/tokens";
import type { RunProjection } from "./runProjection";
import { outwardShare } from "./wantedEdges";

/** A place of the outline wanted that can be drawn out or in. */
export interface Handle {
  id: string;
  /** Along the run, metres. */
  at: number;
  /** The thickness wanted there, metres. */
  thickness: number;
  /** Told while it is drawn. */
  onChange: (thickness: number) => void;
}

interface Props {
  handles: Handle[];
  samples: Schemas["RunSample"][];
  projection: RunProjection;
  dusk: boolean;
  onHold: (held: boolean) => void;
}

/** The few handles of an outline; dragged across the run. What they say can be typed as well, below. */
export function OutlineHandles({ handles, samples, projection, dusk, onHold }: Props) {
  const from = useRef<{ x: number; y: number; thickness: number } | null>(null);
  const tokens = dusk ? evening : day;
  const share = outwardShare(samples);
  return (
    <g aria-hidden>
      {handles.map((handle) => {
        const near = samples.reduce<Schemas["RunSample"] | undefined>(
          (best, sample) =>
            best && Math.abs(best.at_m - handle.at) <= Math.abs(sample.at_m - handle.at) ? best : sample,
          undefined,
        );
        if (!near) return null;
        const x = projection.x(near.x_m + near.out_x * handle.thickness * share);
        const y = projection.y(near.y_m + near.out_y * handle.thickness * share);
        return (
          <circle
            key={handle.id}
            data-handle={handle.id}
            cx={x}
            cy={y}
            r={9}
            fill={tokens.card}
            stroke={tokens.plum}
            strokeWidth={3}
            style={{ cursor: Math.abs(near.out_y) > 0.7 ? "ns-resize" : "ew-resize", touchAction: "none" }}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              from.current = { x: event.clientX, y: event.clientY, thickness: handle.thickness };
              onHold(true);
            }}
            onPointerMove={(event) => {
              if (!from.current) return;
              const across =
                (event.clientX - from.current.x) * near.out_x - (event.clientY - from.current.y) * near.out_y;
              const wanted = from.current.thickness + across / share / projection.scale;
              handle.onChange(Math.round(Math.min(Math.max(wanted, 0.02), 1.5) * 100) / 100);
            }}
            onPointerUp={() => {
              from.current = null;
              onHold(false);
            }}
          />
        );
      })}
    </g>
  );
}
