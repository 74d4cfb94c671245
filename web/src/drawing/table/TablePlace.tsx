import { LAYERS } from "./words";
import { fits, label, LETTER } from "../grouping/labels";
import { PlaceSetting } from "./PlaceSetting";
import type { TableViewProps } from "./TableAbove";

const LINE = 17;

/** One place close: its layers as large as they are to each other, named from the top down. */
export function TablePlace({
  drawing,
  at,
  shades,
  dusk,
  width,
}: Omit<TableViewProps, "state" | "units"> & { width: number }) {
  const { layers = [], bow } = drawing;
  const words = at.left + at.width + 4;
  const named = [...layers].reverse();
  return (
    <g>
      <rect x={at.left} y={at.top} width={width} height={at.height} fill={shades.wallBottom} />
      <text x={at.left + 12} y={at.top + 18} {...label(shades, true)}>
        A place
      </text>
      <g transform={`translate(${at.x(0)} ${at.y(0)})`}>
        <PlaceSetting layers={layers} bow={bow} scale={at.scale} dusk={dusk} />
      </g>
      {layers.length === 0 && (
        <text x={at.left + 12} y={at.top + 35} {...label(shades)}>
          nothing lies there
        </text>
      )}
      {named.map(({ layer, colour }, i) => (
        <g key={layer} transform={`translate(${words} ${at.top + 24 + i * LINE})`}>
          <rect y={-9} width={10} height={10} rx={2} fill={colour} stroke={shades.line} />
          {fits(LAYERS[layer], width - (words - at.left) - 16 + LETTER) && (
            <text x={16} {...label(shades)}>
              {LAYERS[layer]}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}
