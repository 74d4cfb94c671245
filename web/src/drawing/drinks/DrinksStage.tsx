import Box from "@mui/material/Box";
import { useMemo, useRef } from "react";
import { day, drawing as shadesOf, type DrawingShades } from "../../theme/tokens";
import { counted } from "../../units/format";
import { fits, halo, label } from "../grouping/labels";
import type { View } from "../grouping/groupingViews";
import { shade } from "../shared/shade";
import { useSize, type StageSize } from "../shared/useSize";
import { JarShape } from "./JarShape";
import { TOP_M, viewsOf, type Drinks, type DrinksViews } from "./drinksViews";

interface Props {
  drawing: Drinks;
  dusk: boolean;
  describe: string;
}

const WOOD = "#a97e50";
const MIRROR = "#c3d2d6";
const BOARD_M = 0.02;

/** What leans behind the jars, in their middle. */
function Behind({ drawing, at, dusk }: { drawing: Drinks; at: View; dusk: boolean }) {
  const { place, jars = [] } = drawing;
  if (place.behind === "nothing" || jars.length === 0) return null;
  const long = (place.length_m ?? 1) * at.scale;
  const high = (Math.max(...jars.map(({ high_m }) => high_m)) + 0.06) * at.scale;
  const x = at.x((place.length_m ?? 1) / 2);
  if (place.behind === "greens")
    return (
      <g stroke={shade("#56775a", dusk ? -0.45 : 0.1)} strokeWidth={2.2} strokeLinecap="round" fill="none">
        {Array.from({ length: 21 }, (_, i) => (i - 10) / 10).map((share) => (
          <path
            key={share}
            d={`M${x + share * long * 0.4},${at.y(0)} q${share * 14},${-high * 0.5} ${share * 30},${-high * (0.95 - Math.abs(share) * 0.35)}`}
          />
        ))}
      </g>
    );
  const colour = place.behind === "mirror" ? MIRROR : WOOD;
  return (
    <rect
      x={x - long * 0.32}
      y={at.y(0) - high}
      width={long * 0.64}
      height={high}
      rx={place.behind === "mirror" ? long * 0.05 : 4}
      fill={shade(colour, dusk ? -0.5 : 0.12)}
      stroke={shade(colour, -0.35)}
      strokeWidth={place.behind === "mirror" ? 4 : 1.2}
    />
  );
}

function Front({ drawing, at, shades, dusk }: { drawing: Drinks; at: View; shades: DrawingShades; dusk: boolean }) {
  const { place, jars = [] } = drawing;
  const [left, right] = [at.x(0), at.x(place.length_m ?? 1)];
  const under = place.under === "runner" ? 2 : BOARD_M * at.scale;
  const foot = at.y(0) - (jars.length > 0 ? under : 0);
  const gap = jars[1] && jars[0] ? (jars[1].left_m - jars[0].left_m) * at.scale : Infinity;
  const named = jars.every(({ name }) => fits(name, gap));
  return (
    <g>
      <rect x={at.left} y={at.top} width={at.width} height={at.height} fill={shade(place.colour, dusk ? -0.78 : 0)} />
      <rect x={left - 24} y={at.y(0)} width={right - left + 48} height={TOP_M * at.scale} fill={shades.stand} />
      <rect
        x={at.left}
        y={at.y(-TOP_M)}
        width={at.width}
        height={Math.max(at.top + at.height - at.y(-TOP_M), 0)}
        fill={shades.floor}
      />
      <Behind drawing={drawing} at={at} dusk={dusk} />
      {jars.length > 0 && (
        <rect
          x={left}
          y={at.y(0) - under}
          width={right - left}
          height={Math.max(under, 1.5)}
          rx={2}
          fill={shade(place.under === "runner" ? "#d8cdb8" : WOOD, dusk ? -0.45 : -0.05)}
        />
      )}
      {jars.map((jar) => (
        <JarShape
          key={jar.number}
          jar={jar}
          x={at.x(jar.left_m)}
          y={foot}
          scale={at.scale}
          dusk={dusk}
          bow={drawing.bow}
        />
      ))}
      {jars.map((jar) => (
        <text
          key={jar.number}
          x={at.x(jar.left_m)}
          y={at.y(-TOP_M) + 17}
          textAnchor="middle"
          {...label(shades, jar.short > 0)}
        >
          {named ? jar.name : jar.number}
        </text>
      ))}
      {jars.length === 0 && (
        <text x={(left + right) / 2} y={at.y(0.12)} textAnchor="middle" {...label(shades)}>
          no jar stands there yet
        </text>
      )}
    </g>
  );
}

