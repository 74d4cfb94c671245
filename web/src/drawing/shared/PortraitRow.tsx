import { useTheme } from "@mui/material/styles";
import type { Schemas } from "../../api/client";
import { drawing } from "../../theme/tokens";

type Portrait = Schemas["Portrait"];

/** Between two pieces, metres. */
export const APART = 0.35;
/** Pixels a metre that a small piece is not drawn larger than. */
const LARGEST = 60;

interface Props {
  portraits: Portrait[];
  /** Pixels. */
  width: number;
  height: number;
  /** Pixels a metre, where others are drawn to the same scale; else as large as fits. */
  scale?: number;
}

function across({ left_m, right_m }: Portrait): number {
  return right_m - left_m;
}

function wideOf(portraits: Portrait[]): number {
  return portraits.reduce((sum, one) => sum + across(one) + APART, APART);
}

/** The scale at which pieces fit beside one another. */
function fitting(portraits: Portrait[], width: number, height: number): number {
  const tall = Math.max(...portraits.map(({ top_m }) => top_m));
  return Math.min(width / wideOf(portraits), (height - 4) / tall, LARGEST);
}

/** The scale at which each of several pieces fits by itself. */
export function commonScale(portraits: Portrait[], width: number, height: number): number {
  return Math.min(LARGEST, ...portraits.map((one) => fitting([one], width, height)));
}

/** Pieces beside one another on one floor, to one scale, so that one sees which is large; what they are is told beside it. */
export function PortraitRow({ portraits, width, height, scale: given }: Props) {
  const theme = useTheme();
  const { tokens } = theme.palette;
  const shades = drawing[theme.palette.mode === "light" ? "day" : "dusk"];
  const [red, green, blue] = theme.palette.mode === "light" ? shades.foliage : shades.foliageLight;
  const fills: Record<Portrait["shapes"][number]["part"], string> = {
    foliage: `rgb(${red} ${green} ${blue})`,
    foot: shades.stand,
    topper: tokens.plum,
    wood: shades.surround,
    dark: shades.firebox,
    line: "none",
  };
  if (portraits.length === 0) return null;
  const wide = wideOf(portraits);
  const scale = given ?? fitting(portraits, width, height);
  const floor = height - 2;
  const starts = portraits.map((_, i) =>
    portraits.slice(0, i).reduce((sum, one) => sum + across(one) + APART, APART / 2),
  );
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden style={{ display: "block" }}>
      <line x1={0} x2={Math.min(wide * scale, width)} y1={floor} y2={floor} stroke={tokens.edge} />
      {portraits.map((one, i) => {
        const x = (metres: number) => ((starts[i] ?? 0) + metres - one.left_m) * scale;
        const y = (metres: number) => floor - metres * scale;
        return (
          <g key={i}>
            {one.shapes.map(({ part, closed, points }, at) => {
              const way = points.map(([along = 0, up = 0]) => `${x(along).toFixed(1)},${y(up).toFixed(1)}`).join(" ");
              const edge = part === "wood" || part === "line" ? tokens.edge : "none";
              return closed ? (
                <polygon key={at} points={way} fill={fills[part]} stroke={edge} strokeLinejoin="round" />
              ) : (
                <polyline key={at} points={way} fill="none" stroke={edge} />
              );
            })}
            {one.dots.map((dot, at) => (
              <circle
                key={at}
                cx={x(dot.x_m)}
                cy={y(dot.y_m)}
                r={Math.max(dot.r_m * scale, 1.3)}
                fill={dot.colour ?? tokens.quince}
              />
            ))}
          </g>
        );
      })}
    </svg>
  );
}
