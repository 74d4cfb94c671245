import { useTheme } from "@mui/material/styles";
import useMediaQuery from "@mui/material/useMediaQuery";
import { memo } from "react";
import type { Schemas } from "../../api/client";
import { day } from "../../theme/tokens";
import { clockPosition, depthWords, length } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { siteKey, type Side, type Site } from "./useHangingMap";

/** Drawing units for a metre; all sizes below are in these. */
const METRE = 225;
const RADIANS = Math.PI / 180;
const DOT = 12;
/** How large what stands in a dot may be, by how many characters it has, in its radius. */
const FITS: Record<number, number> = { 1: 1.1, 2: 1.05, 3: 0.82 };

type Flat = Schemas["FlatTree"];

function spot(reach: number, turn: number): [number, number] {
  return [reach * Math.sin(turn * RADIANS) * METRE, reach * Math.cos(turn * RADIANS) * METRE];
}

/** The line of one reach from edge to edge, as a path. */
function arc(reach: number, half: number): string {
  const [x0, y0] = spot(reach, -half);
  const [x1, y1] = spot(reach, half);
  const size = reach * METRE;
  return `M ${x0} ${y0} A ${size} ${size} 0 ${half > 90 ? 1 : 0} 0 ${x1} ${y1}`;
}

function band(from: number, to: number, half: number): string {
  const [x, y] = spot(to, half);
  const size = to * METRE;
  const [x1, y1] = spot(to, -half);
  return `${arc(from, half)} L ${x} ${y} A ${size} ${size} 0 ${half > 90 ? 1 : 0} 1 ${x1} ${y1} Z`;
}

/**
 * Left, top, width and height of what is drawn.
 *
 * @param large how much larger lettering and dots are than on a desk, so that they can be read on a phone
 */
function view({ rim_m, half_deg }: Flat, large: number): [number, number, number, number] {
  const across = (half_deg >= 90 ? 1 : Math.sin(half_deg * RADIANS)) * rim_m * METRE;
  const top = half_deg > 90 ? Math.cos(half_deg * RADIANS) * rim_m * METRE : 0;
  const side = 84 * large;
  return [-across - side, top - 34 * large, 2 * (across + side), rim_m * METRE - top + 96 * large];
}

function Ground({ flat, large }: { flat: Flat; large: number }) {
  const { tokens } = useTheme().palette;
  const units = useUnits();
  const { half_deg: half, rim_m: rim } = flat;
  const last = flat.tiers.at(-1);
  return (
    <g fontSize={15 * large}>
      {flat.tiers.map((tier, i) => (
        <path
          key={tier.tier}
          d={band(tier.from_m, Math.max(tier.to_m, 0.001), half)}
          fill={tokens.lichen}
          fillOpacity={i % 2 === 0 ? 0.34 : 0.2}
        />
      ))}
      <path d={`M 0 0 L ${spot(rim, -half).join(" ")} ${arc(rim, half).slice(1)} Z`} fill="none" stroke={tokens.edge} />
      {flat.clocks.map(({ clock, turn_deg }) => (
        <line
          key={`${clock} ${turn_deg}`}
          x1={spot(flat.crown_m, turn_deg)[0]}
          y1={spot(flat.crown_m, turn_deg)[1]}
          x2={spot(rim, turn_deg)[0]}
          y2={spot(rim, turn_deg)[1]}
          stroke={clock === 6 ? tokens.plum : tokens.edge}
          strokeWidth={clock === 6 ? 2 : 1}
          strokeDasharray={clock === 6 ? undefined : "2 7"}
          strokeOpacity={clock === 6 ? 1 : 0.7}
        />
      ))}
      <path
        d={`M 0 0 L ${spot(flat.crown_m, -half).join(" ")} ${arc(flat.crown_m, half).slice(1)} Z`}
        fill={tokens.plum}
        fillOpacity={0.35}
      />
      <text x={0} y={-12} textAnchor="middle" fill={tokens.plum}>
        crown
      </text>
      {flat.tiers.map((tier) => {
        const [x, y] = spot((tier.from_m + tier.to_m) / 2, -half);
        return (
          <text key={tier.tier} x={x - 14 * large} y={y + (half > 90 ? -6 : 0)} textAnchor="end" fill={tokens.quiet}>
            {tier === last ? "" : "tier "}
            {tier.tier}
          </text>
        );
      })}
      {flat.clocks.map(({ clock, turn_deg }) => {
        const [x, y] = spot(rim + (20 * large) / METRE, turn_deg);
        return (
          <text
            key={`${clock} ${turn_deg}`}
            x={x}
            y={y + 5}
            textAnchor="middle"
            fill={clock === 6 ? tokens.plum : tokens.quiet}
            fontWeight={clock === 6 ? 700 : 400}
          >
            {clock}
          </text>
        );
      })}
      <text x={0} y={rim * METRE + 46 * large} textAnchor="middle" fill={tokens.quiet}>
        front, 6 o'clock
      </text>
      {flat.reach_line_m !== null && flat.reach_m !== null && (
        <>
          <path
            d={arc(flat.reach_line_m, half)}
            fill="none"
            stroke={tokens.quince}
            strokeWidth={2.5}
            strokeDasharray="10 6"
          />
          <text x={spot(flat.reach_line_m, half)[0] + 12} y={spot(flat.reach_line_m, half)[1] - 2} fill={tokens.quiet}>
            <tspan x={spot(flat.reach_line_m, half)[0] + 12}>glass above</tspan>
            <tspan x={spot(flat.reach_line_m, half)[0] + 12} dy={17 * large}>
              {length(flat.reach_m, units)}
            </tspan>
          </text>
        </>
      )}
    </g>
  );
}

