import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { clockPosition, depthWords, ratio } from "../../units/format";
import type { Hanging } from "./useHangingMap";

function ordinal(number: number): string {
  const tail = number % 100 > 10 && number % 100 < 14 ? "th" : (["th", "st", "nd", "rd"][number % 10] ?? "th");
  return `${number}${tail}`;
}

/** Where the next one goes, in words to be read at arm's length, and the one button for it. */
export function NextOne({ sheet, hanging }: { sheet: Schemas["HangingSheet"]; hanging: Hanging }) {
  const { next } = hanging;
  const name = sheet.styles.find((style) => style.id === next?.style)?.name ?? "";
  return (
    <Box
      className="not-on-paper"
      role="group"
      aria-label="The next one"
      sx={(theme) => ({
        px: 2,
        py: 1,
        display: "flex",
        gap: 1.5,
        alignItems: "center",
        borderTop: `1px solid ${theme.palette.divider}`,
        bgcolor: "background.paper",
        gridColumn: 1,
        gridRow: { xs: 4, md: 3 },
      })}
    >
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography variant="body2" color="textSecondary" noWrap>
          {next ? `Next: ${name}, no. ${next.number}` : "Nothing is left to hang"}
        </Typography>
        <Typography component="div" sx={{ fontSize: "1.3rem", fontWeight: 700, lineHeight: 1.25 }}>
          {next ? `tier ${next.tier}, ${clockPosition(next.clock)}, ${depthWords(next.depth_word)}` : "All are up"}
        </Typography>
      </Box>
      <Button
        variant="contained"
        color="secondary"
        disabled={!next}
        onClick={hanging.hangNext}
        sx={{ minHeight: 48, px: 2.5, flexShrink: 0 }}
      >
        It is up
      </Button>
    </Box>
  );
}

/** How far the work is. */
export function Progress({ sheet, hanging }: { sheet: Schemas["HangingSheet"]; hanging: Hanging }) {
  const at = sheet.styles.findIndex((style) => style.id === hanging.style);
  const whole = sheet.evenness.whole;
  return (
    <Typography variant="body2" component="div" sx={{ px: 2, py: 0.5 }}>
      <strong>
        {at >= 0 ? `${ordinal(at + 1)} of ${sheet.styles.length} styles` : `${sheet.styles.length} styles`}
      </strong>
      <Typography component="span" variant="body2" color="textSecondary">
        {` · ${sheet.up} of ${sheet.sites.length} up`}
        {whole === null ? "" : ` · evenness ${ratio(whole)} of 2.15`}
      </Typography>
    </Typography>
  );
}
