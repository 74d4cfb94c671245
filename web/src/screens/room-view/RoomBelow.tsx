import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import { useRef } from "react";
import type { Schemas } from "../../api/client";
import { useLight } from "../../app/light";
import type { Spot } from "../../drawing/room/PlanDrawing";
import { useSize } from "../../drawing/shared/useSize";
import { Caution } from "../../parts/Caution";
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { FromAbove } from "./FromAbove";
import { Links } from "./Links";
import { Places } from "./Places";

type View = Schemas["ViewSeen"];

interface Props {
  room: Schemas["RoomView"];
  view: View | undefined;
  choose: (id: string) => void;
  put: (view: View, at: Spot) => void;
  add: (offered: Schemas["OfferedViewpoint"]) => Promise<void>;
  change: (view: View) => void;
  begin: () => void;
}

/** Below the walls: the room from above, and what each place to look from sees. */
export function RoomBelow({ room, view, choose, put, add, change, begin }: Props) {
  const units = useUnits();
  const { dusk } = useLight();
  const above = useRef<HTMLDivElement>(null);
  const plan = useSize(above);
  const assumed = room.standings.filter((one) => one.assumed);
  return (
    <Box
      sx={(theme) => ({
        borderTop: `1px solid ${theme.palette.divider}`,
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) minmax(0, 1fr)" },
        minHeight: 0,
        height: { md: 272 },
      })}
    >
      <Box component="section" aria-label="From above" sx={{ display: "flex", flexDirection: "column", minWidth: 0 }}>
        <Typography variant="h3" component="h2" sx={{ px: 2, pt: 1 }}>
          From above{" "}
          <Typography component="span" variant="body2" color="textSecondary">
            {length(room.bounds.walkway_m, units)} wanted where people pass
          </Typography>
        </Typography>
        <Box ref={above} sx={{ position: "relative", flex: 1, minHeight: { xs: 260, md: 0 }, overflow: "hidden" }}>
          {plan.width > 0 && (
            <Box sx={{ position: "absolute", inset: 0 }}>
              <FromAbove
                room={room}
                chosen={view?.id ?? null}
                choose={choose}
                put={put}
                width={plan.width}
                height={plan.height}
                units={units}
              />
            </Box>
          )}
        </Box>
      </Box>
      <Box component="section" aria-label="What each place sees" sx={{ overflow: "auto", minWidth: 0, px: 2, pb: 1 }}>
        <Box sx={{ display: "flex", alignItems: "center", pt: 0.5 }}>
          <Typography variant="h3" component="h2" sx={{ flex: 1 }}>
            What each place sees
          </Typography>
          <Button size="small" startIcon={<Add />} onClick={begin}>
            Add a place
          </Button>
        </Box>
        <Places room={room} chosen={view?.id} choose={choose} dusk={dusk} add={add} change={change} />
        <Box sx={{ display: "grid", gap: 1, mt: 1 }}>
          <Links room={room} />
          {!room.standings.some(({ piece }) => piece) && room.undressed.length === 0 && room.pending === 0 && (
            <Typography variant="body2" color="textSecondary">
              No piece in this room yet.{" "}
              <Link component={RouterLink} to={`/homes/${room.home.id}`}>
                Add one on its home
              </Link>
              .
            </Typography>
          )}
          {assumed.length > 0 && (
            <Caution
              finding={{
                severity: "info",
                message: `${assumed.map(({ name }) => name).join(", ")}: where it is was never said. Drag it along its wall, or say it in measures.`,
              }}
            />
          )}
          {room.undressed.length > 0 && (
            <Caution
              finding={{
                severity: "info",
                message: `Nothing to be seen yet of ${room.undressed.map(({ name }) => name).join(", ")}: measure it on its bench.`,
              }}
            />
          )}
        </Box>
      </Box>
    </Box>
  );
}
