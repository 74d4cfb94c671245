import type { Schemas } from "../../api/client";
import { drawing as shadesOf } from "../../theme/tokens";
import { edges, type RunPart as Part, type RunProjection } from "./runProjection";
import { Stair } from "./RunStair";

type Drawing = Schemas["RunDrawing"];

interface Props {
  drawing: Drawing;
  projection: RunProjection;
  dusk: boolean;
}

const BREAST = 0.1;

function Mantel({ drawing, at, shades }: Part) {
  const { shelf, firebox } = drawing;
  if (!shelf) return null;
  const inner = { left: shelf.left_m + BREAST, right: shelf.right_m - BREAST };
  const mantel = drawing.kind === "mantel";
  return (
    <g stroke={shades.line}>
      {mantel && (
        <rect
          {...edges(at, inner.left, inner.right, 0, shelf.top_m - shelf.thickness_m)}
          fill={shades.surround}
          strokeWidth={1.2}
        />
      )}
      {firebox && (
        <>
          <rect {...edges(at, firebox.left_m, firebox.right_m, 0, firebox.top_m)} fill={shades.firebox} />
          <rect
            {...edges(at, firebox.left_m - 0.06, firebox.right_m + 0.06, 0, firebox.top_m + 0.06)}
            fill="none"
            strokeWidth={1}
          />
        </>
      )}
      {drawing.kind === "table" && (
        <>
          <rect {...edges(at, 0.08, 0.14, 0, shelf.top_m)} fill={shades.stand} />
          <rect {...edges(at, shelf.right_m - 0.14, shelf.right_m - 0.08, 0, shelf.top_m)} fill={shades.stand} />
        </>
      )}
      <rect
        {...edges(at, shelf.left_m, shelf.right_m, shelf.top_m - shelf.thickness_m, shelf.top_m)}
        fill={drawing.kind === "table" ? shades.stand : shades.surround}
        strokeWidth={1.2}
      />
    </g>
  );
}

/** The window above a ledge, so that one sees what it is. */
function Window({ drawing, at, shades }: Part) {
  const { shelf } = drawing;
  if (!shelf || drawing.kind !== "ledge") return null;
  const top = Math.min(shelf.top_m + 1.2, drawing.room.ceiling_left_m - 0.15, drawing.room.ceiling_right_m - 0.15);
  const wide = shelf.right_m - shelf.left_m;
  return (
    <g stroke={shades.line} strokeWidth={2.5} fill="none">
      <rect {...edges(at, shelf.left_m + 0.06, shelf.right_m - 0.06, shelf.top_m, top)} fill={shades.glass} />
      {[1 / 3, 2 / 3].map((part) => (
        <line
          key={part}
          x1={at.x(shelf.left_m + wide * part)}
          x2={at.x(shelf.left_m + wide * part)}
          y1={at.y(top)}
          y2={at.y(shelf.top_m)}
        />
      ))}
    </g>
  );
}

function Mirror({ drawing, at, shades }: Part) {
  const { mirror } = drawing;
  if (!mirror) return null;
  return (
    <rect
      {...edges(at, mirror.left_m, mirror.right_m, mirror.bottom_m, mirror.top_m)}
      fill={shades.glass}
      stroke={shades.gilt}
      strokeWidth={Math.max(0.03 * at.scale, 2)}
    />
  );
}

function FrameOrRod({ drawing, at, shades }: Part) {
  const { frame, rod, ring } = drawing;
  const wide = Math.max(0.07 * at.scale, 3);
  if (frame)
    return (
      <rect
        {...edges(at, frame.left_m, frame.right_m, frame.bottom_m, frame.top_m)}
        fill={drawing.kind === "mirror" || frame.bottom_m > 0.3 ? shades.glass : shades.surround}
        stroke={drawing.kind === "mirror" ? shades.gilt : shades.stand}
        strokeWidth={wide}
      />
    );
  if (rod)
    return (
      <line
        x1={at.x(rod.left_m - 0.06)}
        x2={at.x(rod.right_m + 0.06)}
        y1={at.y(rod.height_m)}
        y2={at.y(rod.height_m)}
        stroke={shades.stand}
        strokeWidth={Math.max(Math.min(rod.diameter_m, 0.06) * at.scale, 3)}
        strokeLinecap="round"
      />
    );
  if (!ring) return null;
  const rx = (ring.diameter_m / 2) * at.scale;
  const middle = { x: at.x(ring.middle_m), y: at.y(ring.height_m) };
  return (
    <g stroke={shades.stand} fill="none" strokeWidth={Math.max(0.02 * at.scale, 2)}>
      <ellipse cx={middle.x} cy={middle.y} rx={rx} ry={rx * 0.3} />
      {[-1, 0, 1].map((side) => (
        <line
          key={side}
          x1={middle.x + side * rx}
          y1={middle.y}
          x2={middle.x}
          y2={middle.y - rx * 1.2}
          strokeWidth={1}
        />
      ))}
    </g>
  );
}

