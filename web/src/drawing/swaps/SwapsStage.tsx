import Box from "@mui/material/Box";
import { useMemo, useRef } from "react";
import { drawing as shadesOf, type DrawingShades } from "../../theme/tokens";
import { length, type Units } from "../../units/format";
import { fits, label } from "../grouping/labels";
import { shade } from "../shared/shade";
import { useSize } from "../shared/useSize";
import { CushionShape, SoftShape } from "./SoftShape";
import {
  viewsOf,
  type Laid,
  type Meant,
  type Panel,
  type Picture,
  type SoftThing,
  type Swaps,
  type SwapsViews,
} from "./swapsViews";
import { SCENT_WORDS } from "./words";

interface Props {
  drawing: Swaps;
  dusk: boolean;
  units: Units;
  describe: string;
  /** Which part is shown where there is no room for both. */
  meant?: Meant;
}

interface Shown {
  shades: DrawingShades;
  dusk: boolean;
  units: Units;
}

const BACK_PX = 26;

interface BackProps {
  things: Laid<SoftThing>[];
  foot: number;
  scale: number;
  shades: DrawingShades;
}

/** The back of what cushions lie on: nobody has measured it, so it is as wide as they lie. */
function Back({ things, foot, scale, shades }: BackProps) {
  const cushions = things.filter(({ thing }) => thing.what === "cushion");
  const [first, last] = [cushions[0], cushions[cushions.length - 1]];
  if (!first || !last) return null;
  const high = Math.max(...cushions.map(({ thing }) => thing.high_m)) * scale;
  const [left, right] = [first.x - 9, last.x + last.thing.across_m * scale + 9];
  return (
    <rect
      x={left}
      y={foot - high - BACK_PX}
      width={right - left}
      height={high + BACK_PX}
      rx={14}
      fill={shades.surround}
      stroke={shades.line}
    />
  );
}

/** What a row is called, and how many lie there; the list tells each. */
function Soft({ panel, shades, dusk, units }: Shown & { panel: Panel<SoftThing> }) {
  return (
    <g>
      <text x={panel.left + 16} y={panel.top + 16} {...label(shades, true)}>
        {panel.title}
      </text>
      {panel.rows.map(({ says, foot, things }) => (
        <g key={foot}>
          {says && <Back things={things} foot={foot} scale={panel.scale} shades={shades} />}
          <line
            x1={panel.left + 12}
            x2={panel.left + panel.width - 12}
            y1={foot}
            y2={foot}
            stroke={shades.stand}
            strokeWidth={2}
          />
          {things.map(({ thing, x, y }, i) =>
            thing.what === "cushion" ? (
              <CushionShape key={i} thing={thing} x={x} y={y} scale={panel.scale} dusk={dusk} />
            ) : (
              <SoftShape key={i} thing={thing} x={x} y={y} scale={panel.scale} dusk={dusk} />
            ),
          )}
          <text x={panel.left + 16} y={foot + 15} {...label(shades)}>
            {says ||
              things.map(({ thing }) => `${thing.where || thing.name} ${length(thing.across_m, units)}`).join(", ")}
          </text>
        </g>
      ))}
    </g>
  );
}

function Frame({ laid, scale, shades, dusk, units }: Shown & { laid: Laid<Picture>; scale: number }) {
  const { thing, x, y } = laid;
  const [wide, high] = [thing.wide_m * scale, thing.high_m * scale];
  const [paperWide, paperHigh] = [thing.paper_wide_m * scale, thing.paper_high_m * scale];
  const most = Math.max(wide, paperWide);
  const [middle, centre] = [x + most / 2, y - Math.max(high, paperHigh) / 2];
  const says = `${length(thing.wide_m, units)} × ${length(thing.high_m, units)}`;
  return (
    <g>
      <rect
        x={middle - wide / 2 - 6}
        y={centre - high / 2 - 6}
        width={wide + 12}
        height={high + 12}
        fill={shade("#6d5138", dusk ? -0.45 : 0)}
      />
      <rect
        x={middle - wide / 2}
        y={centre - high / 2}
        width={wide}
        height={high}
        fill={shade("#3a3226", dusk ? -0.4 : 0)}
      />
      <rect
        x={middle - Math.min(wide, paperWide) / 2}
        y={centre - Math.min(high, paperHigh) / 2}
        width={Math.min(wide, paperWide)}
        height={Math.min(high, paperHigh)}
        fill={shade(thing.colour, dusk ? -0.45 : 0)}
      />
      <rect
        x={middle - paperWide / 2}
        y={centre - paperHigh / 2}
        width={paperWide}
        height={paperHigh}
        fill="none"
        stroke={thing.fills ? shades.strong : shades.mark}
        strokeDasharray="4 3"
      />
      <text x={middle} y={y + 15} textAnchor="middle" {...label(shades)}>
        {fits(says, most + 40) ? says : thing.number}
      </text>
    </g>
  );
}

