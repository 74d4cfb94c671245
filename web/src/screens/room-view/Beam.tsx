import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import type { Schemas } from "../../api/client";
import { length, type Units } from "../../units/format";
import { UNSEEN } from "../../parts/SeenAndWanted";

interface Props {
  wall: Schemas["WallSeen"];
  standings: Schemas["Standing"][];
  bounds: Schemas["RoomView"]["bounds"];
  scale: number;
  /** What weighs most in the room, square metres: dots of all its walls are to one scale. */
  heaviest: number;
  units: Units;
  open: () => void;
}

const LINE = 14;
const HIGH = 66;
const LARGEST = 11;
/** Letters of a name under its dot, pixels each. */
const LETTER = 6.2;

/** So much of a name stands under a dot. */
const MOST = 26;
const short = (name: string) => (name.length > MOST ? `${name.slice(0, MOST - 1)}…` : name);

interface Named {
  x: number;
  name: string;
}

/** Names under their dots, in two rows where one would run into the next; what fits in neither stays unnamed. */
function rowsOf(items: Named[]): (Named & { row: number })[] {
  const ends = [-Infinity, -Infinity];
  return [...items]
    .sort((one, other) => one.x - other.x)
    .flatMap((item) => {
      const half = (item.name.length * LETTER) / 2 + 3;
      const row = ends.findIndex((end) => item.x - half > end);
      if (row < 0) return [];
      ends[row] = item.x + half;
      return [{ ...item, row }];
    });
}

/** A wall on its beam, as wide as the wall is drawn: each thing hangs below its place as a dot of its weight. */
export function Beam({ wall, standings, bounds, scale, heaviest, units, open }: Props) {
  const { tokens } = useTheme().palette;
  const wide = wall.length_m * scale;
  const { balance } = wall;
  const half = wide / 2;
  const names = new Map(standings.map((one) => [one.id, one]));
  const radius = (weight: number) => Math.max(Math.sqrt(weight / heaviest) * LARGEST, 2.5);
  const pointer = half + (balance?.value ?? 0) * half;
  const labels = rowsOf(
    (balance?.items ?? []).map(({ id, at_m }) => ({ x: at_m * scale, name: short(names.get(id)?.name ?? "") })),
  );
  const told = balance?.told ?? "nothing stands here";
  return (
    <Box sx={{ width: wide, flexShrink: 0 }}>
      <Box
        sx={{ display: "flex", alignItems: "baseline", gap: 0.75, pl: 0.5, pr: 1.5, minHeight: 24, overflow: "hidden" }}
      >
        <Typography variant="h3" component="h2" noWrap sx={{ fontSize: "0.98rem", flexShrink: 0 }}>
          {wall.name}
        </Typography>
        <Typography variant="body2" color="textSecondary" noWrap sx={{ flexShrink: 0 }}>
          {length(wall.length_m, units)}
        </Typography>
        <Box sx={{ flex: 1 }} />
        {balance ? (
          <ButtonBase
            onClick={open}
            aria-label={`Balance of ${wall.name}: ${told}`}
            sx={{
              font: "inherit",
              fontSize: "0.8125rem",
              borderBottom: `1px dotted ${tokens.edge}`,
              color: balance.verdict === "leaning" ? "error.main" : "text.primary",
              overflow: "hidden",
              whiteSpace: "nowrap",
              textOverflow: "ellipsis",
              minWidth: 0,
            }}
          >
            {told}
          </ButtonBase>
        ) : (
          <Typography variant="body2" color="textSecondary" noWrap>
            {told}
          </Typography>
        )}
      </Box>
      <svg width={wide} height={HIGH} aria-hidden style={{ display: "block", overflow: "visible" }}>
        {balance && (
          <rect
            x={half - bounds.even * half}
            y={LINE - 2.5}
            width={bounds.even * wide}
            height={5}
            rx={1}
            fill={tokens.lichen}
            fillOpacity={0.65}
          />
        )}
        <line x1={0} x2={wide} y1={LINE} y2={LINE} stroke={tokens.ink} />
        {[0.5, half, wide - 0.5].map((x) => (
          <line key={x} x1={x} x2={x} y1={LINE - 5} y2={LINE + 5} stroke={tokens.ink} />
        ))}
        {balance &&
          [-1, 1].map((side) => {
            const x = half + side * bounds.leaning * half;
            return (
              <line key={side} x1={x} x2={x} y1={LINE - 5} y2={LINE + 5} stroke={tokens.edge} strokeDasharray="2 2" />
            );
          })}
        {balance?.items.map(({ id, at_m, weight_m2 }) => {
          const r = radius(weight_m2);
          return (
            <g key={id}>
              <line x1={at_m * scale} x2={at_m * scale} y1={LINE} y2={LINE + 5} stroke={tokens.edge} />
              <circle
                cx={at_m * scale}
                cy={LINE + 5 + r}
                r={r}
                fill={names.get(id)?.piece ? tokens.spruce : (names.get(id)?.colour ?? tokens.lichen)}
                stroke={tokens.paper}
              />
            </g>
          );
        })}
        {balance && <path d={`M${pointer - 6},${LINE - 13} h12 l-6,11 Z`} fill={tokens.plum} />}
        {labels.map(({ x, name, row }) => (
          <text
            key={`${name} ${x}`}
            x={x}
            y={HIGH - 15 + row * 13}
            textAnchor="middle"
            fontSize={11.5}
            fill={tokens.quiet}
          >
            {name}
          </text>
        ))}
      </svg>
      <Box component="span" sx={UNSEEN}>
        {balance?.items.map(({ id, at_m }) => `${names.get(id)?.name ?? ""} at ${length(at_m, units)}`).join(", ")}
      </Box>
    </Box>
  );
}
