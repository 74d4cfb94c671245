import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import Checkbox from "@mui/material/Checkbox";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { Caution } from "../../parts/Caution";
import { clock, clockPosition, depthWords, length } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { ColourDot } from "../../parts/ColourDot";
import { siteKey, type Hanging } from "./useHangingMap";

type Sheet = Schemas["HangingSheet"];

/** How the style's ornaments go in, and how far the nearest two are apart. */
function advice(style: Schemas["HangingStyle"], first: Schemas["HangingSite"] | undefined, nearest: string): string {
  const depth = first ? `${depthWords(first.depth_word).replace(/^./, (c) => c.toUpperCase())}. ` : "";
  const apart = style.nearest_m === null ? "" : `The nearest two are ${nearest} apart.`;
  return depth + apart;
}

function StyleRows({ sheet, hanging }: { sheet: Sheet; hanging: Hanging }) {
  return (
    <Box component="ul" aria-label="Styles in hanging order" sx={{ listStyle: "none", m: 0, p: 0 }}>
      {sheet.styles.map((style, i) => {
        const first = sheet.sites.find((site) => site.style === style.id);
        return (
          <Box
            component="li"
            key={style.id}
            sx={(theme) => ({ borderTop: i > 0 ? `1px solid ${theme.palette.divider}` : 0 })}
          >
            <ButtonBase
              onClick={() => hanging.light(style.id)}
              sx={{ width: "100%", textAlign: "left", display: "flex", gap: 1, py: 1, alignItems: "baseline" }}
            >
              <ColourDot colour={style.colour} />
              <Typography variant="body2" component="span" sx={{ flex: 1 }}>
                <strong>
                  {style.letter} {style.name}, {style.count}
                </strong>
                {first
                  ? `: first in tier ${first.tier} at ${clockPosition(first.clock)}, ${depthWords(first.depth_word)}`
                  : ""}
              </Typography>
              <Typography variant="body2" component="span" color="textSecondary" sx={{ whiteSpace: "nowrap" }}>
                {style.up} up
              </Typography>
            </ButtonBase>
          </Box>
        );
      })}
    </Box>
  );
}

function Places({ hanging, name }: { hanging: Hanging; name: string }) {
  return (
    <Box
      component="table"
      sx={{
        width: "100%",
        borderCollapse: "collapse",
        "& th, & td": { textAlign: "right", px: 0.5, py: 0, fontSize: "0.875rem" },
      }}
    >
      <thead>
        <tr>
          {["no.", "tier", "clock", "depth", "up"].map((title) => (
            <Box
              component="th"
              scope="col"
              key={title}
              sx={{ fontWeight: 500, color: "text.secondary", pb: "4px !important" }}
            >
              {title}
            </Box>
          ))}
        </tr>
      </thead>
      <tbody>
        {hanging.shown.map((site) => {
          const key = siteKey(site);
          return (
            <Box
              component="tr"
              key={key}
              onPointerEnter={() => hanging.point(key)}
              onPointerLeave={() => hanging.point(null)}
              sx={(theme) => ({
                borderTop: `1px solid ${theme.palette.divider}`,
                bgcolor: hanging.pointed === key ? "action.hover" : undefined,
              })}
            >
              <Box component="th" scope="row" sx={{ color: "secondary.main", fontWeight: 700 }}>
                {site.number}
              </Box>
              <td>{site.tier}</td>
              <td>{clockPosition(site.clock)}</td>
              <td>
                {site.depth_word}
                {site.planned ? "" : ", not planned"}
                {site.up && site.by && site.at && (
                  <Typography component="div" sx={{ fontSize: "0.72rem", color: "text.secondary", lineHeight: 1.2 }}>
                    {site.by}, {clock(site.at)}
                  </Typography>
                )}
              </td>
              <td>
                <Checkbox
                  size="small"
                  checked={site.up}
                  onChange={(event) => hanging.tick([site], event.target.checked)}
                  slotProps={{ input: { "aria-label": `${name} no. ${site.number} is up` } }}
                  sx={{ p: "3px" }}
                />
              </td>
            </Box>
          );
        })}
      </tbody>
    </Box>
  );
}

/** The list beside the drawing: styles in hanging order, or the places of the one that is lit. */
export function PlaceList({ sheet, hanging }: { sheet: Sheet; hanging: Hanging }) {
  const units = useUnits();
  const style = sheet.styles.find((known) => known.id === hanging.style);
  const left = hanging.shown.filter((site) => !site.up);
  const findings = sheet.findings;
  return (
    <Box
      role="region"
      aria-label="Places"
      tabIndex={0}
      sx={{ flex: 1, overflow: "auto", px: 2, py: 1.5, minHeight: 0 }}
    >
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, mb: 1 }}>
        <Typography variant="h3" component="h2" sx={{ flex: 1 }}>
          {style?.name ?? "All styles"}
        </Typography>
        <Typography variant="body2" color="textSecondary" role="status">
          {style ? `${style.count} to hang, ${style.up} up` : `${sheet.sites.length} to hang, ${sheet.up} up`}
        </Typography>
      </Box>
      {style ? (
        <>
          {hanging.shown.length === 0 ? (
            <Typography variant="body2" color="textSecondary">
              None of them hangs on this side.
            </Typography>
          ) : (
            <Places hanging={hanging} name={style.name} />
          )}
          <Box sx={{ my: 1.5 }}>
            <Caution
              finding={{
                severity: "info",
                message: advice(
                  style,
                  hanging.shown[0],
                  style.nearest_m === null ? "" : length(style.nearest_m, units),
                ),
              }}
            />
          </Box>
          {left.length > 1 && (
            <Button size="small" variant="outlined" className="not-on-paper" onClick={() => hanging.tick(left, true)}>
              All {left.length} are up
            </Button>
          )}
        </>
      ) : (
        <StyleRows sheet={sheet} hanging={hanging} />
      )}
      <Box sx={{ display: "grid", gap: 1, mt: 1.5 }}>
        {findings.map((finding) => (
          <Caution key={finding.code} finding={finding} />
        ))}
      </Box>
    </Box>
  );
}
