import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { ask, client } from "../../api/client";
import { keys } from "../../api/queries";
import { date } from "../../units/format";
import type { LogTime, tookOf } from "./jobFields";

/** What a job said before it was corrected, the latest first. */
export function JobHistory({ time, asked }: { time: LogTime; asked: ReturnType<typeof tookOf> }) {
  const before = useQuery({
    queryKey: [...keys.lessons, "history", time.id, time.version],
    queryFn: () => ask(client.GET("/api/log-times/{id}/history", { params: { path: { id: time.id } } })),
  });
  const items = before.data?.items ?? [];
  if (items.length === 0) return null;
  return (
    <Box component="section" aria-label="Before" sx={{ mt: 2 }}>
      <Typography variant="h3">Before it was corrected</Typography>
      {items.map((one) => (
        <Typography key={one.at} variant="body2" sx={{ mt: 0.5 }}>
          {asked.label}: {asked.reading.brief(one.took)}
          {one.left_out ? `, left out: ${one.left_out}` : ""} · until {date(one.at.slice(0, 10))}
          {one.by ? `, ${one.by}` : ""}
        </Typography>
      ))}
    </Box>
  );
}
