import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import type { Schemas } from "../../api/client";
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";

/** How wide a bar is at most to each side, pixels. */
const BAR = 34;
export const NEED_FREE = 132;

/** What pieces keep of a thing and what is free: two numbers and two bars from one line. */
export function NeedFree({ thing }: { thing: Schemas["StockThing"] }) {
  const units = useUnits();
  const { tokens } = useTheme().palette;
  const short = Math.max(thing.wanted - thing.kept, 0);
  const most = Math.max(thing.wanted, thing.free, thing.on_hand, 1e-9);
  const wide = (quantity: number) => Math.round((quantity / most) * BAR);
  return (
    <Box sx={{ width: NEED_FREE, flexShrink: 0 }}>
      <Box sx={{ display: "flex", gap: 1 }}>
        <Typography component="span" sx={{ flex: 1, textAlign: "right", fontWeight: 600 }}>
          {thing.wanted > 0 ? amount(thing.wanted, thing.kind, units) : "–"}
        </Typography>
        <Typography
          component="span"
          noWrap
          sx={{ flex: 1, fontWeight: 600, color: short > 0 ? "error.main" : "text.primary" }}
        >
          {short > 1e-6 ? `short ${amount(short, thing.kind, units)}` : amount(thing.free, thing.kind, units)}
        </Typography>
      </Box>
      <Box component="svg" width={NEED_FREE} height={10} aria-hidden sx={{ display: "block" }}>
        <line x1={NEED_FREE / 2} x2={NEED_FREE / 2} y1={0} y2={10} stroke={tokens.edge} />
        <rect x={NEED_FREE / 2 - wide(thing.kept)} y={1} width={wide(thing.kept)} height={8} fill={tokens.spruce} />
        <rect
          x={NEED_FREE / 2 - wide(thing.wanted)}
          y={1.5}
          width={Math.max(wide(thing.wanted) - wide(thing.kept), 0)}
          height={7}
          fill="none"
          stroke={tokens.brick}
          strokeDasharray="2 2"
        />
        <rect x={NEED_FREE / 2} y={1} width={wide(thing.free)} height={8} fill={tokens.lichen} />
      </Box>
    </Box>
  );
}
