import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { SideDrawer } from "../../parts/SideDrawer";
import { counted } from "../../units/format";
import { Thumbnail } from "./Thumbnail";

type Person = Schemas["Keepsakes"]["items"][number];

interface Props {
  onClose: () => void;
  /** Shows a keepsake in the stockroom, by its name. */
  onOpen: (name: string) => void;
}

function OfPerson({ of, things, missing, onOpen }: Person & Pick<Props, "onOpen">) {
  return (
    <Box component="section" aria-label={of} sx={{ mb: 3 }}>
      <Typography variant="h3">{of}</Typography>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {things.map((thing, i) => (
          <li key={thing.id}>
            <ButtonBase
              onClick={() => onOpen(thing.name)}
              sx={{ width: "100%", display: "flex", gap: 1.5, py: 0.5, textAlign: "left" }}
            >
              <Thumbnail thing={thing} place={i} size={36} />
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <Typography noWrap>{thing.name}</Typography>
                <Typography noWrap variant="body2" color="textSecondary">
                  {thing.from ?? "nobody said from where"}
                </Typography>
              </Box>
              <Typography sx={{ fontWeight: 600 }}>{thing.year ?? "–"}</Typography>
            </ButtonBase>
          </li>
        ))}
      </Box>
      <Typography variant="body2" color={missing.length > 0 ? "secondary" : "textSecondary"} sx={{ mt: 0.5 }}>
        {missing.length > 0 ? `Missing: ${missing.join(", ")}` : "No year is missing"}
      </Typography>
    </Box>
  );
}

/** Keepsakes of each person, year by year, with the years that are missing. */
export function Keepsakes({ onClose, onOpen }: Props) {
  const kept = useQuery({
    queryKey: [...keys.styles, "keepsakes"],
    queryFn: () => ask(client.GET("/api/stock/keepsakes")),
  });
  const total = kept.data?.items.reduce((sum, { things }) => sum + things.length, 0) ?? 0;
  return (
    <SideDrawer title="Keepsakes by year" closes="Close the keepsakes" onClose={onClose}>
      {kept.isPending && <Loading what="the keepsakes" />}
      {kept.isError && <Failed error={kept.error} retry={() => void kept.refetch()} />}
      {kept.data && (
        <Typography color="textSecondary" sx={{ mb: 2 }}>
          {total === 0
            ? "No keepsakes yet. Say whose a thing is under “More about it”."
            : `${counted(total, "keepsake")} of ${counted(kept.data.items.length, "person", "people")}`}
        </Typography>
      )}
      {kept.data?.items.map((person) => (
        <OfPerson key={person.of} {...person} onOpen={onOpen} />
      ))}
    </SideDrawer>
  );
}