/** A circle, as part of a path that draws hundreds of them in one. */
function ring([x, y]: [number, number], r: number): string {
  return `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;
}

interface Props {
  map: Schemas["HangingSheet"];
  style: string | null;
  side: Side;
  pointed: string | null;
  /** The one that goes up next: it is lit. */
  next: string | null;
  onPoint: (key: string | null) => void;
  onTick: (site: Site) => void;
}

/** The side of the tree laid flat: one style lit and numbered in hanging order, the others as rings. */
export const FlatTree = memo(function FlatTree({ map, style, side, pointed, next, onPoint, onTick }: Props) {
  const { tokens } = useTheme().palette;
  const large = useMediaQuery("(max-width: 599px)") ? 1.6 : 1;
  const styles = new Map(map.styles.map((known) => [known.id, known]));
  const lit = (site: Site) =>
    siteKey(site) === next || ((style === null || site.style === style) && (side === "all" || site.side === side));
  const radius = ({ style: id }: Site) => Math.max(((styles.get(id)?.diameter_mm ?? 70) / 2000) * METRE * 0.5, 3);
  const frame = view(map.flat, large);
  const aspect = `${frame[2]} / ${frame[3]}`;
  const name = style === null ? "all styles" : (styles.get(style)?.name ?? "");
  return (
    <svg
      viewBox={frame.join(" ")}
      role="img"
      aria-label={`The tree laid flat, ${name} lit. The list beside it tells every place.`}
      preserveAspectRatio="xMidYMid meet"
      style={{
        width: "100%",
        aspectRatio: aspect,
        maxHeight: "100%",
        flex: "1 1 auto",
        minHeight: 0,
        display: "block",
      }}
    >
      <Ground flat={map.flat} large={large} />
      <path
        d={map.sites
          .filter((site) => !lit(site))
          .map((site) => ring(spot(site.reach_m, site.turn_deg), radius(site)))
          .join("")}
        fill="none"
        stroke={tokens.edge}
        strokeOpacity={0.75}
      />
      {map.sites.filter(lit).map((site) => {
        const [x, y] = spot(site.reach_m, site.turn_deg);
        const colour = styles.get(site.style)?.colour ?? tokens.edge;
        const key = siteKey(site);
        const said = `${style === null ? (styles.get(site.style)?.letter ?? "") : ""}${site.number}`;
        const r = DOT * large * (pointed === key || next === key ? 1.45 : 1);
        return (
          <g
            key={key}
            style={{ cursor: "pointer" }}
            onPointerEnter={() => onPoint(key)}
            onPointerLeave={() => onPoint(null)}
            onClick={() => onTick(site)}
          >
            <title>{`${styles.get(site.style)?.name ?? ""} no. ${site.number}: tier ${site.tier} at ${clockPosition(site.clock)}, ${depthWords(site.depth_word)}${site.up ? ", up" : ""}`}</title>
            <circle cx={x} cy={y} r={r + 4} fill="transparent" />
            {next === key && <circle cx={x} cy={y} r={r + 7} fill="none" stroke={tokens.plum} strokeWidth={3} />}
            <circle
              cx={x}
              cy={y}
              r={r}
              fill={site.up ? tokens.card : colour}
              stroke={site.up ? tokens.spruce : tokens.ink}
              strokeWidth={site.up ? 3 : 1}
            />
            <text
              x={x}
              y={y + r * 0.37}
              textAnchor="middle"
              fontSize={r * (FITS[said.length] ?? 0.6)}
              fontWeight={700}
              fill={site.up ? tokens.ink : inkOn(colour)}
              pointerEvents="none"
            >
              {said}
            </text>
          </g>
        );
      })}
    </svg>
  );
});

/** Dark or light lettering, whichever reads on a colour. */
function inkOn(colour: string): string {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
  return 0.299 * r + 0.587 * g + 0.114 * b > 150 ? day.ink : day.card;
}
