import { box, toned, type Shaped } from "./shaped";

export function Tray(shape: Shaped) {
  return (
    <>
      <rect {...box(shape, 2)} fill={toned(shape)} />
      <rect {...box({ ...shape, high: shape.high / 2 }, 2)} fill={toned(shape, -0.2)} />
    </>
  );
}

export function Cloth(shape: Shaped) {
  const { x, y, wide } = shape;
  return (
    <path
      d={`M${x - wide / 2},${y} q${wide / 4},-5 ${wide / 2},-3 t${wide / 2},3 v5 h${-wide} z`}
      fill={toned(shape, 0.05)}
      stroke={toned(shape, -0.15)}
    />
  );
}

/** A board that leans, with its grain and the hole it hangs by. */
export function Board(shape: Shaped) {
  const { x, y, wide, high } = shape;
  return (
    <g>
      <rect {...box(shape, wide * 0.22)} fill={toned(shape, 0.12)} stroke={toned(shape, -0.2)} />
      {[0.3, 0.5, 0.68].map((at) => (
        <line
          key={at}
          x1={x - wide / 2 + wide * at}
          x2={x - wide / 2 + wide * (at + 0.03)}
          y1={y - high * 0.94}
          y2={y - 2}
          stroke={toned(shape, -0.08)}
        />
      ))}
      <circle cx={x} cy={y - high * 0.9} r={Math.max(wide * 0.055, 1)} fill={toned(shape, -0.35)} />
    </g>
  );
}

export function Mirror(shape: Shaped) {
  const { x, y, wide, high } = shape;
  return (
    <g>
      <rect {...box(shape, wide * 0.48)} fill={toned({ ...shape, colour: "#b79a62" })} />
      <rect
        {...box({ ...shape, y: y - high * 0.05, wide: wide * 0.86, high: high * 0.9 }, wide * 0.42)}
        fill={toned(shape, 0.1)}
      />
      <path
        d={`M${x - wide * 0.2},${y - high * 0.3} L${x + wide * 0.12},${y - high * 0.75}`}
        stroke={toned(shape, 0.5)}
        strokeWidth={Math.max(wide * 0.06, 1)}
      />
    </g>
  );
}

export function Basket(shape: Shaped) {
  const { x, y, wide, high } = shape;
  const rows = Math.max(Math.round(high / 9), 2);
  return (
    <g stroke={toned(shape, -0.3)} strokeWidth={0.8}>
      <path
        d={`M${x - wide / 2},${y - high} L${x - wide * 0.4},${y} H${x + wide * 0.4} L${x + wide / 2},${y - high} z`}
        fill={toned(shape)}
      />
      {Array.from({ length: rows - 1 }, (_, i) => {
        const up = ((i + 1) * high) / rows;
        const half = wide * (0.4 + (0.1 * up) / high);
        return <line key={i} x1={x - half} x2={x + half} y1={y - up} y2={y - up} strokeDasharray="5 3" />;
      })}
    </g>
  );
}

export function Books(shape: Shaped) {
  const { x, y, wide, high } = shape;
  return (
    <g>
      {[0, 1, 2].map((i) => (
        <rect
          key={i}
          x={x - wide * (0.5 - 0.03 * i)}
          y={y - ((i + 1) * high) / 3}
          width={wide * (1 - 0.07 * i)}
          height={high / 3 - 1}
          rx={1.5}
          fill={toned(shape, i * 0.14 - 0.08)}
        />
      ))}
    </g>
  );
}

export function LowBowl(shape: Shaped) {
  const { x, y, wide, high } = shape;
  return (
    <g>
      <path
        d={`M${x - wide / 2},${y - high} C${x - wide * 0.46},${y - high * 0.2} ${x - wide * 0.24},${y} ${x - wide * 0.18},${y} H${x + wide * 0.18} C${x + wide * 0.24},${y} ${x + wide * 0.46},${y - high * 0.2} ${x + wide / 2},${y - high} z`}
        fill={toned(shape)}
      />
      <ellipse cx={x} cy={y - high} rx={wide / 2} ry={Math.max(wide * 0.05, 1)} fill={toned(shape, -0.3)} />
      <path
        d={`M${x - wide * 0.36},${y - high * 0.75} q${wide * 0.05},${high * 0.4} ${wide * 0.14},${high * 0.55}`}
        stroke={toned(shape, 0.35)}
        strokeWidth={Math.max(wide * 0.03, 1)}
        fill="none"
        strokeLinecap="round"
      />
    </g>
  );
}

export function Jug(shape: Shaped) {
  const { x, y, wide, high } = shape;
  const [neck, belly] = [wide * 0.27, wide * 0.46];
  return (
    <g>
      <path
        d={`M${x + neck},${y - high * 0.82} c${wide * 0.32},${high * 0.02} ${wide * 0.3},${high * 0.42} ${wide * 0.08},${high * 0.44}`}
        fill="none"
        stroke={toned(shape, -0.15)}
        strokeWidth={Math.max(wide * 0.08, 1.5)}
      />
      <path
        d={`M${x - neck},${y - high} C${x - neck * 0.9},${y - high * 0.7} ${x - belly},${y - high * 0.62} ${x - belly},${y - high * 0.3}
          C${x - belly},${y - high * 0.08} ${x - wide * 0.3},${y} ${x - wide * 0.28},${y} H${x + wide * 0.28}
          C${x + wide * 0.3},${y} ${x + belly},${y - high * 0.08} ${x + belly},${y - high * 0.3}
          C${x + belly},${y - high * 0.62} ${x + neck * 0.9},${y - high * 0.7} ${x + neck},${y - high} z`}
        fill={toned(shape)}
      />
      <path
        d={`M${x - belly * 0.62},${y - high * 0.5} q${-wide * 0.06},${high * 0.2} ${wide * 0.02},${high * 0.34}`}
        stroke={toned(shape, 0.28)}
        strokeWidth={Math.max(wide * 0.07, 1)}
        strokeLinecap="round"
        fill="none"
      />
      <ellipse cx={x} cy={y - high} rx={neck} ry={Math.max(neck * 0.2, 1)} fill={toned(shape, -0.35)} />
    </g>
  );
}
