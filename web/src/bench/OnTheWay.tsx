import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { Link as RouterLink, useParams } from "react-router";
import { ask, client } from "../api/client";
import { keys } from "../api/queries";
import { amount } from "../units/amount";
import { weekday } from "../units/format";
import { useUnits } from "../units/useUnits";

/** What of a short piece was ordered and when it comes, and the way to buy the rest. */
export function OnTheWay({ short }: { short: boolean }) {
  const { pieceId = "" } = useParams();
  const units = useUnits();
  const found = useQuery({
    queryKey: keys.deliveries(pieceId),
    queryFn: () => ask(client.GET("/api/pieces/{id}/deliveries", { params: { path: { id: pieceId } } })),
    enabled: short && pieceId !== "",
  });
  if (!short || pieceId === "") return null;
  return (
    <Box className="not-on-paper" component="section" aria-label="On the way" sx={{ mt: 1.5 }}>
      {found.data?.items.map((one) => (
        <Typography key={one.line} variant="body2" color={one.late ? "error" : "textSecondary"}>
          {amount(one.quantity, one.kind, units)} {one.name}{" "}
          {one.trial && one.expected_on <= (one.wanted_on ?? "9")
            ? "on trial"
            : `on the way, ${weekday(one.expected_on)}`}
          {one.late && ", after the visit"}
        </Typography>
      ))}
      <Link component={RouterLink} to={`/buying?piece=${pieceId}&as=list`} variant="body2">
        Buy what is short
      </Link>
    </Box>
  );
}
