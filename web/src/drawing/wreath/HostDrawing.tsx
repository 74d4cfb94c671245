import type { Schemas } from "../../api/client";
import type { DrawingShades } from "../../theme/tokens";
import { shade } from "../shared/shade";
import { BRASS, box, Doors, hex, Leaf, type HostPart } from "./DoorHost";
import { hasPerson, PERSON_AWAY_M, PERSON_M, type WreathView } from "./wreathProjection";

type Host = Schemas["WreathDrawing"]["host"];

function WindowHost({ host, at, shades, dusk }: HostPart) {
  const half = (host.width_m ?? 0.9) / 2;
  const top = host.floor_m + host.height_m;
  const frame = Math.max(0.05 * at.scale, 2);
  return (
    <g>
      <rect
        {...box(at, -half, half, host.floor_m, top)}
        fill={dusk ? shades.glass : host.colour}
        stroke={shades.surround}
        strokeWidth={frame}
      />
      <rect {...box(at, -half, half, host.floor_m, top)} fill="none" stroke={shades.line} />
      <line
        x1={at.x(0)}
        x2={at.x(0)}
        y1={at.y(top)}
        y2={at.y(host.floor_m)}
        stroke={shades.surround}
        strokeWidth={frame * 0.6}
      />
      <line
        x1={at.x(-half)}
        x2={at.x(half)}
        y1={at.y(host.floor_m + host.height_m / 2)}
        y2={at.y(host.floor_m + host.height_m / 2)}
        stroke={shades.surround}
        strokeWidth={frame * 0.6}
      />
      <rect
        {...box(at, -half - 0.06, half + 0.06, host.floor_m - 0.04, host.floor_m)}
        fill={shades.surround}
        stroke={shades.line}
      />
    </g>
  );
}

function Cabinet(part: HostPart) {
  const { host, at, dusk } = part;
  const half = (host.width_m ?? 0.45) / 2;
  const colour = hex(shade(host.colour, dusk ? -0.6 : 0));
  return (
    <g>
      <Leaf {...part} host={{ ...host, colour }} colour={colour} left={-half} right={half} />
      <circle
        cx={at.x(host.handle === "left" ? -half + 0.04 : half - 0.04)}
        cy={at.y(host.floor_m + 0.06)}
        r={Math.max(0.012 * at.scale, 1.5)}
        fill={shade(BRASS, dusk ? -0.4 : 0)}
      />
    </g>
  );
}

function Framed({ host, at, shades, dusk }: HostPart) {
  const half = (host.width_m ?? 0.6) / 2;
  return (
    <rect
      {...box(at, -half, half, host.floor_m, host.floor_m + host.height_m)}
      fill={dusk ? shades.glass : host.colour}
      stroke={shades.gilt}
      strokeWidth={Math.max(0.04 * at.scale, 2)}
    />
  );
}

function OverMantel({ host, at, shades, dusk }: HostPart) {
  const half = (host.width_m ?? 1.4) / 2;
  return (
    <g>
      <rect
        {...box(at, -half, half, host.floor_m, host.floor_m + host.height_m)}
        fill={shade(host.colour, dusk ? -0.75 : 0)}
      />
      <rect
        {...box(at, -half - 0.08, half + 0.08, host.floor_m - 0.06, host.floor_m)}
        fill={shades.surround}
        stroke={shades.line}
      />
      <rect {...box(at, -half, half, 0, host.floor_m - 0.06)} fill={shades.surround} stroke={shades.line} />
    </g>
  );
}

function Vessel({ host, at, dusk }: HostPart) {
  const half = (host.width_m ?? 0.2) / 2;
  const { x, y, width, height } = box(at, -half, half, host.floor_m, host.floor_m + host.height_m);
  return (
    <g fill={shade(host.colour, dusk ? -0.5 : 0)} stroke={shade(host.colour, -0.4)}>
      <path
        d={`M${x + width * 0.12},${y} H${x + width * 0.88} C${x + width},${y + height * 0.2} ${x + width},${y + height * 0.85} ${x + width * 0.86},${y + height} H${x + width * 0.14} C${x},${y + height * 0.85} ${x},${y + height * 0.2} ${x + width * 0.12},${y} z`}
      />
      <ellipse
        cx={x + width / 2}
        cy={y}
        rx={width * 0.38}
        ry={height * 0.05}
        fill={shade(host.colour, dusk ? -0.7 : -0.3)}
      />
    </g>
  );
}

