import Box from "@mui/material/Box";
import { useMemo, useRef } from "react";
import { day, drawing as shadesOf, evening } from "../../theme/tokens";
import type { Units } from "../../units/format";
import { Footprint } from "../grouping/Footprint";
import { label } from "../grouping/labels";
import { HandlesOver } from "../grouping/ThingHandles";
import { shade } from "../shared/shade";
import { useSize } from "../shared/useSize";
import { BayHandles } from "./BayHandles";
import { ShelvesFront } from "./ShelvesFront";
import { viewsOf, type Bay, type ShelfThing, type Shelves } from "./shelvesViews";

interface Props {
  drawing: Shelves;
  dusk: boolean;
  units: Units;
  describe: string;
  /** Whether the threads from colour to colour are shown. */
  threads?: boolean;
  onMove?: ((thing: ShelfThing, to: Bay) => void) | undefined;
}

/** Shelves to scale from the front; the tiers of a tray from above beside it. */
export function ShelvesStage({ drawing, dusk, units, describe, threads = false, onMove }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const views = useMemo(() => viewsOf(size, drawing), [size, drawing]);
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const { unit, bays = [], things = [] } = drawing;
  return (
    <>
      <Box ref={frame} role="img" aria-label={describe} sx={{ position: "absolute", inset: 0, touchAction: "pan-y" }}>
        {views && (
          <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
            <rect width={size.width} height={size.height} fill={shades.wallBottom} />
            <ShelvesFront
              drawing={drawing}
              at={views.front}
              part={views.front}
              shades={shades}
              dusk={dusk}
              units={units}
              threads={threads}
            />
            {views.tiers.map(({ bay, at }) => (
              <g key={bay.number}>
                <circle
                  cx={at.x(0)}
                  cy={at.y(0)}
                  r={(bay.wide_m / 2) * at.scale}
                  fill={shade(unit.colour, dusk ? -0.55 : 0.45)}
                  stroke={shade(unit.colour, -0.3)}
                />
                {bay.clear_m !== null && <circle cx={at.x(0)} cy={at.y(0)} r={3} fill={shade(unit.colour, -0.5)} />}
                {things
                  .filter((thing) => thing.bay === bay.number)
                  .map((thing) => (
                    <Footprint
                      key={thing.number}
                      thing={{
                        ...thing,
                        left_m: thing.left_m - (unit.width_m ?? 0) / 2,
                        out_m: thing.out_m - (unit.depth_m ?? 0) / 2,
                      }}
                      at={at}
                      dusk={dusk}
                    />
                  ))}
                <text x={at.left + 12} y={at.top + 16} {...label(shades, true)}>
                  {`Tier ${bay.number}`}
                </text>
              </g>
            ))}
          </svg>
        )}
      </Box>
      {views && onMove && (
        <HandlesOver {...size}>
          <BayHandles
            things={things}
            bays={bays}
            at={views.front}
            noun={unit.shape === "tray" ? "tier" : "bay"}
            stroke={(dusk ? evening : day).plum}
            onMove={onMove}
          />
        </HandlesOver>
      )}
    </>
  );
}
