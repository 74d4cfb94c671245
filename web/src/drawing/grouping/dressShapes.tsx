import { chance } from "../shared/chance";
import { box, GLOW, toned, type Shaped } from "./shaped";

export function Lantern(shape: Shaped) {
  const { x, y, wide, high } = shape;
  const body = high * 0.68;
  return (
    <g stroke={toned(shape)} strokeWidth={Math.max(wide * 0.06, 1.5)} fill="none">
      <rect
        x={x - wide * 0.42}
        y={y - body}
        width={wide * 0.84}
        height={body}
        fill={shape.dusk ? "#5a4526" : "#f4efe0"}
        fillOpacity={0.75}
      />
      <rect
        x={x - wide * 0.1}
        y={y - body * 0.5}
        width={wide * 0.2}
        height={body * 0.46}
        fill={GLOW}
        stroke="none"
        opacity={shape.dusk ? 1 : 0.8}
      />
      <path
        d={`M${x - wide / 2},${y - body} L${x},${y - high * 0.9} L${x + wide / 2},${y - body} z`}
        fill={toned(shape)}
      />
      <circle cx={x} cy={y - high * 0.94} r={high * 0.05} />
    </g>
  );
}

/** A small tree in its pot: three hems of branches. */
export function SmallTree(shape: Shaped) {
  const { x, y, wide, high } = shape;
  const pot = high * 0.18;
  const rim = (shape.pot ?? wide * 0.32) / 2;
  const hems = [
    [0.14, 0.5],
    [0.38, 0.38],
    [0.62, 0.24],
  ] as const;
  return (
    <g>
      <path
        d={`M${x - rim},${y - pot} h${rim * 2} l${-rim * 0.25},${pot} h${-rim * 1.5} z`}
        fill={toned({ ...shape, colour: "#8a6b4a" })}
      />
      {shape.pot && (
        <ellipse cx={x} cy={y - pot} rx={rim} ry={pot * 0.2} fill={toned({ ...shape, colour: "#7d8f4e" })} />
      )}
      {hems.map(([from, half], i) => (
        <path
          key={from}
          d={`M${x},${y - high * (i === 2 ? 1 : from + 0.42)} L${x - wide * half},${y - high * from} q${wide * half},${high * 0.05} ${2 * wide * half},0 z`}
          fill={toned(shape, -0.12 + i * 0.09)}
        />
      ))}
    </g>
  );
}

export function House(shape: Shaped) {
  const { x, y, wide, high } = shape;
  const eaves = high * 0.62;
  return (
    <g>
      <rect x={x - wide * 0.42} y={y - eaves} width={wide * 0.84} height={eaves} fill={toned(shape)} />
      <path
        d={`M${x - wide / 2},${y - eaves} L${x},${y - high} L${x + wide / 2},${y - eaves} z`}
        fill={toned(shape, -0.25)}
      />
      {[-0.2, 0.2].map((at) => (
        <rect
          key={at}
          x={x + wide * at - wide * 0.08}
          y={y - eaves * 0.72}
          width={wide * 0.16}
          height={eaves * 0.3}
          fill={shape.dusk ? GLOW : toned(shape, -0.4)}
        />
      ))}
    </g>
  );
}

export function Figure(shape: Shaped) {
  const { x, y, wide, high } = shape;
  return (
    <g fill={toned(shape)}>
      <path
        d={`M${x - wide * 0.42},${y} Q${x - wide * 0.3},${y - high * 0.7} ${x},${y - high * 0.72} Q${x + wide * 0.3},${y - high * 0.7} ${x + wide * 0.42},${y} z`}
      />
      <circle cx={x} cy={y - high * 0.82} r={Math.min(high * 0.17, wide * 0.32)} fill={toned(shape, 0.18)} />
    </g>
  );
}

