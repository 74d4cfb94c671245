import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Pages } from "../parts/Pages";
import { ask, client } from "../api/client";
import { keys } from "../api/queries";
import { SideDrawer } from "../parts/SideDrawer";
import { clock, date } from "../units/format";

/** Every change of a tree, latest first: what, who, when. */
export function HistoryDrawer({ pieceId, onClose }: { pieceId: string; onClose: () => void }) {
  const [page, setPage] = useState(1);
  const history = useQuery({
    queryKey: [...keys.history(pieceId), page],
    queryFn: () => ask(client.GET("/api/pieces/{id}/history", { params: { path: { id: pieceId }, query: { page } } })),
    staleTime: 0,
  });
  return (
    <SideDrawer title="History" closes="Close the history" onClose={onClose}>
      {history.data?.total === 0 && (
        <Typography color="textSecondary" sx={{ mt: 2 }}>
          Nothing was changed yet.
        </Typography>
      )}
      <Box component="ol" sx={{ listStyle: "none", p: 0, m: 0, mt: 1 }}>
        {history.data?.items.map((entry) => (
          <Box
            component="li"
            key={entry.number}
            sx={(theme) => ({ py: 1, borderTop: `1px solid ${theme.palette.divider}` })}
          >
            <Typography variant="body2">{entry.says}</Typography>
            <Typography variant="body2" color="textSecondary">
              {entry.by}, {date(entry.made_at.slice(0, 10))} at {clock(entry.made_at)}
            </Typography>
          </Box>
        ))}
      </Box>
      <Pages pages={history.data?.pages} page={page} onPage={setPage} size="small" />
    </SideDrawer>
  );
}
