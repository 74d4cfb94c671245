import { useState } from "react";
import type { Schemas } from "../../api/client";
import { day, evening } from "../../theme/tokens";
import { onRing, type WreathView } from "./wreathProjection";

export interface ArcHandle {
  id: string;
  hour: number;
  onChange: (hour: number) => void;
}

interface Props {
  handles: ArcHandle[];
  ring: NonNullable<Schemas["WreathDrawing"]["ring"]>;
  at: WreathView;
  dusk: boolean;
}

/** The ends of a crescent, pulled along the clock by quarters of an hour. What they say can be chosen as well, below. */
export function ArcHandles({ handles, ring, at, dusk }: Props) {
  const [held, setHeld] = useState<string | null>(null);
  const tokens = dusk ? evening : day;
  return (
    <g aria-hidden>
      {handles.map(({ id, hour, onChange }) => {
        const { x, y } = onRing(at, ring.centre_m, hour, (ring.outer_m / 2) * 1.1);
        return (
          <circle
            key={id}
            data-handle={id}
            cx={x}
            cy={y}
            r={9}
            fill={tokens.card}
            stroke={tokens.plum}
            strokeWidth={3}
            style={{ cursor: "grab", touchAction: "none" }}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              setHeld(id);
            }}
            onPointerMove={(event) => {
              const around = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
              if (held !== id || !around) return;
              const across = event.clientX - around.left - at.x(0);
              const up = at.y(ring.centre_m) - (event.clientY - around.top);
              const turned = ((Math.atan2(across, up) / Math.PI) * 6 + 12) % 12;
              onChange((Math.round(turned * 4) / 4) % 12);
            }}
            onPointerUp={() => setHeld(null)}
          />
        );
      })}
    </g>
  );
}
