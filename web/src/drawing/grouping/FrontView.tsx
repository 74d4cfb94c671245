import type { DrawingShades } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import { shade } from "../shared/shade";
import { APRON_M, type Grouping, type View } from "./groupingViews";
import { BehindGroup } from "./BehindGroup";
import { fits, halo, label, LETTER, TOP_PX } from "./labels";
import { StandingThing } from "./StandingThing";
import { VesselShape } from "./VesselShape";
import { FREE_FOR } from "./words";
import { SNOW } from "./shaped";

interface Props {
  drawing: Grouping;
  at: View;
  shades: DrawingShades;
  dusk: boolean;
  units: Units;
}

/** What the group stands on: its top, its front, what of it stays free, the site. */
function Top({ drawing, at, shades, dusk, units }: Props) {
  const { surface, keep_free = [], site } = drawing;
  const long = surface.length_m ?? 1;
  const [left, right, y] = [at.x(0), at.x(long), at.y(0)];
  // What stands lower than that stands on the floor.
  const front = at.y(-Math.min(APRON_M, surface.height_m));
  const says = site ? `site ${length(site.to_m - site.from_m, units)}` : "";
  return (
    <g>
      <rect x={at.left} y={y} width={at.width} height={at.top + at.height - y} fill={shades.floor} />
      <rect
        x={left + 4}
        y={y + TOP_PX}
        width={right - left - 8}
        height={Math.max(front - y - TOP_PX, 2)}
        fill={shades.surround}
        stroke={shades.line}
      />
      <rect x={left} y={y} width={right - left} height={TOP_PX} fill={shade(surface.top_colour, dusk ? -0.6 : 0)} />
      {keep_free.map(({ what, from_m, to_m }) => {
        const word = `${FREE_FOR[what]}, stays free`;
        const [seenFrom, seenTo] = [Math.max(at.x(from_m), at.left), Math.min(at.x(to_m), at.left + at.width)];
        const wide = seenTo - seenFrom;
        const shown = fits(word, wide) ? word : fits(FREE_FOR[what], wide) ? FREE_FOR[what] : null;
        return (
          shown && (
            <text
              key={`${what} ${from_m}`}
              x={(seenFrom + seenTo) / 2}
              y={y + TOP_PX + 17}
              textAnchor="middle"
              {...label(shades)}
            >
              {shown}
            </text>
          )
        );
      })}
      {site && (
        <g stroke={shades.strong} fill="none">
          <path
            d={`M${at.x(site.from_m)},${y + TOP_PX + 26} v7 M${at.x(site.from_m)},${y + TOP_PX + 30} H${at.x(site.to_m)} M${at.x(site.to_m)},${y + TOP_PX + 26} v7`}
          />
          <text
            x={(at.x(site.from_m) + at.x(site.to_m)) / 2}
            y={y + TOP_PX + 46}
            textAnchor="middle"
            stroke="none"
            {...label(shades, true)}
          >
            {says}
          </text>
        </g>
      )}
      {left >= at.left && (
        <Whole left={left} right={right} y={y + TOP_PX + 58} says={length(long, units)} shades={shades} />
      )}
    </g>
  );
}

function Whole({
  left,
  right,
  y,
  says,
  shades,
}: {
  left: number;
  right: number;
  y: number;
  says: string;
  shades: DrawingShades;
}) {
  const middle = (left + right) / 2;
  const half = (says.length * LETTER) / 2 + 6;
  return (
    <g stroke={shades.strong}>
      <path
        d={`M${left},${y - 4} v8 M${left},${y} H${middle - half} M${middle + half},${y} H${right} M${right},${y - 4} v8`}
        fill="none"
      />
      <text x={middle} y={y + 4} textAnchor="middle" stroke="none" {...label(shades, true)}>
        {says}
      </text>
    </g>
  );
}

