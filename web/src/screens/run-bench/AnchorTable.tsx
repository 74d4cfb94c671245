import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { length, massUnit, plainMass } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** Where a run hangs: each anchor from the left end, what it carries, what it may, what lets go with it. */
export function AnchorTable({ plan }: { plan: Schemas["RunPlan"] }) {
  const units = useUnits();
  if (plan.anchors.length === 0) return null;
  const may = Number(plan.figures.may?.value ?? 0);
  return (
    <Box component="section" aria-label="Where it hangs" sx={{ mt: 2.5 }}>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
        <Typography variant="h3" component="h2" sx={{ flex: 1 }}>
          Where it hangs
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {massUnit(units)}, half of rated load
        </Typography>
      </Box>
      <Box
        component="table"
        sx={(theme) => ({
          width: "100%",
          borderCollapse: "collapse",
          mt: 0.5,
          fontSize: "0.875rem",
          fontVariantNumeric: "tabular-nums",
          "& th": { fontSize: "0.75rem", fontWeight: 500, color: "text.secondary", textAlign: "right", pb: 0.5 },
          "& td": { textAlign: "right", py: 0.4, borderTop: `1px solid ${theme.palette.divider}` },
          "& th:first-of-type, & td:first-of-type": { textAlign: "left" },
        })}
      >
        <thead>
          <tr>
            <th scope="col">anchor</th>
            <th scope="col">from left</th>
            <th scope="col">{plan.drawing.kind === "rail" ? "tread" : "floor"}</th>
            <th scope="col">carries</th>
            <th scope="col">may</th>
          </tr>
        </thead>
        <tbody>
          {plan.anchors.map((anchor) => {
            const over = anchor.kg > may;
            return (
              <tr key={anchor.number}>
                <td>
                  {anchor.number}
                  {anchor.fixings > 1 ? ` × ${anchor.fixings}` : ""}
                </td>
                <td>{length(anchor.x_m, units)}</td>
                <td>{length(anchor.floor_m, units)}</td>
                <Box component="td" sx={{ fontWeight: over ? 700 : 400, color: over ? "error.main" : "inherit" }}>
                  {plainMass(anchor.kg, units)}
                </Box>
                <td>{plainMass(may, units)}</td>
              </tr>
            );
          })}
        </tbody>
      </Box>
    </Box>
  );
}
