import { useTheme } from "@mui/material/styles";
import type { PointerEvent, ReactNode } from "react";
import type { Schemas } from "../../api/client";
import { drawing as shadesOf } from "../../theme/tokens";

export type Spot = readonly [number, number];
export type PlanWall = Pick<Schemas["WallSeen"], "key" | "name" | "from" | "to" | "openings">;
export type PlanThing = Pick<Schemas["Standing"], "id" | "name" | "kind" | "piece" | "round" | "footprint" | "colour">;

export interface PlanAt {
  x: (metres: number) => number;
  y: (metres: number) => number;
  scale: number;
  /** From pixels of the picture back to metres of the plan. */
  back: (event: PointerEvent<Element>) => Spot;
}

interface Props {
  walls: PlanWall[];
  things: PlanThing[];
  width: number;
  height: number;
  describe: string;
  children?: (at: PlanAt) => ReactNode;
  /** What lies under walls and things. */
  under?: (at: PlanAt) => ReactNode;
}

const MARGIN = 26;

export function spot(point: readonly number[]): Spot {
  return [point[0] ?? 0, point[1] ?? 0];
}

/** How the plan of a room fits into a picture. */
function fit(walls: PlanWall[], width: number, height: number): Omit<PlanAt, "back"> & { left: number; top: number } {
  const xs = walls.map(({ from }) => from[0] ?? 0);
  const ys = walls.map(({ from }) => from[1] ?? 0);
  const wide = Math.max(...xs) - Math.min(...xs);
  const deep = Math.max(...ys) - Math.min(...ys);
  const scale = Math.max(Math.min((width - 2 * MARGIN) / wide, (height - 2 * MARGIN) / deep), 5);
  const left = (width - wide * scale) / 2 - Math.min(...xs) * scale;
  const top = (height - deep * scale) / 2 - Math.min(...ys) * scale;
  return { scale, left, top, x: (metres) => left + metres * scale, y: (metres) => top + metres * scale };
}

/** A point along a wall and away from it, in the plan. */
function along(wall: PlanWall, left: number, out: number): Spot {
  const [ax, ay] = spot(wall.from);
  const [bx, by] = spot(wall.to);
  const long = Math.hypot(bx - ax, by - ay) || 1;
  const [ux, uy] = [(bx - ax) / long, (by - ay) / long];
  return [ax + ux * left - uy * out, ay + uy * left + ux * out];
}

/** A room from above: walls with what opens in them, footprints of what stands there. */
export function PlanDrawing({ walls, things, width, height, describe, children, under }: Props) {
  const theme = useTheme();
  const { tokens } = theme.palette;
  const shades = shadesOf[theme.palette.mode === "light" ? "day" : "dusk"];
  const fitted = fit(walls, width, height);
  const at: PlanAt = {
    ...fitted,
    back: (event) => {
      const box = event.currentTarget.closest("svg")?.getBoundingClientRect();
      return [
        (event.clientX - (box?.left ?? 0) - fitted.left) / fitted.scale,
        (event.clientY - (box?.top ?? 0) - fitted.top) / fitted.scale,
      ];
    },
  };
  const px = (point: readonly number[]) => `${at.x(point[0] ?? 0).toFixed(1)},${at.y(point[1] ?? 0).toFixed(1)}`;
  const corners = walls.map(({ from }) => px(from)).join(" ");
  const green = `rgb(${shades.foliage.join(" ")})`;
  return (
    <svg
      width={width}
      height={height}
      role="group"
      aria-label={describe}
      style={{ display: "block", touchAction: "pan-y" }}
    >
      <polygon points={corners} fill={tokens.card} />
      {under?.(at)}
      {things
        .filter(({ piece }) => !piece)
        .map((thing) => (
          <polygon
            key={thing.id}
            points={thing.footprint.map(px).join(" ")}
            fill={thing.colour ?? shades.surround}
            fillOpacity={thing.colour ? 0.55 : 1}
            stroke={tokens.edge}
            strokeLinejoin="round"
          />
        ))}
      <polygon points={corners} fill="none" stroke={tokens.ink} strokeWidth={3} strokeLinejoin="miter" />
      {walls.flatMap((wall) =>
        wall.openings.map((opening) => (
          <OpeningAbove key={`${wall.key} ${opening.left_m}`} wall={wall} opening={opening} px={px} at={at} />
        )),
      )}
      {things
        .filter(({ piece }) => piece)
        .map((thing) =>
          thing.round ? (
            <TreeAbove key={thing.id} footprint={thing.footprint} at={at} green={green} light={tokens.lichen} />
          ) : (
            <polygon key={thing.id} points={thing.footprint.map(px).join(" ")} fill={green} fillOpacity={0.85} />
          ),
        )}
      {children?.(at)}
    </svg>
  );
}

