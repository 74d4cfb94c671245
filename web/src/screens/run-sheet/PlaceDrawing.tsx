import { useTheme } from "@mui/material/styles";
import { useId } from "react";
import type { StageSize } from "../../drawing/shared/useSize";
import type { Hung } from "../../drawing/tree/paintDimTree";
import type { Projection } from "../../drawing/tree/projection";
import { drawing } from "../../theme/tokens";
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import type { Sheet, Turn } from "./progress";
import { TreeAtWork } from "./TreeAtWork";

type Place = NonNullable<Turn["place"]>;

interface Props {
  piece: Sheet["pieces"][number];
  place: Place;
  colour: string;
  hung: Hung[];
  /** Where more of the same will hang. */
  same: Place[];
}

const RADIANS = Math.PI / 180;
/** Farther round than this it hangs on the far side. */
const SIDE = 90;
/** Left and right of the clock, pixels. */
const AROUND = 34;

function dialOf({ width, height }: StageSize): number {
  return Math.max(Math.min(width * 0.13, height * 0.24, 96), 20);
}

/** Where one ornament goes, read three ways: lit on the tree, on the scale of tiers, on a clock seen from above. */
export function PlaceDrawing({ piece, place, colour, hung, same }: Props) {
  return (
    <TreeAtWork piece={piece} hung={hung} beside={(size) => 2 * (dialOf(size) + AROUND)}>
      {(projection) => (
        <>
          <Lit projection={projection} place={place} colour={colour} same={same} />
          <Tiers projection={projection} piece={piece} place={place} />
          <Clock projection={projection} place={place} colour={colour} />
        </>
      )}
    </TreeAtWork>
  );
}

interface Marked {
  projection: Projection;
  place: Place;
}

function useShades() {
  const { palette } = useTheme();
  const light = palette.mode === "light";
  return { shades: drawing[light ? "day" : "dusk"], lit: light ? palette.tokens.plum : palette.tokens.quince };
}

function Lit({ projection, place, colour, same }: Marked & { colour: string; same: Place[] }) {
  const { shades, lit } = useShades();
  const units = useUnits();
  const glow = useId();
  const { scale, middle, floor } = projection;
  const [x, y] = [middle + place.across_m * scale, floor - place.up_m * scale];
  return (
    <>
      <radialGradient id={glow}>
        <stop offset="0" stopColor={shades.bulb} stopOpacity={0.85} />
        <stop offset="0.45" stopColor={shades.bulb} stopOpacity={0.3} />
        <stop offset="1" stopColor={shades.bulb} stopOpacity={0} />
      </radialGradient>
      <circle cx={x} cy={y} r={Math.max(scale * 0.36, 34)} fill={`url(#${glow})`} />
      {same.map(({ across_m, up_m, number }) => (
        <circle
          key={number}
          cx={middle + across_m * scale}
          cy={floor - up_m * scale}
          r={3.5}
          fill="none"
          stroke={shades.bulb}
          strokeWidth={1.5}
        />
      ))}
      <line x1={36} x2={x - 18} y1={y} y2={y} stroke={lit} strokeWidth={1.5} strokeDasharray="5 5" />
      <text
        x={40}
        y={y - 6}
        fontSize={13}
        fontWeight={700}
        fill={shades.strong}
        stroke={shades.wallBottom}
        strokeWidth={3}
        paintOrder="stroke"
      >
        {length(place.up_m, units)}
      </text>
      <circle cx={x} cy={y} r={9} fill={colour} stroke={shades.surround} />
      <circle
        cx={x}
        cy={y}
        r={16}
        fill="none"
        stroke="#ffffff"
        strokeWidth={2.5}
        strokeDasharray={Math.abs(place.angle_deg) > SIDE ? "4 4" : undefined}
      />
    </>
  );
}

function Tiers({ projection, piece, place }: Marked & { piece: Sheet["pieces"][number] }) {
  const { shades, lit } = useShades();
  const y = (height: number) => projection.floor - ((piece.riser_m ?? 0) + height) * projection.scale;
  return piece.tiers.map(({ tier, low_m, high_m }) => {
    const here = tier === place.tier;
    const [low, high] = [y(low_m), y(high_m)];
    return (
      <g key={tier}>
        <line x1={24} x2={30} y1={low} y2={low} stroke={shades.line} />
        {here && <rect x={26} width={4} y={high} height={Math.max(low - high, 2)} fill={lit} />}
        <text
          x={17}
          y={(low + high) / 2 + 4}
          textAnchor="end"
          fontSize={here ? 16 : 12}
          fontWeight={here ? 800 : 400}
          fill={here ? shades.strong : shades.label}
        >
          {tier}
        </text>
      </g>
    );
  });
}

function Clock({ projection, place, colour }: Marked & { colour: string }) {
  const { shades, lit } = useShades();
  const dial = dialOf(projection);
  const [x, y] = [projection.width - dial - AROUND, projection.height / 2];
  const turn = place.angle_deg * RADIANS;
  const [handX, handY] = [x + Math.sin(turn) * dial, y + Math.cos(turn) * dial];
  const [red, green, blue] = shades.foliage;
  return (
    <g fontSize={11} fill={shades.label} textAnchor="middle">
      <text x={x} y={y - dial - 22}>
        from above
      </text>
      <circle
        cx={x}
        cy={y}
        r={dial}
        fill={`rgb(${red} ${green} ${blue})`}
        fillOpacity={0.4}
        stroke={shades.line}
        strokeWidth={1.5}
      />
      <circle cx={x} cy={y} r={dial * 0.6} fill="none" stroke={shades.line} strokeDasharray="2 4" />
      <circle cx={x} cy={y} r={3.5} fill={shades.trunk} />
      <text x={x} y={y - dial - 5}>
        12
      </text>
      <text x={x + dial + 11} y={y + 4}>
        3
      </text>
      <text x={x - dial - 11} y={y + 4}>
        9
      </text>
      <text x={x} y={y + dial + 16} fontWeight={700} fill={shades.strong}>
        6, front
      </text>
      <line x1={x} y1={y} x2={handX} y2={handY} stroke={lit} strokeWidth={2.5} />
      <circle cx={handX} cy={handY} r={7} fill={colour} stroke={lit} strokeWidth={2} />
    </g>
  );
}
