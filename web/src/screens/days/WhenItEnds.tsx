import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { weekday } from "../../units/format";
import { clockOf, DAY, dayOf, type Span } from "./dayLayout";

function comesDown(span: Span, home: string): boolean {
  return span.visits.every((visit) => visit.home !== home || visit.purpose === "strike");
}

/** When the last of each home is done, and before when no order could end. */
export function WhenItEnds({ spans }: { spans: Span[] }) {
  const told = spans.flatMap((span) => span.homes.map((home) => ({ span, home })));
  return (
    <Box component="section" aria-label="When it ends">
      <Typography variant="h2" gutterBottom>
        When it ends
      </Typography>
      {told.map(({ span, home }) => {
        const left = span.steps.filter((step) => step.home === home.id && step.why !== null && !step.optional).length;
        return (
          <Box
            key={`${span.first_on} ${home.id}`}
            sx={{ display: "flex", gap: 1, alignItems: "baseline", py: 1, borderBottom: 1, borderColor: "divider" }}
          >
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Typography sx={{ fontWeight: 600 }}>{home.name}</Typography>
              <Typography variant="body2" color={left > 0 ? "error" : "textSecondary"}>
                {left > 0
                  ? `${left} ${left === 1 ? "step finds" : "steps find"} no place`
                  : home.end_min === null
                    ? "nothing to do yet"
                    : `${weekday(dayOf(span, home.end_min))}${comesDown(span, home.id) ? ", taken down" : ""}`}
              </Typography>
            </Box>
            {home.end_min !== null && left === 0 && (
              <Box sx={{ textAlign: "right" }}>
                <Typography sx={{ fontSize: "1.15rem", fontWeight: 700, lineHeight: 1.2 }}>
                  {clockOf(home.end_min)}
                </Typography>
                {home.bound_min !== null && (
                  <Typography variant="body2" color="textSecondary">
                    proven{" "}
                    {Math.floor(home.bound_min / DAY) === Math.floor(home.end_min / DAY)
                      ? ""
                      : weekday(dayOf(span, home.bound_min))}{" "}
                    {clockOf(home.bound_min)}
                  </Typography>
                )}
              </Box>
            )}
          </Box>
        );
      })}
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
        No plan in any order ends before “proven”.
      </Typography>
    </Box>
  );
}
