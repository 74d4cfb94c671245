import type { Schemas } from "../../api/client";
import { day, drawing as shadesOf, evening } from "../../theme/tokens";
import { clockPosition, length, type Units } from "../../units/format";
import { onRing, reachOf, type WreathView, type WreathViews } from "./wreathProjection";

type Drawing = Schemas["WreathDrawing"];

interface Props {
  drawing: Drawing;
  views: WreathViews;
  dusk: boolean;
  units: Units;
  /** Whether the hook is shown with its measures. */
  hook: boolean;
  /** The layout in words, such as "crescent". */
  layout: string;
}

/** About as wide as a letter of a label, pixels. */
const LETTER = 7;
/** Narrower than this only numbers stand round the ring, pixels. */
const NARROW = 320;
const HOURS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];

function arcPath(at: WreathView, centre: number, from: number, hours: number, away: number): string {
  const steps = Math.max(Math.ceil(hours * 4), 1);
  return Array.from({ length: steps + 1 }, (_, i) => {
    const { x, y } = onRing(at, centre, from + (hours * i) / steps, away);
    return `${i === 0 ? "M" : "L"}${x.toFixed(1)},${y.toFixed(1)}`;
  }).join(" ");
}

/** Where the ring reaches at an hour, by what was made there. */
function outline(drawing: Drawing, hour: number): number {
  const ring = drawing.ring;
  if (!ring) return 0;
  const sample = drawing.samples?.[Math.round(hour * 4) % 48];
  return ring.radius_m + Math.max(sample?.outward_m ?? 0, ring.body_m / 2);
}

/** Height of what it hangs on, of the centre, and how large the ring is. */
function Measures({
  drawing,
  at,
  units,
  ink,
  halo,
}: {
  drawing: Drawing;
  at: WreathView;
  units: Units;
  ink: string;
  halo: string;
}) {
  const { host, ring } = drawing;
  const text = { fontSize: 12.5, fill: ink, stroke: halo, strokeWidth: 3, paintOrder: "stroke" as const };
  if (host.width_m === null || at.width < 60) return null;
  const half = host.width_m / 2;
  const top = host.floor_m + host.height_m;
  const x = at.x(-half) - 26;
  const low = at.y(host.floor_m);
  const words = length(host.height_m, units);
  const beside = x - 8 - words.length * LETTER > at.left;
  const foot = low + (host.floor_m > 0.05 ? 20 : 15);
  return (
    <g>
      {beside && (
        <>
          <path
            d={`M${x - 4},${at.y(top)} h8 M${x},${at.y(top)} V${low} M${x - 4},${low} h8`}
            stroke={ink}
            fill="none"
          />
          <text x={x - 8} y={at.y(top) + 12} textAnchor="end" {...text} fontWeight={600}>
            {words}
          </text>
          {ring && (
            <>
              <path d={`M${x - 4},${at.y(ring.centre_m)} h8`} stroke={ink} />
              <text x={x - 8} y={at.y(ring.centre_m) - 3} textAnchor="end" {...text}>
                {length(ring.centre_m, units)}
              </text>
              <text x={x - 8} y={at.y(ring.centre_m) + 12} textAnchor="end" {...text} fontSize={11.5}>
                centre
              </text>
            </>
          )}
        </>
      )}
      <path
        d={`M${at.x(-half)},${foot - 4} v8 M${at.x(-half)},${foot} H${at.x(half)} M${at.x(half)},${foot - 4} v8`}
        stroke={ink}
        fill="none"
      />
      <text x={at.x(0)} y={foot + 17} textAnchor="middle" {...text} fontWeight={600}>
        {length(host.width_m, units)}
      </text>
    </g>
  );
}

