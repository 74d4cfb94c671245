import { edges, type RunPart } from "./runProjection";

/** Treads, spindles, handrail and newel posts of a stair, to scale. */
export function Stair({ drawing, at, shades }: RunPart) {
  const { stair } = drawing;
  if (!stair) return null;
  const count = stair.treads.length;
  const wide = stair.going_m / count;
  const rise = stair.rise_m / count;
  const railAt = (x: number) => stair.rail_m + (stair.rise_m * x) / stair.going_m;
  const steps = stair.treads.map(({ x_m, y_m }) => `${at.x(x_m)},${at.y(y_m - rise)} ${at.x(x_m)},${at.y(y_m)}`);
  const end = `${at.x(stair.going_m)},${at.y(stair.rise_m)} ${at.x(stair.going_m)},${at.y(0)} ${at.x(0)},${at.y(0)}`;
  return (
    <g stroke={shades.line} strokeWidth={1.2}>
      <polygon points={`${steps.join(" ")} ${end}`} fill={shades.surround} />
      {stair.treads.flatMap(({ x_m, y_m }) =>
        [0.3, 0.8].map((part) => {
          const x = x_m + wide * part;
          return (
            <line
              key={`${x_m} ${part}`}
              x1={at.x(x)}
              x2={at.x(x)}
              y1={at.y(y_m)}
              y2={at.y(railAt(x) - 0.02)}
              strokeWidth={Math.max(0.022 * at.scale, 1)}
            />
          );
        }),
      )}
      <line
        x1={at.x(0)}
        y1={at.y(railAt(0))}
        x2={at.x(stair.going_m)}
        y2={at.y(railAt(stair.going_m))}
        stroke={shades.stand}
        strokeWidth={Math.max(0.055 * at.scale, 3)}
        strokeLinecap="round"
      />
      {stair.newel &&
        [0, stair.going_m].map((x) => (
          <rect
            key={x}
            {...edges(at, x - 0.05, x + 0.05, (stair.rise_m * x) / stair.going_m, railAt(x) + 0.12)}
            fill={shades.stand}
            stroke={shades.standLine}
          />
        ))}
    </g>
  );
}
