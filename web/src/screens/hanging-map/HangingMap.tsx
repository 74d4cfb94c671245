import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { Link as RouterLink, useParams } from "react-router";
import type { Schemas } from "../../api/client";
import { useSeasonYear } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Gently } from "../../parts/Gently";
import { InTurn } from "../../parts/InTurn";
import { Loading } from "../../parts/Loading";
import { DaysToGo } from "../../parts/DaysToGo";
import { MoreMenu } from "../../parts/MoreMenu";
import { Notice } from "../../parts/Notice";
import { useKeys } from "../../shell/shortcuts";
import { Strip } from "../../shell/Strip";
import { minutes } from "../../units/format";
import { FlatTree } from "./FlatTree";
import { NextOne, Progress } from "./NextOne";
import { PlaceList } from "./PlaceList";
import { StyleChoice } from "./StyleChoice";
import { siteKey, useHangingMap, useHangingPiece, useOthersTicks, type Hanging } from "./useHangingMap";

interface MapProps {
  sheet: Schemas["HangingSheet"];
  hanging: Hanging;
}

function MapScreen({ sheet, hanging }: MapProps) {
  const at = sheet.styles.findIndex((style) => style.id === hanging.style);
  const light = (to: number) =>
    hanging.light(sheet.styles[Math.min(Math.max(to, 0), sheet.styles.length - 1)]?.id ?? null);
  useKeys([
    { keys: "h", says: "The next ornament is up", run: hanging.hangNext },
    { keys: "[", says: "The style before", run: () => light(at - 1) },
    { keys: "]", says: "The next style", run: () => light(at + 1) },
    { keys: "0", says: "All styles", run: () => hanging.light(null) },
  ]);
  return (
    <Box
      sx={{
        flex: 1,
        minHeight: 0,
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 328px" },
        gridTemplateRows: { xs: "auto fit-content(44%) minmax(0, 1fr) auto", md: "auto minmax(0, 1fr) auto" },
        "@media print": { display: "block", "& .not-on-paper": { display: "none" } },
      }}
    >
      <InTurn>
        <StyleChoice sheet={sheet} hanging={hanging} />
        <Box
          sx={{
            minHeight: 0,
            minWidth: 0,
            p: { xs: 0.5, md: 1 },
            gridColumn: 1,
            display: "flex",
            flexDirection: "column",
            "@media print": { height: "12cm" },
          }}
        >
          <FlatTree
            map={sheet}
            style={hanging.style}
            side={hanging.side}
            pointed={hanging.pointed}
            onPoint={hanging.point}
            next={hanging.next ? siteKey(hanging.next) : null}
            onTick={(site) => hanging.tick([site], !site.up)}
          />
          <Progress sheet={sheet} hanging={hanging} />
        </Box>
        <NextOne sheet={sheet} hanging={hanging} />
        <Box
          sx={(theme) => ({
            gridColumn: { xs: 1, md: 2 },
            gridRow: { md: "1 / span 3" },
            borderLeft: { md: `1px solid ${theme.palette.divider}` },
            borderTop: { xs: `1px solid ${theme.palette.divider}`, md: 0 },
            bgcolor: "background.paper",
            minHeight: 0,
            display: "flex",
            flexDirection: "column",
          })}
        >
          <PlaceList sheet={sheet} hanging={hanging} />
          <Box
            sx={(theme) => ({
              mx: 2,
              py: 1.25,
              borderTop: `2px solid ${theme.palette.text.primary}`,
              display: { xs: "none", md: "flex" },
              justifyContent: "space-between",
            })}
          >
            <Typography variant="body2">Still to hang</Typography>
            <Typography variant="body2" sx={{ fontWeight: 600 }}>
              {minutes(sheet.minutes_left)}
            </Typography>
          </Box>
        </Box>
      </InTurn>
    </Box>
  );
}

/** The map as it is hung from, with what is taken out of it kept away from what is pressed for every ornament. */
function MapOfPiece({ piece, sheet }: { piece: Schemas["HangingMap"]["piece"]; sheet: Schemas["HangingSheet"] }) {
  const hanging = useHangingMap(piece.id, sheet);
  const query = hanging.style === null ? "" : `?style=${hanging.style}`;
  return (
    <>
      <MapStrip piece={piece}>
        <MoreMenu
          label="Take the map out"
          entries={[
            { label: "Print", run: () => window.print() },
            { label: "As PDF", href: `/api/pieces/${piece.id}/hanging.pdf${query}` },
            { label: "As SVG", href: `/api/pieces/${piece.id}/hanging.svg${query}` },
          ]}
        />
      </MapStrip>
      <MapScreen sheet={sheet} hanging={hanging} />
    </>
  );
}

function MapStrip({ piece, children }: { piece: Schemas["HangingMap"]["piece"]; children?: ReactNode }) {
  const year = useSeasonYear();
  return (
    <Strip
      of={piece.name}
      crumbs={[
        { label: `Season ${year}`, to: "/" },
        { label: piece.home.name, to: `/homes/${piece.home.id}` },
        { label: piece.room.name, to: `/rooms/${piece.room.id}` },
        { label: piece.name, to: `/pieces/${piece.id}` },
        { label: "Hanging map" },
      ]}
    >
      <DaysToGo days={piece.days_to_go} />
      <Button
        size="small"
        component={RouterLink}
        to={`/pieces/${piece.id}`}
        sx={{ display: { xs: "none", sm: "inline-flex" } }}
      >
        To the bench
      </Button>
      {children}
    </Strip>
  );
}

/** The hanging map of a tree: where every ornament goes, one style at a time. */
export function HangingMap() {
  const { pieceId = "" } = useParams();
  const found = useHangingPiece(pieceId);
  useOthersTicks(pieceId, found.data?.map);
  if (found.isPending) return <Loading what="the hanging map" />;
  if (found.isError) return <Failed error={found.error} retry={() => void found.refetch()} />;
  const { piece, map } = found.data;
  if (map && map.sites.length > 0)
    return (
      <Gently what="the hanging map">
        <MapOfPiece key={pieceId} piece={piece} sheet={map} />
      </Gently>
    );
  return (
    <>
      <MapStrip piece={piece} />
      <Notice
        title={map ? "Nothing hangs here yet" : "No tree here yet"}
        action={
          <Button variant="contained" component={RouterLink} to={`/pieces/${piece.id}`}>
            To the bench
          </Button>
        }
      >
        {map
          ? "Choose ornament styles on the bench, and every one of them gets its place."
          : "Choose the tree's height on the bench; then there is a side to lay flat."}
      </Notice>
    </>
  );
}
