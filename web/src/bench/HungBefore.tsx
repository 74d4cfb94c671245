import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../api/client";
import { keys, useMe } from "../api/queries";
import { counted } from "../units/format";

type Uses = Schemas["StyleUses"];

function useUses(style: string | null, home: string) {
  return useQuery({
    queryKey: keys.uses(style ?? "", home),
    queryFn: () => ask(client.GET("/api/styles/{id}/uses", { params: { path: { id: style ?? "" }, query: { home } } })),
    enabled: style !== null,
  });
}

/** So many earlier years are told. */
const FEW = 4;

function told({ items }: Uses, year: number): string | null {
  const before = items.filter((one) => one.year < year);
  if (before.length === 0) return null;
  const places = before
    .slice(0, FEW)
    .map((one) => `${one.year} ${one.here ? `here, ${one.room}` : `${one.home}, ${one.room}`}`);
  const here = before.find((one) => one.here);
  const away = here ? year - here.year - 1 : 0;
  return `Hung before: ${places.join(" · ")}.${away > 0 ? ` Not here for ${counted(away, "year")}.` : ""}`;
}

/** The same wreath, another place each year: where it hung before this one. */
export function HungBefore({ style, home }: { style: string | null; home: string }) {
  const year = Number(useMe().data?.today.slice(0, 4) ?? 0);
  const { data } = useUses(style, home);
  const says = data && told(data, year);
  return says ? (
    <Typography variant="body2" color="textSecondary" className="whole-row">
      {says}
    </Typography>
  ) : null;
}
