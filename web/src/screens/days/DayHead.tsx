import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link as RouterLink, useNavigate } from "react-router";
import { MoreMenu } from "../../parts/MoreMenu";
import { weekday } from "../../units/format";
import { clockOf, NAMES, type Day, type Span, type Step, type Visit } from "./dayLayout";

interface Props {
  span: Span;
  day: Day;
  /** Steps that lie in it, and from when. */
  blocks: { step: Step; from: number }[];
  onChange: (visit: Visit) => void;
  onDelete: (visit: Visit) => void;
  onAsk: (visit: Visit, what: "if" | "ready") => void;
}

/** A day's name and its visits: where, from when to when, in which rooms. */
export function DayHead({ span, day, blocks, onChange, onDelete, onAsk }: Props) {
  const navigate = useNavigate();
  const homes = new Map(span.homes.map((home) => [home.id, home]));
  const rooms = (visit: Visit) => {
    const here = new Set(
      blocks
        .filter(({ step, from }) => step.home === visit.home && from >= visit.from_min && from < visit.to_min)
        .map(({ step }) => step.room),
    );
    return (homes.get(visit.home)?.rooms ?? []).filter(({ id }) => here.has(id)).map(({ name }) => name);
  };

  return (
    <Box sx={{ display: "flex", alignItems: "baseline", columnGap: 2, flexWrap: "wrap" }}>
      <Typography variant="h3" component="h2" sx={{ minWidth: NAMES - 8, whiteSpace: "nowrap" }}>
        {weekday(day.on)}
      </Typography>
      {day.visits.map((visit) => (
        <Box key={visit.id} sx={{ display: "flex", alignItems: "baseline", gap: 0.75, minWidth: 0 }}>
          <Typography sx={{ fontWeight: 700 }}>{homes.get(visit.home)?.name}</Typography>
          <Typography variant="body2" color="textSecondary">
            {visit.purpose === "strike" && <strong>taken down </strong>}
            {visit.day_off && <strong>nobody works: {visit.day_off} </strong>}
            {clockOf(visit.from_min)} to {clockOf(visit.to_min)}
            {rooms(visit).length > 0 && `, ${rooms(visit).join(", ")}`}
          </Typography>
          <Button component={RouterLink} to={`/visits/${visit.id}`} size="small" sx={{ my: -0.75 }}>
            Run sheet
          </Button>
          <Box component="span" sx={{ my: -0.75 }}>
            <MoreMenu
              label={`More about ${homes.get(visit.home)?.name} on ${weekday(day.on)}`}
              entries={[
                { label: "Its log", run: () => void navigate(`/visits/${visit.id}/log`) },
                { label: "Change the visit", run: () => onChange(visit) },
                { label: "What if …", run: () => onAsk(visit, "if") },
                { label: "Ready by …", run: () => onAsk(visit, "ready") },
                { label: "Delete the visit", run: () => onDelete(visit) },
              ]}
            />
          </Box>
        </Box>
      ))}
    </Box>
  );
}
