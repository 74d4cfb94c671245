import { useTheme } from "@mui/material/styles";
import { APART } from "../../drawing/shared/PortraitRow";
import type { Sheet } from "./progress";

type Piece = Sheet["pieces"][number];

/** Smallest ring that can be seen from an arm's length, pixels. */
const LEAST = 7;
const ROUND = 4;

/** Where the thing in hand goes on its piece: every place of it, lit over the piece as it is drawn. */
export function LitSites({
  piece,
  style,
  colour,
  width,
  height,
  scale,
}: {
  piece: Piece;
  style: string;
  colour: string | null;
  /** Pixels. */
  width: number;
  height: number;
  /** Pixels a metre. */
  scale: number;
}) {
  const { palette } = useTheme();
  const { portrait } = piece;
  if (!portrait) return null;
  const lit = piece.sites.filter((site) => site.style === style);
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={lit.length === 1 ? "One place is lit" : `${lit.length} places are lit`}
      style={{ position: "absolute", left: 0, top: 0 }}
    >
      {lit.map((site, i) => {
        const at = {
          cx: (APART / 2 + site.x_m - portrait.left_m) * scale,
          cy: height - 2 - site.y_m * scale,
        };
        const r = Math.max(site.r_m * scale, LEAST);
        return (
          <g key={i}>
            <circle {...at} r={r + ROUND} fill={palette.background.paper} opacity={0.8} />
            <circle {...at} r={r} fill={colour ?? palette.tokens.quince} />
            <circle {...at} r={r + ROUND} fill="none" stroke={palette.secondary.main} strokeWidth={2.5} />
          </g>
        );
      })}
    </svg>
  );
}
