import type { Schemas } from "../../api/client";
import { drawing as shadesOf } from "../../theme/tokens";
import { shade } from "../shared/shade";
import type { StripAt } from "./layStrip";
import { OpeningShape } from "./OpeningShape";
import { LampGlow, ThingShape } from "./ThingShape";

interface Props {
  at: StripAt;
  standings: Schemas["Standing"][];
  dusk: boolean;
}

/** Walls side by side with what opens in them and what stands and hangs there, but for the pieces. */
export function WallsDrawn({ at, standings, dusk }: Props) {
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const { scale, floor, width, height } = at;
  const here = (wall: Schemas["WallSeen"]) =>
    standings.filter((one) => one.wall === wall.key).sort((a, b) => a.out_m - b.out_m);
  return (
    <svg width={width} height={height} style={{ position: "absolute", inset: 0 }} aria-hidden>
      <defs>
        <linearGradient id="room-wall" x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor={shades.wallTop} />
          <stop offset="1" stopColor={shades.wallBottom} />
        </linearGradient>
        <LampGlow />
      </defs>
      <rect width={width} height={height} fill={shades.wallTop} fillOpacity={0.4} />
      <rect y={floor} width={width} height={height - floor} fill={shades.floor} />
      {at.walls.map(({ wall, left }, i) => {
        const right = left + wall.length_m * scale;
        const [high, low] = [floor - wall.ceiling_left_m * scale, floor - wall.ceiling_right_m * scale];
        const outline = `M${left},${floor} V${high} L${right},${low} V${floor} Z`;
        return (
          <g key={wall.key}>
            <path d={outline} fill={wall.colour ? shade(wall.colour, dusk ? -0.8 : 0.25) : "url(#room-wall)"} />
            {i > 0 && <path d={outline} fill={shades.strong} fillOpacity={0.035} />}
            <rect
              x={left}
              y={floor - 0.09 * scale}
              width={right - left}
              height={0.09 * scale}
              fill={shades.surround}
              stroke={shades.line}
              strokeWidth={0.7}
            />
            {wall.openings.map((opening) => (
              <OpeningShape
                key={`${opening.kind} ${opening.left_m}`}
                opening={opening}
                x={(metres) => left + metres * scale}
                y={(metres) => floor - metres * scale}
                scale={scale}
                shades={shades}
                dusk={dusk}
              />
            ))}
            {here(wall)
              .filter(({ piece }) => !piece)
              .map((thing) => (
                <g key={thing.id} opacity={thing.out_m - thing.depth_m / 2 > 0.5 ? 0.45 : 1}>
                  <ThingShape
                    kind={thing.kind}
                    colour={thing.colour}
                    x={left + (thing.at_m + thing.left_m) * scale}
                    y={floor - thing.top_m * scale}
                    width={(thing.right_m - thing.left_m) * scale}
                    height={(thing.top_m - thing.bottom_m) * scale}
                    shades={shades}
                    dusk={dusk}
                  />
                </g>
              ))}
            <path d={outline} fill="none" stroke={shades.line} strokeWidth={2} />
          </g>
        );
      })}
      <line x1={0} x2={width} y1={floor} y2={floor} stroke={shades.floorEdge} strokeWidth={1.5} />
    </svg>
  );
}