/** A table from above, and in its middle the candle's or lantern's base. */
function LyingRound({ host, at, dusk }: HostPart) {
  const radius = ((host.width_m ?? 0.1) / 2) * at.scale;
  const [x, y] = [at.x(0), at.y(host.floor_m)];
  return (
    <g>
      <rect x={at.left} y={at.top} width={at.width} height={at.height} fill={shade(host.colour, dusk ? -0.72 : 0.1)} />
      {Array.from({ length: 7 }, (_, i) => (
        <line
          key={i}
          x1={at.left}
          x2={at.left + at.width}
          y1={at.top + (at.height * (i + 0.5)) / 7}
          y2={at.top + (at.height * (i + 0.5)) / 7}
          stroke={shade(host.colour, dusk ? -0.8 : -0.12)}
        />
      ))}
      <circle
        cx={x}
        cy={y}
        r={radius}
        fill={shade("#f3ead6", dusk ? -0.3 : 0)}
        stroke={shade("#b9a67e", dusk ? -0.4 : 0)}
      />
      {dusk && <circle cx={x} cy={y} r={radius * 1.5} fill="#ffd98a" opacity={0.25} />}
      <circle cx={x} cy={y} r={Math.max(radius * 0.18, 2)} fill={dusk ? "#ffe9b0" : "#8f7a4e"} />
    </g>
  );
}

const HOSTS: Record<Host["host"], (part: HostPart) => React.ReactNode> = {
  door: Doors,
  pair: Doors,
  window: WindowHost,
  cabinet: Cabinet,
  mirror: Framed,
  mantel_wall: OverMantel,
  object: Vessel,
  lying: LyingRound,
};

/** A person beside it, for size. */
export function Person({ at, x, shades }: { at: WreathView; x: number; shades: DrawingShades }) {
  const head = 0.105 * at.scale;
  const foot = at.y(0);
  const tall = PERSON_M * at.scale;
  const centre = at.x(x);
  return (
    <g fill={shades.person} aria-hidden>
      <circle cx={centre} cy={foot - tall + head} r={head} />
      <path
        d={`M${centre - head * 1.9},${foot - tall + head * 2.5} q${head * 1.9},${-head * 0.8} ${head * 3.8},0 l${head * 0.35},${tall * 0.34} h${-head * 0.55} l${-head * 0.3},${-tall * 0.22} l${-head * 0.1},${tall * 0.66} h${-head * 1.2} l${-head * 0.1},${-tall * 0.42} l${-head * 0.1},${tall * 0.42} h${-head * 1.2} l${-head * 0.1},${-tall * 0.66} l${-head * 0.3},${tall * 0.22} h${-head * 0.55} z`}
      />
    </g>
  );
}

/** A tray or board behind the wreath, woven round. */
function Backing({
  at,
  centre,
  across,
  colour,
  dusk,
}: {
  at: WreathView;
  centre: number;
  across: number;
  colour: string;
  dusk: boolean;
}) {
  const radius = (across / 2) * at.scale;
  const place = { cx: at.x(0), cy: at.y(centre) };
  return (
    <g fill="none" stroke={shade(colour, dusk ? -0.65 : -0.18)}>
      <circle {...place} r={radius} fill={shade(colour, dusk ? -0.5 : 0)} strokeWidth={Math.max(radius * 0.05, 1)} />
      {[0.92, 0.84, 0.76, 0.68].map((part) => (
        <circle key={part} {...place} r={radius * part} strokeWidth={0.8} />
      ))}
    </g>
  );
}

/** What a wreath hangs on, by itself: one opening of a wall of them. */
export function HostShape(part: HostPart) {
  const Drawn = HOSTS[part.host.host];
  return <Drawn {...part} />;
}

interface Props extends HostPart {
  /** In which part of the stage it is drawn; a person stands only beside the whole. */
  id: string;
  drawing: Schemas["WreathDrawing"];
}

/** Wall, floor and what a wreath hangs on, in one part of the stage. */
export function HostDrawing({ id, drawing, ...part }: Props) {
  const { at, shades, host } = part;
  const Drawn = HOSTS[host.host];
  const floor = at.y(0);
  const half = (host.width_m ?? 0.9) / 2;
  return (
    <g aria-hidden clipPath={`url(#wreath-${id})`}>
      <defs>
        <clipPath id={`wreath-${id}`}>
          <rect x={at.left} y={at.top} width={at.width} height={at.height} />
        </clipPath>
        <linearGradient id={`wreath-wall-${id}`} x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor={shades.wallTop} />
          <stop offset="1" stopColor={shades.wallBottom} />
        </linearGradient>
      </defs>
      <rect x={at.left} y={at.top} width={at.width} height={at.height} fill={`url(#wreath-wall-${id})`} />
      {floor < at.top + at.height && (
        <>
          <rect x={at.left} y={floor} width={at.width} height={at.top + at.height - floor} fill={shades.floor} />
          <line
            x1={at.left}
            x2={at.left + at.width}
            y1={floor}
            y2={floor}
            stroke={shades.floorEdge}
            strokeWidth={1.5}
          />
        </>
      )}
      {id === "whole" && hasPerson(drawing) && <Person at={at} x={half + PERSON_AWAY_M} shades={shades} />}
      <Drawn {...part} />
      {drawing.ring && host.backing_m !== null && (
        <Backing
          at={at}
          centre={drawing.ring.centre_m}
          across={host.backing_m}
          colour={host.backing_colour}
          dusk={part.dusk}
        />
      )}
    </g>
  );
}
