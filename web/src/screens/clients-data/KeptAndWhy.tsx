import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { ask, client } from "../../api/client";
import { keys } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";

/** What is kept of clients in general, why, and for how long. */
export function KeptAndWhy() {
  const kept = useQuery({ queryKey: keys.keptOfClients, queryFn: () => ask(client.GET("/api/kept-of-clients")) });
  if (kept.isPending) return <Loading what="what is kept" />;
  if (!kept.data) return <Failed error={kept.error} retry={() => void kept.refetch()} />;
  return (
    <Box component="section" aria-labelledby="kept-and-why">
      <Typography id="kept-and-why" variant="h2" gutterBottom>
        What is kept, why and how long
      </Typography>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {kept.data.items.map(({ what, why, until }) => (
          <Box
            component="li"
            key={what}
            sx={{
              py: 1.25,
              borderBottom: 1,
              borderColor: "divider",
              display: "grid",
              columnGap: 3,
              gridTemplateColumns: { sm: "1fr 1fr" },
            }}
          >
            <div>
              <Typography sx={{ fontWeight: 600 }}>{what}</Typography>
              <Typography variant="body2" color="textSecondary">
                {why}
              </Typography>
            </div>
            <Typography>{until}</Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