interface AboveProps {
  wall: PlanWall;
  opening: Schemas["Opening"];
  px: (point: readonly number[]) => string;
  at: PlanAt;
}

/** A hole in a wall: panes of a window, a leaf with the way it swings, or nothing. */
function OpeningAbove({ wall, opening, px, at }: AboveProps) {
  const theme = useTheme();
  const { tokens } = theme.palette;
  const { left_m, width_m, kind, swing } = opening;
  const [from, to] = [along(wall, left_m, 0), along(wall, left_m + width_m, 0)];
  const inward = swing.startsWith("in") ? 1 : -1;
  const hinge = swing.endsWith("left") ? from : to;
  const closed = swing.endsWith("left") ? to : from;
  const open = along(wall, swing.endsWith("left") ? left_m : left_m + width_m, width_m * inward);
  const sweep = swing.endsWith("left") === inward > 0 ? 1 : 0;
  return (
    <g>
      <line {...ends(from, to, at)} stroke={tokens.card} strokeWidth={5} />
      {kind === "window" &&
        [-0.03, 0.03].map((off) => (
          <line
            key={off}
            {...ends(along(wall, left_m, off), along(wall, left_m + width_m, off), at)}
            stroke={tokens.edge}
            strokeWidth={1.2}
          />
        ))}
      {kind === "door" && swing !== "none" && (
        <>
          <line {...ends(hinge, open, at)} stroke={tokens.edge} strokeWidth={1.6} />
          <path
            d={`M${px(open)} A${width_m * at.scale},${width_m * at.scale} 0 0 ${sweep} ${px(closed)}`}
            fill="none"
            stroke={tokens.edge}
            strokeDasharray="2 3"
          />
        </>
      )}
      {kind === "door" && swing === "none" && <line {...ends(from, to, at)} stroke={tokens.edge} strokeWidth={1.6} />}
    </g>
  );
}

function ends(from: Spot, to: Spot, at: PlanAt) {
  return { x1: at.x(from[0]), y1: at.y(from[1]), x2: at.x(to[0]), y2: at.y(to[1]) };
}

/** Sprigs of a tree, as many rings as it is tall enough for. */
function TreeAbove({
  footprint,
  at,
  green,
  light,
}: {
  footprint: number[][];
  at: PlanAt;
  green: string;
  light: string;
}) {
  const xs = footprint.map(([x = 0]) => x);
  const ys = footprint.map(([, y = 0]) => y);
  const middle = [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
  const radius = ((Math.max(...xs) - Math.min(...xs)) / 2) * at.scale;
  const [x, y] = [at.x(middle[0] ?? 0), at.y(middle[1] ?? 0)];
  return (
    <g>
      <circle cx={x} cy={y} r={radius * 0.96} fill={green} />
      {[1, 0.72, 0.44].map((ring, k) =>
        Array.from({ length: 22 - k * 6 }, (_, i) => {
          const turn = ((i + k * 0.5) / (22 - k * 6)) * 2 * Math.PI;
          return (
            <line
              key={`${ring} ${i}`}
              x1={x + Math.cos(turn) * radius * (ring - 0.34)}
              y1={y + Math.sin(turn) * radius * (ring - 0.34)}
              x2={x + Math.cos(turn + 0.08) * radius * ring}
              y2={y + Math.sin(turn + 0.08) * radius * ring}
              stroke={k % 2 === 0 ? light : green}
              strokeWidth={1.6}
              strokeOpacity={0.8}
            />
          );
        }),
      )}
      <circle cx={x} cy={y} r={2} fill={light} />
    </g>
  );
}
