import Box from "@mui/material/Box";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { length, quantity } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { useTrial } from "./useHouseRules";

const NAMES: Record<string, string> = {
  area: "Visible surface",
  hem: "Hem",
  spread: "Spread",
  tip_gap: "Gap above the tip",
  share: "Of the ceiling",
  bulbs: "Bulbs, by surface",
  bulbs_by_height: "Bulbs, by the foot",
  strings: "Strings",
  spare_strings: "Spare strings",
  pitch: "Between turns",
  ornaments: "Ornaments",
  by_foot: "Ornaments, by the foot",
  by_cover: "Ornaments, by cover",
  ribbon: "Ribbon",
  ribbon_parts: "Ribbon pieces",
  crown_ribbon: "Ribbon of the bow",
  picks: "Picks",
  minutes: "Dressing",
};

/** What a common tree takes now, and with the constant being typed. */
export function SampleTree({ trying }: { trying: { key: string; value: number } | null }) {
  const units = useUnits();
  const trial = useTrial(trying?.key ?? null, trying?.value ?? null);
  const sample = trial.data?.sample;
  return (
    <Box
      component="aside"
      aria-label="Sample tree"
      sx={(theme) => ({
        bgcolor: "background.paper",
        borderLeft: { md: `1px solid ${theme.palette.divider}` },
        p: 2,
        overflow: { md: "auto" },
      })}
    >
      <Typography variant="h3" component="h2">
        On a sample tree
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
        {sample &&
          `A ${sample.shape} tree of ${length(sample.height_m, units)} in a bay under ${length(sample.ceiling_m, units)}, ${sample.styles} styles. `}
        Type a value to see what it would do.
      </Typography>
      <Table size="small" sx={{ "& td, & th": { px: 0.5 } }}>
        <TableHead>
          <TableRow>
            <TableCell>Figure</TableCell>
            <TableCell align="right">Now</TableCell>
            <TableCell align="right">Tried</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {trial.data?.figures.map((figure) => {
            const differs = trying !== null && figure.before !== figure.after;
            return (
              <TableRow
                key={figure.name}
                sx={differs ? { bgcolor: (theme) => theme.palette.tokens.quinceWash } : undefined}
              >
                <TableCell component="th" scope="row">
                  {NAMES[figure.name] ?? figure.name}
                </TableCell>
                <TableCell align="right">{quantity(figure.before, figure.unit, units)}</TableCell>
                <TableCell align="right" sx={{ fontWeight: differs ? 700 : 400 }}>
                  {differs ? quantity(figure.after, figure.unit, units) : "–"}
                </TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
    </Box>
  );
}
