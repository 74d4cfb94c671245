import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { ask, client } from "../../api/client";
import { keys } from "../../api/queries";
import { date, money } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
import { SORTS, type Remark } from "./remarkWords";

/** What a note said before it was corrected, the latest first. */
export function RemarkHistory({ remark }: { remark: Remark }) {
  const currency = useCurrency();
  const before = useQuery({
    queryKey: [...keys.remarkHistory(remark.id), remark.version],
    queryFn: () => ask(client.GET("/api/remarks/{id}/history", { params: { path: { id: remark.id } } })),
  });
  const items = before.data?.items ?? [];
  if (items.length === 0) return null;
  return (
    <Box component="section" aria-label="Before" sx={{ mt: 2 }}>
      <Typography variant="h3">Before it was corrected</Typography>
      {items.map(({ at, by, sort, says, finish, price_cents }) => (
        <Typography key={at} variant="body2" sx={{ mt: 0.5, overflowWrap: "anywhere" }}>
          {[SORTS[sort], says, finish, price_cents === null ? "" : money(price_cents, currency)]
            .filter(Boolean)
            .join(", ")}{" "}
          · until {date(at.slice(0, 10))}
          {by ? `, ${by}` : ""}
        </Typography>
      ))}
    </Box>
  );
}
