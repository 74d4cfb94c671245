import { useTheme } from "@mui/material/styles";
import { memo, useMemo } from "react";
import type { Schemas } from "../../api/client";
import { facesOf } from "../../drawing/room/perspective";
import { shade } from "../../drawing/shared/shade";
import { drawing } from "../../theme/tokens";

interface Props {
  room: Schemas["RoomView"];
  view: Schemas["ViewSeen"];
  width: number;
  height: number;
  dusk: boolean;
}

const rgb = (parts: readonly number[]) => `rgb(${parts.join(" ")})`;

/** What a place sees, small: projected from the same measures as everything else. */
function PeepDrawn({ room, view, width, height, dusk }: Props) {
  const { tokens } = useTheme().palette;
  const shades = drawing[dusk ? "dusk" : "day"];
  const faces = useMemo(() => facesOf(room, view, { width, height }), [room, view, width, height]);
  const fills: Record<string, string> = {
    wall: shades.wallBottom,
    door: shades.surround,
    window: dusk ? shades.glass : "#cfdfe4",
    foliage: rgb(dusk ? shades.foliageLight : shades.foliage),
    foot: shades.stand,
    topper: tokens.plum,
    wood: shades.surround,
    dark: shades.firebox,
  };
  const fill = ({ part, colour }: (typeof faces)[number]) => {
    if (part === "dot") return colour ?? tokens.quince;
    if (!colour) return fills[part] ?? shades.stand;
    const deeper = part === "wall" ? 0 : part.endsWith("top") ? 0.12 : -0.08;
    return shade(colour, dusk ? -0.72 : deeper);
  };
  return (
    <svg width={width} height={height} aria-hidden style={{ display: "block" }}>
      <rect width={width} height={height} fill={dusk ? shades.floor : shades.floor} />
      <rect width={width} height={height * 0.4} fill={dusk ? shades.wallTop : "#fbfaf7"} />
      {faces.map((one, i) => (
        <polygon
          key={i}
          points={one.points}
          fill={fill(one)}
          stroke={one.part === "wall" ? fill(one) : one.part === "dot" || one.part === "foliage" ? "none" : shades.line}
          strokeWidth={0.6}
        />
      ))}
    </svg>
  );
}

export const Peep = memo(PeepDrawn);