/** Scents by place, and one mat round the other. */
function Foot({ drawing, at, shades, dusk, units }: Shown & { drawing: Swaps; at: SwapsViews["foot"] }) {
  const { zones, mats } = drawing;
  if (at.height === 0) return null;
  const matWide = mats ? at.width * 0.36 : 0;
  const scale = mats ? Math.min((matWide - 40) / mats.lower_long_m, (at.height - 50) / mats.lower_wide_m) : 1;
  const each = (at.width - matWide - 24) / Math.max(zones.length, 1);
  return (
    <g>
      <line x1={0} x2={at.width} y1={at.top} y2={at.top} stroke={shades.line} />
      {zones.map((zone, i) => {
        const x = at.left + 16 + i * each;
        const says = zone.scents
          .map(({ kind, scented }) => `${SCENT_WORDS[kind]}${scented ? "" : ", unscented"}`)
          .join(" + ");
        return (
          <g key={zone.name}>
            <text x={x} y={at.top + 22} {...label(shades, true)}>
              {fits(zone.name, each) ? zone.name : i + 1}
            </text>
            {zone.scents.map((scent, n) => (
              <circle
                key={n}
                cx={x + 12 + n * 26}
                cy={at.top + 46}
                r={9}
                fill={scent.scented ? shade("#a58a4f", dusk ? -0.3 : 0) : "none"}
                stroke={zone.scented > 1 && scent.scented ? shades.mark : shades.strong}
                strokeWidth={1.5}
              />
            ))}
            {fits(says, each) && (
              <text x={x} y={at.top + 76} {...label(shades)}>
                {says}
              </text>
            )}
          </g>
        );
      })}
      {mats && (
        <g transform={`translate(${at.width - matWide / 2},${at.top + 14 + (mats.lower_wide_m * scale) / 2})`}>
          <rect
            x={(-mats.lower_long_m * scale) / 2}
            y={(-mats.lower_wide_m * scale) / 2}
            width={mats.lower_long_m * scale}
            height={mats.lower_wide_m * scale}
            fill={shade("#b9a98c", dusk ? -0.4 : 0)}
            stroke={shades.line}
          />
          <rect
            x={(-mats.upper_long_m * scale) / 2}
            y={(-mats.upper_wide_m * scale) / 2}
            width={mats.upper_long_m * scale}
            height={mats.upper_wide_m * scale}
            fill={shade("#5f5138", dusk ? -0.4 : 0)}
          />
          <text y={(mats.lower_wide_m * scale) / 2 + 17} textAnchor="middle" {...label(shades)}>
            {`mats ${length(mats.upper_long_m, units)} on ${length(mats.lower_long_m, units)}`}
          </text>
        </g>
      )}
    </g>
  );
}

/** What is swapped in a room: cushions by seat and what else is soft to scale, pictures to scale, scents by place. */
export function SwapsStage({ drawing, dusk, units, describe, meant = "soft" }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const views = useMemo(() => viewsOf(size, drawing, meant), [size, drawing, meant]);
  const shades = shadesOf[dusk ? "dusk" : "day"];
  const shown = { shades, dusk, units };
  return (
    <Box ref={frame} role="img" aria-label={describe} sx={{ position: "absolute", inset: 0, touchAction: "pan-y" }}>
      {views && (
        <svg width={size.width} height={size.height} style={{ position: "absolute", inset: 0 }}>
          <rect width={size.width} height={size.height} fill={shades.wallBottom} />
          {views.soft && <Soft panel={views.soft} {...shown} />}
          {views.frames && (
            <g>
              <text x={views.frames.left + 16} y={views.frames.top + 16} {...label(shades, true)}>
                {views.frames.title}
              </text>
              {views.frames.rows.flatMap(({ things }) =>
                things.map((laid) => (
                  <Frame key={laid.thing.number} laid={laid} scale={views.frames?.scale ?? 1} {...shown} />
                )),
              )}
            </g>
          )}
          <Foot drawing={drawing} at={views.foot} {...shown} />
        </svg>
      )}
    </Box>
  );
}
