import type { Schemas } from "../../api/client";
import type { DrawingShades } from "../../theme/tokens";

type Opening = Schemas["Opening"];

interface OpeningProps {
  opening: Opening;
  /** From the wall's left corner and the floor to pixels. */
  x: (metres: number) => number;
  y: (metres: number) => number;
  scale: number;
  shades: DrawingShades;
  dusk: boolean;
}

/** A door, a window or a way through, seen from inside. */
export function OpeningShape({ opening, x, y, scale, shades, dusk }: OpeningProps) {
  const { kind, left_m, width_m, height_m, floor_m } = opening;
  const edges = { x: x(left_m), y: y(floor_m + height_m), width: width_m * scale, height: height_m * scale };
  const casing = Math.max(0.06 * scale, 2.5);
  if (kind === "passage")
    return (
      <g>
        <rect {...edges} fill={dusk ? shades.floor : shades.wallBottom} />
        <rect {...edges} fill={shades.strong} fillOpacity={0.07} />
        <path
          d={`M${edges.x},${edges.y + edges.height} V${edges.y} H${edges.x + edges.width} V${edges.y + edges.height}`}
          fill="none"
          stroke={shades.surround}
          strokeWidth={casing}
        />
        <path
          d={`M${edges.x - casing / 2},${edges.y + edges.height} V${edges.y - casing / 2} H${edges.x + edges.width + casing / 2} V${edges.y + edges.height}`}
          fill="none"
          stroke={shades.line}
        />
      </g>
    );
  if (kind === "door") return <Door {...{ edges, casing, shades, scale }} wide={width_m} />;
  return (
    <g stroke={shades.line}>
      <rect
        x={edges.x - casing}
        y={edges.y - casing}
        width={edges.width + 2 * casing}
        height={edges.height + 2 * casing}
        fill={shades.surround}
      />
      <rect {...edges} fill={dusk ? shades.glass : "#dbe6ea"} />
      {!dusk && (
        <path
          d={`M${edges.x},${edges.y + edges.height * 0.86} q${edges.width * 0.16},${-edges.height * 0.1} ${edges.width * 0.34},${-edges.height * 0.03} t${edges.width * 0.36},${-edges.height * 0.02} t${edges.width * 0.3},${edges.height * 0.02} V${edges.y + edges.height} H${edges.x} Z`}
          fill="#c8d5d6"
          stroke="none"
        />
      )}
      {bars(width_m).map((at) => (
        <line
          key={at}
          x1={edges.x + edges.width * at}
          x2={edges.x + edges.width * at}
          y1={edges.y}
          y2={edges.y + edges.height}
          stroke={shades.surround}
          strokeWidth={casing * 0.7}
        />
      ))}
      <line
        x1={edges.x}
        x2={edges.x + edges.width}
        y1={edges.y + edges.height / 2}
        y2={edges.y + edges.height / 2}
        stroke={shades.surround}
        strokeWidth={casing * 0.7}
      />
      <rect {...edges} fill="none" />
      <rect
        x={edges.x - casing * 1.8}
        y={edges.y + edges.height + casing * 0.6}
        width={edges.width + casing * 3.6}
        height={casing}
        fill={shades.surround}
      />
    </g>
  );
}

function bars(wide: number): number[] {
  const lights = Math.max(Math.round(wide / 0.6), 2);
  return Array.from({ length: lights - 1 }, (_, i) => (i + 1) / lights);
}

interface DoorProps {
  edges: { x: number; y: number; width: number; height: number };
  casing: number;
  shades: DrawingShades;
  scale: number;
  wide: number;
}

function Door({ edges, casing, shades, scale, wide }: DoorProps) {
  const leaves = wide > 1.1 ? 2 : 1;
  const leaf = edges.width / leaves;
  return (
    <g stroke={shades.line}>
      <rect
        x={edges.x - casing}
        y={edges.y - casing}
        width={edges.width + 2 * casing}
        height={edges.height + casing}
        fill={shades.surround}
      />
      {Array.from({ length: leaves }, (_, i) => (
        <g key={i}>
          <rect x={edges.x + i * leaf} y={edges.y} width={leaf} height={edges.height} fill={shades.wallBottom} />
          {[0.08, 0.54].map((from) => (
            <rect
              key={from}
              x={edges.x + i * leaf + leaf * 0.16}
              y={edges.y + edges.height * from}
              width={leaf * 0.68}
              height={edges.height * 0.36}
              fill="none"
            />
          ))}
          <circle
            cx={edges.x + i * leaf + leaf * (i === 0 && leaves === 2 ? 0.92 : leaves === 2 ? 0.08 : 0.9)}
            cy={edges.y + edges.height * 0.52}
            r={Math.max(0.025 * scale, 1.6)}
            fill={shades.gilt}
            stroke="none"
          />
        </g>
      ))}
    </g>
  );
}
