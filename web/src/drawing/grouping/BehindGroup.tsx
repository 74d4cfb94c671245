import type { DrawingShades } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import { shade } from "../shared/shade";
import type { Grouping, View } from "./groupingViews";
import { fits, halo, label, LETTER } from "./labels";

interface Props {
  drawing: Grouping;
  at: View;
  shades: DrawingShades;
  dusk: boolean;
  units: Units;
}

/** The inside of a fireplace, and how high it is open where nobody measured it. */
const SOOT = "#4a4440";
const OPENING_M = 0.65;

/** What is behind and above: the wall, what hangs over it, sockets. */
export function BehindGroup({ drawing, at, shades, dusk, units }: Props) {
  const { surface, sockets = [], keep_free = [] } = drawing;
  const long = surface.length_m ?? 1;
  const wall = shade(surface.wall_colour, dusk ? -0.78 : 0);
  const clear = surface.clear_m;
  const says = clear === undefined ? "" : `clear height ${length(clear, units)}`;
  const [from, to] = [at.x(surface.above_from_m ?? 0), at.x(surface.above_to_m ?? long)];
  return (
    <g>
      <rect x={at.left} y={at.top} width={at.width} height={at.y(0) - at.top} fill={wall} />
      {keep_free.map(({ what, from_m, to_m }) => (
        <rect
          key={`${what} ${from_m}`}
          x={at.x(from_m)}
          y={at.y(0) - 44}
          width={Math.max(at.x(to_m) - at.x(from_m), 0)}
          height={44}
          fill="url(#stays-free)"
          stroke={shades.mark}
          strokeDasharray="4 3"
          strokeOpacity={0.7}
        />
      ))}
      {surface.kind === "firebox" && (
        <rect
          x={at.x(0)}
          y={Math.max(at.y(clear ?? OPENING_M), at.top)}
          width={long * at.scale}
          height={at.y(0) - Math.max(at.y(clear ?? OPENING_M), at.top)}
          fill={shade(SOOT, dusk ? -0.4 : 0)}
        />
      )}
      {clear !== undefined && (
        <g stroke={shades.line}>
          <rect
            x={from}
            y={at.top}
            width={Math.max(to - from, 0)}
            height={Math.max(at.y(clear) - at.top, 0)}
            fill={shades.surround}
          />
          <rect x={from} y={at.y(clear) - 5} width={Math.max(to - from, 0)} height={5} fill={shades.floorEdge} />
          <line x1={(from + to) / 2} x2={(from + to) / 2} y1={at.top} y2={at.y(clear) - 5} />
          {fits(says, to - from - 8) && (
            <text x={(from + to) / 2} y={at.y(clear) - 14} textAnchor="middle" {...halo(shades)} {...label(shades)}>
              {says}
            </text>
          )}
        </g>
      )}
      {sockets.map((socket) => (
        <Socket key={socket.at_m} socket={socket} at={at} shades={shades} />
      ))}
    </g>
  );
}

type SocketHere = NonNullable<Grouping["sockets"]>[number];

const SOCKET_M = 0.085;
const IN_USE = "in use";

function Socket({ socket, at, shades }: { socket: SocketHere; at: View; shades: DrawingShades }) {
  const size = SOCKET_M * at.scale;
  const [x, y] = [at.x(socket.at_m) - size / 2, at.y(socket.top_m)];
  return (
    <g>
      <rect x={x} y={y} width={size} height={size} rx={2} fill={shades.surround} stroke={shades.line} />
      <circle cx={x + size / 2} cy={y + size / 2} r={size * 0.32} fill="none" stroke={shades.line} />
      {[-0.12, 0.12].map((by) => (
        <circle
          key={by}
          cx={x + size * (0.5 + by)}
          cy={y + size / 2}
          r={Math.max(size * 0.05, 0.8)}
          fill={shades.label}
        />
      ))}
      {socket.in_use && x + size + 6 + IN_USE.length * LETTER < at.left + at.width && (
        <text x={x + size + 6} y={y + size / 2 + 4} {...label(shades)}>
          {IN_USE}
        </text>
      )}
    </g>
  );
}
