import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Chip from "@mui/material/Chip";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { Link as RouterLink, useParams } from "react-router";
import type { Schemas } from "../../api/client";
import { useMe } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { useKeys } from "../../shell/shortcuts";
import { Strip } from "../../shell/Strip";
import { daysToGo, minutes, ratio } from "../../units/format";
import { FlatTree } from "./FlatTree";
import { PlaceList } from "./PlaceList";
import { useHangingMap, useHangingPiece, type Hanging, type Side, useOthersTicks } from "./useHangingMap";

const SIDES: Side[] = ["all", "left", "front", "right"];

function ordinal(number: number): string {
  const tail = number % 100 > 10 && number % 100 < 14 ? "th" : (["th", "st", "nd", "rd"][number % 10] ?? "th");
  return `${number}${tail}`;
}

/** Which style is lit, and from which side one looks. */
function Chooser({ sheet, hanging }: { sheet: Schemas["HangingSheet"]; hanging: Hanging }) {
  return (
    <Box
      className="not-on-paper"
      sx={{ px: 2, pt: 1.25, display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center" }}
    >
      <Box
        role="group"
        aria-label="Style that is lit"
        sx={{
          display: "flex",
          gap: 0.75,
          flexWrap: { xs: "nowrap", md: "wrap" },
          overflowX: { xs: "auto", md: "visible" },
          flex: { xs: "1 0 100%", md: 1 },
          minWidth: 0,
          pb: 0.5,
        }}
      >
        <Chip
          size="small"
          label="All styles"
          variant={hanging.style === null ? "filled" : "outlined"}
          color={hanging.style === null ? "secondary" : "default"}
          aria-pressed={hanging.style === null}
          onClick={() => hanging.light(null)}
        />
        {sheet.styles.map((style) => (
          <Chip
            key={style.id}
            size="small"
            label={style.up === style.count ? `${style.name} ✓` : style.name}
            variant={hanging.style === style.id ? "filled" : "outlined"}
            color={hanging.style === style.id ? "secondary" : "default"}
            aria-pressed={hanging.style === style.id}
            onClick={() => hanging.light(style.id)}
            icon={
              <Box
                component="span"
                aria-hidden
                sx={(theme) => ({
                  width: 11,
                  height: 11,
                  borderRadius: "50%",
                  bgcolor: style.colour ?? "transparent",
                  border: `1px solid ${theme.palette.tokens.edge}`,
                })}
              />
            }
          />
        ))}
      </Box>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={hanging.side}
        aria-label="Side one looks at"
        onChange={(_, side: Side | null) => side && hanging.look(side)}
      >
        {SIDES.map((side) => (
          <ToggleButton key={side} value={side} sx={{ py: 0.25 }}>
            {side === "all" ? "all sides" : side}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}

function Foot({ pieceId, sheet, hanging }: { pieceId: string; sheet: Schemas["HangingSheet"]; hanging: Hanging }) {
  const at = sheet.styles.findIndex((style) => style.id === hanging.style);
  const query = hanging.style === null ? "" : `?style=${hanging.style}`;
  const whole = sheet.evenness.whole;
  return (
    <Box
      className="not-on-paper"
      sx={(theme) => ({
        px: 2,
        py: 1,
        display: "flex",
        gap: { xs: 0.75, sm: 1.5 },
        alignItems: "center",
        flexWrap: "wrap",
        borderTop: `1px solid ${theme.palette.divider}`,
        bgcolor: "background.paper",
      })}
    >
      <Typography variant="body2" sx={{ flex: { xs: "1 0 100%", sm: 1 }, minWidth: 180 }}>
        <strong>
          {at >= 0 ? `${ordinal(at + 1)} of ${sheet.styles.length} styles` : `${sheet.styles.length} styles`}
        </strong>
        <Typography component="span" variant="body2" color="textSecondary">
          {` · ${sheet.up} of ${sheet.sites.length} up`}
          {whole === null ? "" : ` · evenness ${ratio(whole)} of 2.15`}
        </Typography>
      </Typography>
      <Button size="small" variant="outlined" onClick={() => window.print()}>
        Print
      </Button>
      <Button size="small" variant="outlined" href={`/api/pieces/${pieceId}/hanging.pdf${query}`}>
        PDF
      </Button>
      <Button size="small" variant="outlined" href={`/api/pieces/${pieceId}/hanging.svg${query}`}>
        SVG
      </Button>
      <Button size="small" variant="contained" color="secondary" disabled={!hanging.next} onClick={hanging.hangNext}>
        {hanging.next ? "Next one is up" : "All are up"}
      </Button>
    </Box>
  );
}

function MapScreen({ pieceId, sheet }: { pieceId: string; sheet: Schemas["HangingSheet"] }) {
  const hanging = useHangingMap(pieceId, sheet);
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
        gridTemplateRows: { xs: "auto minmax(240px, 44%) minmax(0, 1fr) auto", md: "auto minmax(0, 1fr) auto" },
        "@media print": { display: "block", "& .not-on-paper": { display: "none" } },
      }}
    >
      <Chooser sheet={sheet} hanging={hanging} />
      <Box sx={{ minHeight: 0, minWidth: 0, p: 1, gridColumn: 1, "@media print": { height: "12cm" } }}>
        <FlatTree
          map={sheet}
          style={hanging.style}
          side={hanging.side}
          pointed={hanging.pointed}
          onPoint={hanging.point}
          onTick={(site) => hanging.tick([site], !site.up)}
        />
      </Box>
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
      <Foot pieceId={pieceId} sheet={sheet} hanging={hanging} />
    </Box>
  );
}

/** The hanging map of a tree: where every ornament goes, one style at a time. */
export function HangingMap() {
  const { pieceId = "" } = useParams();
  const found = useHangingPiece(pieceId);
  const year = useMe().data?.today.slice(0, 4) ?? "";
  useOthersTicks(pieceId, found.data?.map);
  if (found.isPending) return <Loading what="the hanging map" />;
  if (found.isError) return <Failed error={found.error} retry={() => void found.refetch()} />;
  const { piece, map } = found.data;
  return (
    <>
      <Strip
        crumbs={[
          { label: `Season ${year}`, to: "/" },
          { label: piece.home.name, to: `/homes/${piece.home.id}` },
          { label: piece.room.name, to: `/rooms/${piece.room.id}` },
          { label: piece.name, to: `/pieces/${piece.id}` },
          { label: "Hanging map" },
        ]}
      >
        <Chip
          size="small"
          variant="outlined"
          label={daysToGo(piece.days_to_go)}
          sx={{ display: { xs: "none", sm: "inline-flex" } }}
        />
        <Button size="small" component={RouterLink} to={`/pieces/${piece.id}`}>
          To the bench
        </Button>
      </Strip>
      {map && map.sites.length > 0 ? (
        <MapScreen key={pieceId} pieceId={pieceId} sheet={map} />
      ) : (
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
      )}
    </>
  );
}
