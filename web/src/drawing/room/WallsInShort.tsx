import { useTheme } from "@mui/material/styles";
import type { Schemas } from "../../api/client";
import { shade } from "../shared/shade";
import { drawing } from "../../theme/tokens";

type Wall = Schemas["WallInShort"];

const GAP = 10;

/** A few walls side by side on one floor, their pieces with few strokes: how a home looks, in short. */
export function WallsInShort({ walls, width, height }: { walls: Wall[]; width: number; height: number }) {
  const theme = useTheme();
  const { tokens } = theme.palette;
  const light = theme.palette.mode === "light";
  const shades = drawing[light ? "day" : "dusk"];
  const [red, green, blue] = light ? shades.foliage : shades.foliageLight;
  const fills: Record<string, string> = {
    foliage: `rgb(${red} ${green} ${blue})`,
    foot: shades.stand,
    topper: tokens.plum,
    wood: shades.surround,
    dark: shades.firebox,
  };
  if (walls.length === 0) return null;
  const long = walls.reduce((sum, wall) => sum + wall.length_m, 0);
  const high = Math.max(
    ...walls.flatMap((wall) => [
      wall.ceiling_left_m,
      wall.ceiling_right_m,
      ...wall.pieces.map(({ portrait }) => portrait?.top_m ?? 0),
    ]),
  );
  const scale = Math.min((width - GAP * (walls.length - 1)) / long, (height - 3) / high);
  const floor = height - 2;
  const told = walls.map((wall) => `${wall.room}, ${wall.name}`).join("; ");
  return (
    <svg width={width} height={height} role="img" aria-label={`Walls: ${told}`} style={{ display: "block" }}>
      {walls.map((wall, i) => {
        const left = walls.slice(0, i).reduce((sum, one) => sum + one.length_m * scale + GAP, 0);
        const x = (metres: number) => left + metres * scale;
        const y = (metres: number) => floor - metres * scale;
        return (
          <g key={`${wall.room} ${wall.name}`}>
            <title>{`${wall.room}, ${wall.name}`}</title>
            <path
              d={`M${x(0)},${floor} V${y(wall.ceiling_left_m)} L${x(wall.length_m)},${y(wall.ceiling_right_m)} V${floor} Z`}
              fill={wall.colour ? shade(wall.colour, light ? 0.35 : -0.72) : shades.wallBottom}
              stroke={shades.line}
            />
            {wall.pieces.map(({ at_m, middle_m, portrait }, at) => {
              const across = (metres: number) => x(at_m + metres - middle_m);
              return (
                portrait && (
                  <g key={at}>
                    {portrait.shapes
                      .filter(({ closed }) => closed)
                      .map(({ part, points }, k) => (
                        <polygon
                          key={k}
                          points={points
                            .map(([a = 0, up = 0]) => `${across(a).toFixed(1)},${y(up).toFixed(1)}`)
                            .join(" ")}
                          fill={fills[part] ?? "none"}
                          stroke={part === "wood" ? tokens.edge : "none"}
                          strokeWidth={0.6}
                        />
                      ))}
                    {portrait.dots.map((dot, k) => (
                      <circle
                        key={k}
                        cx={across(dot.x_m)}
                        cy={y(dot.y_m)}
                        r={Math.max(dot.r_m * scale, 1)}
                        fill={dot.colour ?? tokens.quince}
                      />
                    ))}
                  </g>
                )
              );
            })}
          </g>
        );
      })}
      <line x1={0} x2={width} y1={floor} y2={floor} stroke={tokens.edge} />
    </svg>
  );
}
