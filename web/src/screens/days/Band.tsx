import { useTheme } from "@mui/material/styles";
import { useId, type ReactNode } from "react";
import type { Schemas } from "../../api/client";
import { PortraitRow } from "../../drawing/shared/PortraitRow";
import { drawing } from "../../theme/tokens";

type Portrait = Schemas["Portrait"];
type Motif = "greens" | "lights" | "ribbon" | "ornaments" | "boxes" | "cloth" | "piece";

/** What a step puts up, by the step of its bench. */
const MOTIFS: Record<string, Motif> = {
  measure: "greens",
  body: "greens",
  rise_and_trail: "greens",
  greens: "greens",
  garland: "greens",
  lights: "lights",
  runner: "lights",
  crown: "ribbon",
  ribbon: "ribbon",
  star: "ribbon",
  stockings: "ribbon",
  setting: "ribbon",
  ornaments: "ornaments",
  accents: "ornaments",
  picks: "ornaments",
  things: "ornaments",
  fill: "ornaments",
  lay_out: "boxes",
  site: "boxes",
  place: "boxes",
  clear: "cloth",
  clean_up: "cloth",
  boxes_in: "boxes",
  bridge: "greens",
  off_step_back: "boxes",
};
/** What the key of a step begins with that takes down what another put up. */
const OFF = /^off_/;

export function motifOf(key: string): Motif {
  return MOTIFS[key] ?? MOTIFS[key.replace(OFF, "")] ?? "piece";
}

function rgb([red, green, blue]: readonly number[]): string {
  return `rgb(${red} ${green} ${blue})`;
}

/** Painted with what is put up: greens, lights, ribbon, its own ornaments, or the piece itself. */
export function Band({
  motif,
  portrait,
  width,
  height,
}: {
  motif: Motif;
  portrait: Portrait | null;
  width: number;
  height: number;
}) {
  const { palette } = useTheme();
  const { tokens } = palette;
  const shades = drawing[palette.mode === "light" ? "day" : "dusk"];
  const id = useId();
  const middle = height / 2;
  const colours = [...new Set((portrait?.dots ?? []).flatMap(({ colour }) => (colour ? [colour] : [])))].slice(0, 4);
  const shown = colours.length > 0 ? colours : [tokens.plum, tokens.quince];
  if (motif === "piece" && portrait)
    return (
      <span style={{ display: "flex", justifyContent: "center", background: shades.wallBottom }}>
        <PortraitRow portraits={[portrait]} width={Math.min(width, 64)} height={height} />
      </span>
    );
  const tiles: Record<Motif, { wide: number; ground: string; tile: ReactNode }> = {
    greens: {
      wide: 18,
      ground: rgb(shades.foliage),
      tile: (
        <>
          <path
            d={`M-2 ${height} L5 ${middle - 4} M4 ${height} L11 ${middle - 7} M10 ${height} L17 ${middle - 3}`}
            stroke={rgb(shades.needle)}
            strokeWidth={1.6}
          />
          <path d={`M1 0 L8 ${middle} M8 0 L14 ${middle + 3}`} stroke={rgb(shades.foliageLight)} strokeWidth={1.2} />
        </>
      ),
    },
    lights: {
      wide: 26,
      ground: drawing.dusk.wallTop,
      tile: (
        <>
          <path
            d={`M0 ${middle - 4} Q13 ${height + 2} 26 ${middle - 4}`}
            fill="none"
            stroke={rgb(drawing.dusk.needle)}
          />
          {[3, 9, 17, 23].map((x, i) => (
            <circle key={x} cx={x} cy={i % 3 === 0 ? middle + 1 : middle + 4} r={1.9} fill={drawing.dusk.bulb} />
          ))}
        </>
      ),
    },
    ribbon: {
      wide: 22,
      ground: rgb(shades.foliageDark),
      tile: (
        <path
          d={`M0 ${height - 5} C6 ${height - 5} 5 5 11 5 S16 ${height - 5} 22 ${height - 5}`}
          fill="none"
          stroke={shown[0]}
          strokeWidth={4.5}
        />
      ),
    },
    ornaments: {
      wide: 15 * shown.length,
      ground: rgb(shades.foliage),
      tile: shown.map((colour, i) => (
        <circle key={colour} cx={15 * i + 7.5} cy={middle + (i % 2 ? -2.5 : 2.5)} r={5} fill={colour} />
      )),
    },
    boxes: {
      wide: 24,
      ground: shades.floor,
      tile: (
        <>
          <rect
            x={2}
            y={height - 12}
            width={13}
            height={12}
            fill={tokens.kraft}
            stroke={tokens.edge}
            strokeWidth={0.6}
          />
          <rect x={2} y={height - 13} width={13} height={3} fill={tokens.kraftLid} />
          <rect
            x={16}
            y={height - 8}
            width={7}
            height={8}
            fill={tokens.kraftLid}
            stroke={tokens.edge}
            strokeWidth={0.6}
          />
        </>
      ),
    },
    cloth: {
      wide: 16,
      ground: shades.wallTop,
      tile: (
        <path
          d={`M0 ${middle - 3} q4 -4 8 0 t8 0 M0 ${middle + 5} q4 -4 8 0 t8 0`}
          fill="none"
          stroke={shades.line}
          strokeWidth={1.4}
        />
      ),
    },
    piece: { wide: 8, ground: shades.wallBottom, tile: null },
  };
  const { wide, ground, tile } = tiles[motif];
  return (
    <svg width="100%" height={height} aria-hidden style={{ display: "block" }}>
      <defs>
        <pattern id={id} width={wide} height={height} patternUnits="userSpaceOnUse">
          {tile}
        </pattern>
      </defs>
      <rect width="100%" height={height} fill={ground} />
      <rect width="100%" height={height} fill={`url(#${id})`} />
    </svg>
  );
}