/** The clock round the ring, the arcs that are dressed, where it is thin, and how large it is. */
function Clock({ drawing, at, units, dusk, layout }: Omit<Props, "views" | "hook"> & { at: WreathView }) {
  const { ring } = drawing;
  if (!ring) return null;
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const tokens = dusk ? evening : day;
  const halo = dusk ? "#1d262c" : "#f4f2ec";
  const dial = reachOf(drawing) + 17 / at.scale;
  const text = { fontSize: 12.5, fill: shades.strong, stroke: halo, strokeWidth: 3.5, paintOrder: "stroke" as const };
  const thin = [...(drawing.thin ?? [])].sort((one, other) => other.by_m - one.by_m)[0];
  const middle = thin ? Math.round((thin.from_h + ((thin.to_h - thin.from_h + 12) % 12) / 2) * 4) / 4 : 0;
  return (
    <g>
      {HOURS.map((hour) => {
        const { x, y } = onRing(at, ring.centre_m, hour, dial);
        return (
          <text key={hour} x={x} y={y + 4} textAnchor="middle" {...text}>
            {hour}
          </text>
        );
      })}
      {(drawing.arcs ?? []).map(({ from_h, hours }) => (
        <g key={from_h} fill="none" strokeLinecap="round">
          <path d={arcPath(at, ring.centre_m, from_h, hours, (ring.outer_m / 2) * 1.1)} stroke={halo} strokeWidth={4} />
          <path
            d={arcPath(at, ring.centre_m, from_h, hours, (ring.outer_m / 2) * 1.1)}
            stroke={tokens.plum}
            strokeWidth={1.8}
            strokeDasharray="5 4"
          />
        </g>
      ))}
      {(drawing.thin ?? []).map(({ from_h, to_h }) => (
        <path
          key={from_h}
          d={arcPath(
            at,
            ring.centre_m,
            from_h - 0.12,
            ((to_h - from_h + 12) % 12) + 0.24,
            outline(drawing, (from_h + to_h) / 2) + 8 / at.scale,
          )}
          stroke={tokens.brick}
          strokeWidth={3}
          fill="none"
        />
      ))}
      {at.width > NARROW && (
        <text x={at.left + at.width - 14} y={at.top + 26} textAnchor="end" {...text} fontWeight={600}>
          {layout} · {length(ring.outer_m, units)} across
        </text>
      )}
      {thin && (
        <text
          x={at.left + at.width - 14}
          y={at.top + at.height - 14}
          textAnchor="end"
          {...text}
          fontWeight={600}
          fill={tokens.brick}
        >
          thin at {clockPosition(middle)}, by {length(thin.by_m, units)}
        </text>
      )}
    </g>
  );
}

/** The hook as a pin; on a pair of doors with how far off the line it is. */
function Hook({ drawing, at, units, dusk }: { drawing: Drawing; at: WreathView; units: Units; dusk: boolean }) {
  const { hook, ring } = drawing;
  if (!hook?.held || !ring) return null;
  const tokens = dusk ? evening : day;
  const halo = dusk ? "#1d262c" : "#f4f2ec";
  const [x, y] = [at.x(hook.x_m), at.y(hook.floor_m)];
  const says = `${length(Math.abs(hook.x_m), units)} hook`;
  // It is told within the opening, or below in its step.
  const fits = (ring.inner_m / 2) * at.scale > says.length * LETTER + 14;
  return (
    <g>
      {hook.leaf && (
        <>
          <path
            d={`M${x},${y} V${at.y(ring.centre_m)} H${at.x(0)}`}
            stroke={tokens.ink}
            fill="none"
            strokeWidth={1.2}
          />
          <text
            x={at.x(0) + 8}
            y={at.y(ring.centre_m) + 4}
            fontSize={12.5}
            fontWeight={600}
            fill={tokens.ink}
            stroke={halo}
            strokeWidth={3.5}
            paintOrder="stroke"
          >
            {fits && says}
          </text>
        </>
      )}
      <circle cx={x} cy={y} r={6.5} fill={tokens.card} stroke={tokens.ink} strokeWidth={2} />
      <circle cx={x} cy={y} r={2} fill={tokens.ink} />
    </g>
  );
}

/** Lines and words over both parts of the picture. */
export function WreathMarks({ drawing, views, dusk, units, hook, layout }: Props) {
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const halo = dusk ? "#1d262c" : "#f4f2ec";
  return (
    <g aria-hidden>
      <Measures drawing={drawing} at={views.whole} units={units} ink={shades.strong} halo={halo} />
      <Clock drawing={drawing} at={views.close} units={units} dusk={dusk} layout={layout} />
      {hook && <Hook drawing={drawing} at={views.close} units={units} dusk={dusk} />}
    </g>
  );
}