/** The zone kept clear of a firebox that works. */
function ClearZone({ drawing, at, shades }: Part) {
  const zone = drawing.clear_zone;
  if (!zone) return null;
  return (
    <g>
      <defs>
        <pattern id="clear" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line y2="9" stroke={shades.mark} strokeWidth="1.2" opacity="0.55" />
        </pattern>
      </defs>
      <rect
        {...edges(at, zone.left_m, zone.right_m, 0, zone.top_m)}
        fill="url(#clear)"
        stroke={shades.mark}
        strokeDasharray="5 4"
      />
    </g>
  );
}

function Stockings({ drawing, at, shades }: Part) {
  return (
    <g fill={shades.stocking} stroke={shades.line}>
      {(drawing.stockings ?? []).map(({ x_m, top_m, width_m, length_m }) => {
        const x = at.x(x_m - width_m / 2);
        const y = at.y(top_m);
        const w = width_m * at.scale;
        const l = length_m * at.scale;
        return (
          <g key={x_m}>
            <path
              d={`M${x + w * 0.12},${y} h${w * 0.6} v${l * 0.62} q0,${l * 0.1} ${w * 0.2},${l * 0.16} q${w * 0.14},${l * 0.2} ${-w * 0.16},${l * 0.22} h${-w * 0.4} q${-w * 0.24},0 ${-w * 0.24},${-l * 0.2} z`}
            />
            <rect x={x + w * 0.06} y={y} width={w * 0.72} height={l * 0.14} fill={shades.surround} />
          </g>
        );
      })}
    </g>
  );
}

/** What stands on the shelf, as an outline of its width and height, as light as it is. */
function Things({ drawing, at, shades }: Part) {
  return (
    <g>
      {(drawing.things ?? []).map(({ name, x_m, bottom_m, width_m, height_m, lightness, see_through }) => (
        <g key={`${name} ${x_m}`}>
          <rect
            {...edges(at, x_m - width_m / 2, x_m + width_m / 2, bottom_m, bottom_m + height_m)}
            rx={4}
            fill={see_through ? shades.glass : `hsl(28 12% ${lightness}%)`}
            fillOpacity={see_through ? 0.6 : 0.9}
            stroke={shades.line}
          />
        </g>
      ))}
    </g>
  );
}

/** Wall, floor, ceiling and what a run is on: everything behind the greens. */
export function RunSetting({ drawing, projection, dusk }: Props) {
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const part = { drawing, at: projection, shades };
  const { width, height, floor } = projection;
  const ceiling = projection.y(Math.min(drawing.room.ceiling_left_m, drawing.room.ceiling_right_m));
  return (
    <g aria-hidden>
      <defs>
        <linearGradient id="run-wall" x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor={shades.wallTop} />
          <stop offset="1" stopColor={shades.wallBottom} />
        </linearGradient>
      </defs>
      <rect width={width} height={height} fill="url(#run-wall)" />
      {floor < height && (
        <>
          <rect y={floor} width={width} height={height - floor} fill={shades.floor} />
          <line x1={0} x2={width} y1={floor} y2={floor} stroke={shades.floorEdge} strokeWidth={1.5} />
        </>
      )}
      {ceiling > 0 && !drawing.stair && (
        <line x1={0} x2={width} y1={ceiling} y2={ceiling} stroke={shades.line} strokeWidth={2.5} />
      )}
      <RunSupport {...part} />
    </g>
  );
}

/** What a run is on, and what stands there with it, without the room. */
export function RunSupport(part: Part) {
  return (
    <g>
      <Window {...part} />
      <Mantel {...part} />
      <Mirror {...part} />
      <Stair {...part} />
      <FrameOrRod {...part} />
      <ClearZone {...part} />
      <Things {...part} />
      <Stockings {...part} />
    </g>
  );
}
