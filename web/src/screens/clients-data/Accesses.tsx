import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Pages } from "../../parts/Pages";
import { clock, weekday } from "../../units/format";

type Access = Schemas["AccessPage"]["items"][number];

/** Who saw and who changed a home, the latest day first. */
export function Accesses({ homeId }: { homeId: string }) {
  const [page, setPage] = useState(1);
  const seen = useQuery({
    queryKey: keys.accesses(homeId, page),
    queryFn: () => ask(client.GET("/api/homes/{id}/accesses", { params: { path: { id: homeId }, query: { page } } })),
    placeholderData: keepPreviousData,
  });
  if (seen.isPending) return <Loading what="who saw it" />;
  if (!seen.data) return <Failed error={seen.error} retry={() => void seen.refetch()} />;
  const days = [...new Set(seen.data.items.map(({ day }) => day))];
  return (
    <Box component="section" aria-labelledby="who-saw-it">
      <Typography id="who-saw-it" variant="h2" gutterBottom>
        Who saw it, who changed it
      </Typography>
      {days.map((day) => (
        <Box key={day} sx={{ mb: 2 }}>
          <Typography variant="h3" component="h3">
            {weekday(day)} {day.slice(0, 4)}
          </Typography>
          <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
            {seen.data.items
              .filter((line) => line.day === day)
              .map((line) => (
                <Line key={`${line.who} ${line.changed}`} line={line} />
              ))}
          </Box>
        </Box>
      ))}
      <Pages pages={seen.data.pages} page={page} onPage={setPage} />
    </Box>
  );
}

function Line({ line }: { line: Access }) {
  const [from, to] = [clock(line.first_at), clock(line.last_at)];
  return (
    <Box component="li" sx={{ display: "flex", gap: 1.5, py: 0.5, borderBottom: 1, borderColor: "divider" }}>
      <Typography component="span" sx={{ flex: 1, minWidth: 0, fontWeight: line.changed ? 600 : 400 }}>
        {line.who} {line.changed ? "changed it" : "saw it"}
      </Typography>
      <Typography component="span" color="textSecondary" sx={{ whiteSpace: "nowrap" }}>
        {from === to ? from : `${from} to ${to}`}
      </Typography>
    </Box>
  );
}