export function Candle(shape: Shaped) {
  const { x, y, wide, high, flame } = shape;
  return (
    <g>
      {shape.dusk && <circle cx={x} cy={y - high - wide * 0.2} r={wide * 1.7} fill={GLOW} opacity={0.16} />}
      <rect {...box({ ...shape, high: high * 0.96 }, 2)} fill={toned(shape)} />
      <rect
        x={x - wide * 0.34}
        y={y - high * 0.9}
        width={wide * 0.16}
        height={high * 0.8}
        fill={toned(shape, 0.4)}
        opacity={0.6}
      />
      <ellipse cx={x} cy={y - high * 0.96} rx={wide / 2} ry={Math.max(wide * 0.12, 1)} fill={toned(shape, -0.1)} />
      <path
        d={`M${x},${y - high * 0.96 - wide * 0.75} q${wide * 0.2},${wide * 0.42} 0,${wide * 0.62} q${-wide * 0.2},${-wide * 0.2} 0,${-wide * 0.62}`}
        fill={flame ? "#d9662b" : GLOW}
      />
    </g>
  );
}

export function Beads(shape: Shaped) {
  const { x, y, wide, high } = shape;
  const each = Math.max(high, 3);
  const count = Math.max(Math.floor(wide / each), 3);
  return (
    <g fill={toned(shape)}>
      {Array.from({ length: count }, (_, i) => (
        <circle key={i} cx={x - wide / 2 + (i + 0.5) * (wide / count)} cy={y - each / 2} r={each / 2 - 0.3} />
      ))}
    </g>
  );
}

/** Stems across an edge: leaves in pairs along a few curved sprigs. */
export function Stems(shape: Shaped) {
  const { x, y, wide, high } = shape;
  const random = chance(7);
  return (
    <g>
      {[-1, -0.45, 0.35, 1].map((lean, i) => {
        const [endX, endY] = [x + (lean * wide) / 2, y - high * (0.55 + 0.45 * random())];
        const leaves = Math.max(Math.round(wide / 22), 3);
        return (
          <g key={lean} stroke={toned(shape, -0.25)} fill={toned(shape, i % 2 ? 0.1 : -0.1)}>
            <path d={`M${x},${y - 2} Q${x + lean * wide * 0.3},${y - high * 0.7} ${endX},${endY}`} fill="none" />
            {Array.from({ length: leaves }, (_, leaf) => {
              const at = (leaf + 1) / (leaves + 0.5);
              const [leafX, leafY] = [x + (endX - x) * at, y - (y - endY) * Math.sin((at * Math.PI) / 2)];
              return (
                <ellipse
                  key={leaf}
                  cx={leafX}
                  cy={leafY}
                  rx={Math.max(wide * 0.045, 2)}
                  ry={Math.max(wide * 0.02, 1)}
                  transform={`rotate(${(leaf % 2 ? 40 : -40) * Math.sign(lean)} ${leafX} ${leafY})`}
                  stroke="none"
                />
              );
            })}
          </g>
        );
      })}
    </g>
  );
}

export function Star(shape: Shaped) {
  const { x, y, wide, high } = shape;
  const points = Array.from({ length: 16 }, (_, i) => {
    const angle = (i * Math.PI) / 8 - Math.PI / 2;
    const out = i % 2 === 0 ? 0.5 : 0.2;
    return `${x + Math.cos(angle) * wide * out},${y - high / 2 + Math.sin(angle) * high * out}`;
  });
  return <polygon points={points.join(" ")} fill={toned(shape)} stroke={toned(shape, -0.25)} strokeWidth={0.8} />;
}

export function Bow(shape: Shaped) {
  const { x, y, wide, high } = shape;
  const middle = y - high * 0.6;
  return (
    <g fill={toned(shape)} stroke={toned(shape, -0.25)} strokeWidth={0.8}>
      <path
        d={`M${x},${middle} l${-wide * 0.16},${high * 0.6} h${wide * 0.12} z M${x},${middle} l${wide * 0.16},${high * 0.6} h${-wide * 0.12} z`}
      />
      <path
        d={`M${x},${middle} C${x - wide * 0.5},${middle - high * 0.6} ${x - wide * 0.6},${middle + high * 0.4} ${x},${middle} C${x + wide * 0.5},${middle - high * 0.6} ${x + wide * 0.6},${middle + high * 0.4} ${x},${middle} z`}
      />
      <ellipse cx={x} cy={middle} rx={wide * 0.08} ry={high * 0.12} />
    </g>
  );
}
