import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { Link as RouterLink } from "react-router";
import { ask, client, type Schemas } from "../../api/client";
import { Caution } from "../../parts/Caution";

type Told = Schemas["RoomLink"];

/** What ties a room to those it sees: things that recur, light of one strength, and what could be split over both. */
export function Links({ room }: { room: Schemas["RoomView"] }) {
  const links = useQuery({
    queryKey: ["room", room.room.id, "links"],
    enabled: room.open_to.length > 0,
    queryFn: () => ask(client.GET("/api/rooms/{id}/links", { params: { path: { id: room.room.id } } })),
  });
  if (room.open_to.length === 0) return null;
  return (
    <Box component="section" aria-label="Rooms it sees" sx={{ display: "grid", gap: 1 }}>
      {(links.data?.items ?? []).map((link) => (
        <Box key={link.room.id}>
          <Typography variant="body2">
            <Link component={RouterLink} to={`/rooms/${link.room.id}/view`} sx={{ fontWeight: 600 }} color="inherit">
              {link.room.name}
            </Link>{" "}
            {sharedTold(link)}
          </Typography>
          {link.could.length > 0 && (
            <Typography variant="caption" color="textSecondary" component="p">
              Could recur:{" "}
              {link.could.map(({ name, spare, into }) => `${name} in the ${into} (${spare} more)`).join(", ")}
            </Typography>
          )}
          {link.findings.map((finding) => (
            <Caution key={finding.code} finding={finding} />
          ))}
        </Box>
      ))}
    </Box>
  );
}

function sharedTold({ shared, lights }: Told): string {
  const names = [...new Set([...shared.ribbon, ...shared.green, ...shared.style, ...shared.metal])];
  const things = names.length > 0 ? `shares ${names.slice(0, 4).join(", ")}` : "shares nothing yet";
  const more = names.length > 4 ? ` and ${names.length - 4} more` : "";
  const light = lights.here.length > 0 && lights.there.length > 0 ? (lights.alike ? "; light alike" : "") : "";
  return `${things}${more}${light}.`;
}
