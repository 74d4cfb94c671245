import type { ReactNode } from "react";
import { shade } from "../shared/shade";
import type { Layer } from "./tableViews";

interface Props {
  layers: Layer[];
  /** Colour of the bow on the napkin. */
  bow: string | undefined;
  /** Pixels a metre. */
  scale: number;
  dusk: boolean;
}

/** A mat is so much deeper than wide; a napkin folded is so narrow; a card so low. */
const MAT = 0.72;
const FOLD = 0.46;
const CARD = 0.55;

function Pattern({ radius, colour, dusk }: { radius: number; colour: string; dusk: boolean }) {
  return (
    <circle
      r={radius * 0.86}
      fill="none"
      stroke={shade(colour, dusk ? -0.7 : -0.35)}
      strokeWidth={Math.max(radius * 0.1, 0.8)}
      strokeDasharray={`${Math.max(radius * 0.09, 1)} ${Math.max(radius * 0.14, 1.5)}`}
    />
  );
}

/** What lies at a place as large as it is, from the cloth up: its middle at 0, who sits below it. */
export function PlaceSetting({ layers, bow, scale, dusk }: Props) {
  const napkin = layers.find(({ layer }) => layer === "napkin");
  const folded = (napkin?.across_m ?? 0.2) * scale;
  return (
    <g>
      {layers.map((one) => (
        <LayerShape key={one.layer} one={one} scale={scale} dusk={dusk} folded={folded} />
      ))}
      {bow && napkin && <Bow colour={bow} wide={folded * FOLD} dusk={dusk} />}
    </g>
  );
}

function LayerShape({ one, scale, dusk, folded }: { one: Layer; scale: number; dusk: boolean; folded: number }) {
  const across = one.across_m * scale;
  const dark = dusk ? -0.45 : 0;
  const edge = {
    fill: shade(one.colour, dark),
    stroke: shade(one.colour, -0.35 + dark / 2),
    strokeWidth: Math.max(Math.min(scale / 400, 1.2), 0.5),
  };
  const shapes: Record<Layer["layer"], () => ReactNode> = {
    mat: () => (
      <rect x={-across / 2} y={(-across * MAT) / 2} width={across} height={across * MAT} rx={across * 0.03} {...edge} />
    ),
    charger: () => <Plate across={across} edge={edge} rim={0.84} />,
    plate: () => <Plate across={across} edge={edge} rim={0.7} />,
    salad_plate: () => <Plate across={across} edge={edge} rim={0.72} />,
    napkin: () => (
      <g>
        <rect
          x={(-across * FOLD) / 2}
          y={-across / 2}
          width={across * FOLD}
          height={across}
          rx={across * 0.03}
          {...edge}
        />
        <path
          d={`M${-across * FOLD * 0.16},${-across / 2} V${across / 2} M${across * FOLD * 0.18},${-across / 2} V${across / 2}`}
          {...edge}
          fill="none"
        />
      </g>
    ),
    ring: () => (
      <rect
        x={-folded * FOLD * 0.56}
        y={-across / 3}
        width={folded * FOLD * 1.12}
        height={(across * 2) / 3}
        rx={across * 0.16}
        {...edge}
      />
    ),
    name: () => (
      <rect
        x={-across / 2}
        y={-folded * 0.62 - (across * CARD) / 2}
        width={across}
        height={across * CARD}
        rx={across * 0.06}
        {...edge}
      />
    ),
  };
  const round = one.layer === "charger" || one.layer === "plate" || one.layer === "salad_plate";
  return (
    <g>
      {shapes[one.layer]()}
      {one.patterned && round && <Pattern radius={across / 2} colour={one.colour} dusk={dusk} />}
      {one.patterned && !round && (
        <rect
          x={-across * 0.16}
          y={-across * 0.3}
          width={across * 0.32}
          height={across * 0.6}
          fill="none"
          stroke={shade(one.colour, -0.4)}
          strokeDasharray="2 2.5"
        />
      )}
    </g>
  );
}

function Plate({ across, edge, rim }: { across: number; edge: object; rim: number }) {
  return (
    <g>
      <circle r={across / 2} {...edge} />
      <circle r={(across / 2) * rim} {...edge} fill="none" strokeOpacity={0.55} />
    </g>
  );
}

function Bow({ colour, wide, dusk }: { colour: string; wide: number; dusk: boolean }) {
  const fill = shade(colour, dusk ? -0.35 : 0);
  const stroke = { stroke: shade(colour, -0.4), strokeWidth: 0.5 };
  return (
    <g fill={fill} {...stroke}>
      <rect x={-wide * 0.56} y={-wide * 0.09} width={wide * 1.12} height={wide * 0.18} />
      <path
        d={`M0,0 C${-wide * 0.2},${-wide * 0.55} ${-wide * 0.95},${-wide * 0.5} ${-wide * 0.7},0 C${-wide * 0.95},${wide * 0.4} ${-wide * 0.2},${wide * 0.35} 0,0 z`}
      />
      <path
        d={`M0,0 C${wide * 0.2},${-wide * 0.55} ${wide * 0.95},${-wide * 0.5} ${wide * 0.7},0 C${wide * 0.95},${wide * 0.4} ${wide * 0.2},${wide * 0.35} 0,0 z`}
      />
      <path
        d={`M0,0 l${-wide * 0.45},${wide * 0.85} l${wide * 0.2},${wide * 0.04} z M0,0 l${wide * 0.45},${wide * 0.85} l${-wide * 0.2},${wide * 0.04} z`}
      />
      <circle r={wide * 0.13} />
    </g>
  );
}
