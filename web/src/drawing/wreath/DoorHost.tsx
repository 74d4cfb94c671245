import type { Schemas } from "../../api/client";
import type { DrawingShades } from "../../theme/tokens";
import { shade } from "../shared/shade";
import type { WreathView } from "./wreathProjection";

/** What one host is drawn from. */
export interface HostPart {
  host: Schemas["WreathDrawing"]["host"];
  at: WreathView;
  shades: DrawingShades;
  dusk: boolean;
}

export const BRASS = "#b8913f";
const CASING = 0.09;

export function box(at: WreathView, left: number, right: number, bottom: number, top: number) {
  return { x: at.x(left), y: at.y(top), width: (right - left) * at.scale, height: (top - bottom) * at.scale };
}

/** A sunk panel: shadow above and left of it, light below and right. */
function Panel({
  at,
  colour,
  ...edge
}: {
  at: WreathView;
  colour: string;
  left: number;
  right: number;
  bottom: number;
  top: number;
}) {
  const { x, y, width, height } = box(at, edge.left, edge.right, edge.bottom, edge.top);
  if (width < 4 || height < 4) return null;
  const inset = Math.min(0.016 * at.scale, width / 4, height / 4);
  const lit = shade(colour, 0.3);
  const shadow = shade(colour, -0.24);
  return (
    <g>
      <rect x={x} y={y} width={width} height={height} fill={shade(colour, -0.05)} />
      <path
        d={`M${x},${y + height} V${y} H${x + width} l${-inset},${inset} H${x + inset} V${y + height - inset} z`}
        fill={shadow}
      />
      <path
        d={`M${x + width},${y} V${y + height} H${x} l${inset},${-inset} H${x + width - inset} V${y + inset} z`}
        fill={lit}
      />
    </g>
  );
}

/** One leaf with its panels: two above one another, or as many as its height asks for. */
export function Leaf({ host, at, colour, left, right }: HostPart & { colour: string; left: number; right: number }) {
  const wide = right - left;
  const top = host.floor_m + host.height_m;
  const stile = Math.min(wide * 0.17, 0.11);
  const rows = host.height_m > 1.2 ? [0.05, 0.4, 0.46, 0.93] : [0.1, 0.9];
  const glass =
    host.glass_from_m !== null && host.glass_to_m !== null
      ? { bottom: host.floor_m + host.glass_from_m, top: host.floor_m + host.glass_to_m }
      : null;
  const pairs = rows.flatMap((low, i) => (i % 2 === 0 ? [[low, rows[i + 1] ?? low] as const] : []));
  return (
    <g>
      <rect
        {...box(at, left, right, host.floor_m, top)}
        fill={colour}
        stroke={shade(host.colour, -0.35)}
        strokeWidth={1}
      />
      {pairs.map(([low, high]) => (
        <Panel
          key={low}
          at={at}
          colour={host.colour}
          left={left + stile}
          right={right - stile}
          bottom={host.floor_m + host.height_m * low}
          top={host.floor_m + host.height_m * high}
        />
      ))}
      {glass && (
        <rect
          {...box(at, left + stile, right - stile, glass.bottom, glass.top)}
          fill="#dfe9ec"
          fillOpacity={0.85}
          stroke={shade(host.colour, -0.3)}
        />
      )}
    </g>
  );
}

function Fittings({ host, at, dusk }: HostPart) {
  const half = (host.width_m ?? 0.9) / 2;
  const brass = shade(BRASS, dusk ? -0.4 : 0);
  const line = shade(BRASS, dusk ? -0.65 : -0.4);
  const side = host.handle === "left" ? -1 : 1;
  const handle = host.host === "pair" ? side * 0.06 : side * (half - 0.06);
  // On the other leaf of a pair; the wreath's own line stays free.
  const slot = host.host === "pair" ? (-side * half) / 2 : 0;
  const inward = host.host === "pair" ? side : -side;
  return (
    <g stroke={line} strokeWidth={0.8} fill={brass}>
      {host.handle !== "none" && (
        <>
          <rect {...box(at, handle - 0.017, handle + 0.017, host.handle_m - 0.11, host.handle_m + 0.05)} rx={2} />
          <rect
            {...box(
              at,
              Math.min(handle, handle + inward * 0.11),
              Math.max(handle, handle + inward * 0.11),
              host.handle_m - 0.008,
              host.handle_m + 0.012,
            )}
            rx={2}
          />
        </>
      )}
      {host.slot_m !== null && (
        <rect {...box(at, slot - 0.13, slot + 0.13, host.slot_m - 0.022, host.slot_m + 0.022)} rx={2} />
      )}
      {host.knocker_m !== null && (
        <circle
          cx={at.x(0)}
          cy={at.y(host.knocker_m)}
          r={0.05 * at.scale}
          fill="none"
          stroke={brass}
          strokeWidth={Math.max(0.014 * at.scale, 1.5)}
        />
      )}
    </g>
  );
}

export function Doors(part: HostPart) {
  const { host, at, shades } = part;
  const half = (host.width_m ?? 0.9) / 2;
  const top = host.floor_m + host.height_m;
  const colour = shade(host.colour, part.dusk ? -0.55 : 0);
  const tinted = { ...part, host: { ...host, colour: hex(colour) }, colour: hex(colour) };
  return (
    <g>
      <rect
        {...box(at, -half - CASING, half + CASING, host.floor_m, top + CASING)}
        fill={shades.surround}
        stroke={shades.line}
      />
      {host.host === "pair" ? (
        <>
          <Leaf {...tinted} left={-half} right={0} />
          <Leaf {...tinted} left={0} right={half} />
        </>
      ) : (
        <Leaf {...tinted} left={-half} right={half} />
      )}
      <Fittings {...part} />
    </g>
  );
}

/** rgb(r g b) as #rrggbb, for what shades it again. */
export function hex(rgb: string): string {
  const parts = (/(\d+) (\d+) (\d+)/.exec(rgb) ?? []).slice(1);
  return `#${parts.map((part) => Number(part).toString(16).padStart(2, "0")).join("")}`;
}
