import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link as RouterLink } from "react-router";
import { ask, client, type Schemas } from "../api/client";
import { keys } from "../api/queries";
import { Caution } from "../parts/Caution";
import { ColourBar } from "../parts/ColourBar";
import { ColourDot } from "../parts/ColourDot";
import { Failed } from "../parts/Failed";
import { Loading } from "../parts/Loading";
import { sharesTold } from "../parts/SeenAndWanted";
import { SideDrawer } from "../parts/SideDrawer";
import { reachable } from "../theme/theme";
import { amount } from "../units/amount";
import { counted, percent } from "../units/format";
import { useUnits } from "../units/useUnits";
import type { Dialled } from "./planner";
import { WorkingDrawer } from "./WorkingDrawer";

type Told = Schemas["ColoursAndWays"];
type Share = NonNullable<Schemas["ColoursSeen"]>["shares"][number];
type Way = Schemas["ColourWay"];

function ShareRow({ name, colour, seen, wanted, short }: Share & { short: boolean }) {
  const by = Math.round((seen - wanted) * 100);
  return (
    <Box component="li" sx={{ display: "flex", alignItems: "center", gap: 1.5, py: 0.5 }}>
      <ColourDot colour={colour} />
      <Typography sx={{ flex: 1 }} noWrap>
        {name}
      </Typography>
      <Typography sx={{ fontWeight: 600 }}>{percent(seen)}</Typography>
      <Typography color="textSecondary" sx={{ width: 86, textAlign: "right" }}>
        of {percent(wanted)}
      </Typography>
      <Typography sx={{ width: 46, textAlign: "right" }} color={short ? "error" : "textSecondary"}>
        {by === 0 ? "–" : by > 0 ? `+${by}` : `−${-by}`}
      </Typography>
    </Box>
  );
}

interface WayProps {
  way: Way;
  /** What was told before the last dial: it is asked anew. */
  old: boolean;
  onDress: (settings: object) => void;
}

function WayRow({ way, old, onDress }: WayProps) {
  const units = useUnits();
  const { settings } = way;
  const tucks = way.kind === "ribbon" && way.pieces !== null ? `${counted(way.pieces, "tuck")}, ` : "";
  return (
    <Box
      component="li"
      sx={{ display: "flex", alignItems: "center", gap: 1.5, py: 1, borderTop: 1, borderColor: "divider" }}
    >
      <ColourDot colour={way.srgb} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography sx={{ fontWeight: 600 }}>
          {tucks}
          {amount(way.quantity, way.kind, units)} {way.name}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {way.after === undefined ? "closes" : `${way.colour} is ${percent(way.after)} then: closes`}{" "}
          {way.enough ? "all of it" : "a part of it"}
        </Typography>
      </Box>
      {settings && (
        <Button
          variant="outlined"
          size="small"
          disabled={old}
          onClick={() => onDress(settings)}
          aria-label={`Put on: ${way.name}`}
        >
          Put on
        </Button>
      )}
    </Box>
  );
}

interface Props {
  pieceId: string;
  dialled: Dialled;
  onDress: (settings: object) => void;
  onClose: () => void;
}

/** Colours really seen against the look: what is short, what of the shelf closes it, what does not show or agree. */
export function ColoursDrawer({ pieceId, dialled, onDress, onClose }: Props) {
  const told = useQuery({
    queryKey: [...keys.piece(pieceId), "colours", dialled],
    queryFn: () =>
      ask(
        client.POST("/api/pieces/{id}/colours", {
          params: { path: { id: pieceId } },
          body: { place_id: dialled.place_id, settings: { ...dialled.settings } },
        }),
      ),
    placeholderData: keepPreviousData,
  });
  return (
    <SideDrawer title="Colour really seen" closes="Close the colours" onClose={onClose}>
      {told.isPending && <Loading what="the colours" />}
      {told.isError && <Failed error={told.error} retry={() => void told.refetch()} />}
      {told.data?.colours && (
        <Inside told={told.data} colours={told.data.colours} old={told.isPlaceholderData} onDress={onDress} />
      )}
    </SideDrawer>
  );
}

interface InsideProps {
  told: Told;
  colours: NonNullable<Told["colours"]>;
  old: boolean;
  onDress: (settings: object) => void;
}

function Inside({ told, colours, old, onDress }: InsideProps) {
  const [working, setWorking] = useState(false);
  const ground = colours.ground.share;
  return (
    <>
      <Typography color="textSecondary" sx={{ mb: 1.5 }}>
        against{" "}
        <Link component={RouterLink} to={`/looks/${colours.look.id}`} color="inherit" sx={reachable}>
          {colours.look.name}
        </Link>
        ; greens are {percent(ground)} of the surface and left out
      </Typography>
      <ColourBar
        label={sharesTold(colours.shares)}
        height={30}
        numbered
        parts={colours.shares.map(({ name, colour, seen }) => ({ name, srgb: colour, share: seen }))}
      />
      <Box component="ul" aria-label="Seen and wanted" sx={{ m: 0, p: 0, mt: 1, mb: 1, listStyle: "none" }}>
        {colours.shares.map((share) => (
          <ShareRow key={share.name} {...share} short={colours.short.includes(share.name)} />
        ))}
      </Box>
      {told.working && (
        <Button size="small" onClick={() => setWorking(true)} sx={{ ml: -0.5, mb: 2 }}>
          How it is reckoned
        </Button>
      )}
      {colours.short.length > 0 && (
        <>
          <Typography variant="h3">What closes it</Typography>
          {told.ways.length === 0 ? (
            <Typography color="textSecondary" sx={{ mb: 2 }}>
              Nothing free on the shelf is near enough to what is short.
            </Typography>
          ) : (
            <Box component="ul" aria-label="What closes it" sx={{ m: 0, p: 0, mb: 2, listStyle: "none" }}>
              {told.ways.map((way) => (
                <WayRow key={`${way.colour} ${way.style}`} way={way} old={old} onDress={onDress} />
              ))}
            </Box>
          )}
        </>
      )}
      {colours.notes.length > 0 && <Typography variant="h3">To note</Typography>}
      {colours.notes.map((note) => (
        <Caution key={note.message} finding={note} />
      ))}
      {working && <WorkingDrawer open sheet={told.working} onClose={() => setWorking(false)} />}
    </>
  );
}