const NAMES_PX = 116;
const RIGHT_PX = 96;

/** How long each lasts: a thread from the first day to the day it is empty, against the days it is used. */
function Lasting({
  drawing,
  days,
  size,
  shades,
}: {
  drawing: Drinks;
  days: NonNullable<DrinksViews["days"]>;
  size: StageSize;
  shades: DrawingShades;
}) {
  const { jars = [] } = drawing;
  const all = drawing.days ?? 14;
  const [from, to] = [NAMES_PX + 12, size.width - RIGHT_PX];
  const x = (at: number) => from + ((to - from) * Math.min(at, all)) / all;
  return (
    <g>
      <rect y={days.top} width={size.width} height={size.height - days.top} fill={shades.wallBottom} />
      <line x1={0} x2={size.width} y1={days.top} y2={days.top} stroke={shades.line} />
      <text x={12} y={days.top + 20} {...label(shades, true)}>
        How long it lasts
      </text>
      <text x={to} y={days.top + 20} textAnchor="middle" {...label(shades)}>
        day {all}
      </text>
      <line x1={to} x2={to} y1={days.top + 26} y2={size.height - 8} stroke={shades.line} strokeDasharray="3 3" />
      {jars.map((jar, i) => {
        const y = days.top + 36 + days.row * (i + 0.5) - 4;
        const end = jar.lasts === null ? to : x(jar.lasts);
        const empty = jar.lasts !== null && jar.lasts < all;
        const says = jar.lasts === null ? "not used" : empty ? `day ${Math.max(Math.ceil(jar.lasts), 1)}` : "lasts";
        const again = jar.refills > 0 ? `, ${counted(jar.refills, "refill")}` : "";
        return (
          <g key={jar.number}>
            <text x={12} y={y + 4} {...label(shades)}>
              {fits(jar.name, NAMES_PX) ? jar.name : `jar ${jar.number}`}
            </text>
            <line
              x1={from}
              x2={end}
              y1={y}
              y2={y}
              stroke={empty ? day.brick : shades.strong}
              strokeWidth={2}
              strokeDasharray={jar.lasts === null ? "1 5" : undefined}
            />
            <circle
              cx={end}
              cy={y}
              r={4}
              fill={empty ? shades.wallBottom : shades.strong}
              stroke={empty ? day.brick : shades.strong}
              strokeWidth={1.8}
            />
            <text x={end + 9} y={y + 4} {...halo(shades)} {...label(shades, empty)}>
              {says + again}
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** A drink corner to scale from the front, and how long what is in its jars lasts. */
export function DrinksStage({ drawing, dusk, describe }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const views = useMemo(() => viewsOf(size, drawing), [size, drawing]);
  const shades = shadesOf[dusk ? "dusk" : "day"];
  return (
    <Box ref={frame} role="img" aria-label={describe} sx={{ position: "absolute", inset: 0, touchAction: "pan-y" }}>
      {views && (
        <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
          <Front drawing={drawing} at={views.front} shades={shades} dusk={dusk} />
          {views.days && <Lasting drawing={drawing} days={views.days} size={size} shades={shades} />}
        </svg>
      )}
    </Box>
  );
}