/** How high the tallest of the line stands, at the left of the site; and what is free above the group. */
function Heights({ drawing, at, shades, units }: Props) {
  const { site, high, surface } = drawing;
  if (!site || !high) return null;
  const { tallest_m, under_m } = high;
  const x = Math.max(at.x(site.from_m) - 16, at.left + 62);
  const y = at.y(tallest_m);
  const clear = surface.clear_m;
  return (
    <g stroke={shades.strong} fill="none">
      <path d={`M${x - 4},${y} h8 M${x},${y} V${at.y(0)} M${x - 4},${at.y(0)} h8`} />
      <text x={x - 8} y={(y + at.y(0)) / 2 + 4} textAnchor="end" {...halo(shades)} {...label(shades, true)}>
        {length(tallest_m, units)}
      </text>
      {clear !== undefined && under_m !== undefined && under_m > 0 && at.y(clear) > at.top && (
        <>
          <path
            d={`M${x - 4},${at.y(clear - under_m)} h8 M${x},${at.y(clear - under_m)} V${at.y(clear)} M${x - 4},${at.y(clear)} h8`}
            strokeDasharray="3 3"
          />
          <text
            x={x - 8}
            y={(at.y(clear - under_m) + at.y(clear)) / 2 + 4}
            textAnchor="end"
            {...halo(shades)}
            {...label(shades)}
          >
            {length(under_m, units)}
          </text>
        </>
      )}
    </g>
  );
}

export function ThingsFront({ drawing, at, shades, dusk }: Omit<Props, "units">) {
  const { things = [], fill } = drawing;
  return things.map((thing) => (
    <StandingThing key={thing.number} thing={thing} at={at} shades={shades} dusk={dusk}>
      {thing.form === "filled" && fill && (
        <VesselShape
          fill={fill}
          x={at.x(thing.left_m)}
          y={at.y(thing.foot_m)}
          scale={at.scale}
          shades={shades}
          dusk={dusk}
        />
      )}
    </StandingThing>
  ));
}

const DRIFT_M = 0.025;

/** Snow in its trays, as deep as it lies, over the feet of what stands there. */
function SnowFront({ drawing, at, dusk }: Props) {
  const { snow, things = [] } = drawing;
  const trays = things.filter(({ number }) => snow?.in.includes(number));
  return trays.map((tray) => {
    const [left, right] = [at.x(tray.left_m - tray.across_m / 2), at.x(tray.left_m + tray.across_m / 2)];
    const foot = at.y(tray.foot_m + tray.height_m * 0.4);
    const top = at.y(tray.foot_m + tray.height_m * 0.4 + (snow?.deep_m ?? 0));
    const drifts = Math.max(Math.round((right - left) / (DRIFT_M * 2 * at.scale)), 2);
    const step = (right - left - 6) / drifts;
    const rise = Math.min((foot - top) * 0.35, step * 0.4);
    return (
      <path
        key={tray.number}
        d={`M${left + 3},${foot} V${top} ${Array.from({ length: drifts }, (_, i) => `q${step / 2},${i % 2 ? -rise : -rise * 0.5} ${step},0`).join(" ")} V${foot} z`}
        fill={shade(SNOW, dusk ? -0.3 : 0)}
        stroke={shade(SNOW, -0.18)}
        strokeWidth={0.8}
      />
    );
  });
}

/** The surface from the front to scale, with what stands on it and what is measured. */
export function FrontView(props: Props) {
  const { at, shades } = props;
  return (
    <g clipPath="url(#front-part)">
      <defs>
        <clipPath id="front-part">
          <rect x={at.left} y={at.top} width={at.width} height={at.height} />
        </clipPath>
        <pattern id="stays-free" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" x2="0" y1="0" y2="7" stroke={shades.mark} strokeWidth="1.2" strokeOpacity="0.45" />
        </pattern>
      </defs>
      <BehindGroup {...props} />
      <Top {...props} />
      <ThingsFront {...props} />
      <SnowFront {...props} />
      <Heights {...props} />
    </g>
  );
}
