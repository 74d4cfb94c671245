import type { DrawingShades } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import { shade } from "../shared/shade";
import type { Grouping, View } from "./groupingViews";

interface Props {
  drawing: Grouping;
  at: View;
  shades: DrawingShades;
  dusk: boolean;
  units: Units;
}

/** A head is so high over the eye, and so wide, metres. */
const CROWN_M = 0.12;
const HEAD_M = 0.17;
const PLATE_M = 0.012;

/** Somebody who looks, as far as the picture goes down. */
function Person({ at, eye, shades }: { at: View; eye: NonNullable<Grouping["eye"]>; shades: DrawingShades }) {
  const x = at.x(-eye.distance_m);
  const crown = at.y(eye.height_m + CROWN_M);
  const wide = HEAD_M * at.scale;
  const chin = at.y(eye.height_m - 0.11);
  const foot = at.top + at.height;
  return (
    <g fill={shades.person}>
      <ellipse cx={x - wide * 0.25} cy={(crown + chin) / 2} rx={wide / 2} ry={(chin - crown) / 2} />
      <path
        d={`M${x - wide * 0.55},${chin - 2} h${wide * 0.55} q${wide * 0.05},${wide * 0.35} ${wide * 0.5},${wide * 0.55} q${wide * 0.25},${wide * 0.3} ${wide * 0.2},${wide * 1.2} V${foot} H${x - wide * 1.1} V${chin + wide * 1.4} q0,${-wide * 0.8} ${wide * 0.5},${-wide} z`}
      />
      <circle cx={x} cy={at.y(eye.height_m)} r={3} fill={shades.strong} />
    </g>
  );
}

function verdict(drawing: Grouping, units: Units): string {
  const { ray, sockets = [] } = drawing;
  if (!ray) return sockets.length > 0 ? "nothing before a socket" : "no sockets here";
  const by = length(ray.by_m, units);
  return ray.hides ? `hides the socket, ${by} to spare` : `the socket shows, by ${by}`;
}

/** From the side: the eye, the line over what stands there, and where it meets the wall. */
export function SideView({ drawing, at, shades, dusk, units }: Props) {
  const { surface, things = [], eye, ray, sockets = [] } = drawing;
  const wall = at.x(0);
  const socket = ray && sockets.find(({ top_m }) => top_m === ray.socket_top_m);
  return (
    <g clipPath="url(#side-part)">
      <defs>
        <clipPath id="side-part">
          <rect x={at.left} y={at.top} width={at.width} height={at.height} />
        </clipPath>
      </defs>
      <rect x={at.left} y={at.top} width={at.width} height={at.height} fill={shades.wallBottom} />
      <rect
        x={wall}
        y={at.top}
        width={at.left + at.width - wall}
        height={at.height}
        fill={shade(surface.wall_colour, dusk ? -0.7 : -0.08)}
      />
      {surface.clear_m !== undefined && (
        <rect
          x={at.x(-Math.min(0.35, surface.depth_m * 0.6))}
          y={at.top}
          width={wall - at.x(-Math.min(0.35, surface.depth_m * 0.6))}
          height={Math.max(at.y(surface.clear_m) - at.top, 0)}
          fill={shades.surround}
          stroke={shades.line}
        />
      )}
      <rect
        x={at.x(-surface.depth_m)}
        y={at.y(0)}
        width={surface.depth_m * at.scale}
        height={7}
        fill={shade(surface.top_colour, dusk ? -0.6 : 0)}
      />
      <rect
        x={at.left}
        y={at.y(-surface.height_m)}
        width={wall - at.left}
        height={Math.max(at.top + at.height - at.y(-surface.height_m), 0)}
        fill={shades.floor}
      />
      <rect
        x={at.x(-surface.depth_m) + 4}
        y={at.y(0) + 7}
        width={surface.depth_m * at.scale - 4}
        height={Math.max(surface.height_m * at.scale - 7, 0)}
        fill={shades.floor}
      />
      {things.map((thing) => (
        <rect
          key={thing.number}
          x={at.x(-(thing.out_m + thing.deep_m / 2))}
          y={at.y(thing.foot_m + thing.height_m)}
          width={Math.max(thing.deep_m * at.scale, 1.5)}
          height={Math.max(thing.height_m * at.scale, 1)}
          rx={thing.round ? 3 : 1}
          fill={shade(thing.colour, dusk ? -0.45 : 0)}
          fillOpacity={thing.number === ray?.thing ? 1 : 0.55}
          stroke={thing.number === ray?.thing ? shades.strong : "none"}
          strokeWidth={0.8}
        />
      ))}
      {socket && (
        <rect
          x={wall - PLATE_M * at.scale}
          y={at.y(socket.top_m)}
          width={Math.max(PLATE_M * at.scale, 3)}
          height={0.085 * at.scale}
          fill={shades.surround}
          stroke={shades.strong}
        />
      )}
      {eye && <Person at={at} eye={eye} shades={shades} />}
      {eye && ray && (
        <path
          d={`M${at.x(-eye.distance_m)},${at.y(eye.height_m)} L${wall},${at.y(ray.meets_m)}`}
          stroke={ray.hides ? shades.strong : shades.mark}
          strokeWidth={1.4}
          strokeDasharray="5 3"
          fill="none"
        />
      )}
      <g fontSize={12.5} fill={shades.strong}>
        <text x={at.left + 12} y={at.top + 18} fontWeight={600}>
          From the side
        </text>
        <text x={at.left + 12} y={at.top + 35} fill={shades.label}>
          {verdict(drawing, units)}
        </text>
      </g>
    </g>
  );
}
