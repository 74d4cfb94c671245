import DangerousOutlined from "@mui/icons-material/DangerousOutlined";
import InfoOutlined from "@mui/icons-material/InfoOutlined";
import ReportProblemOutlined from "@mui/icons-material/ReportProblemOutlined";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../api/client";
import { steady } from "./steady";

type Severity = Schemas["Finding"]["severity"];

const WORDS: Record<Severity, string> = { stop: "Stop", caution: "Caution", info: "Note" };
const ICONS = { stop: DangerousOutlined, caution: ReportProblemOutlined, info: InfoOutlined };

/** One finding: severity by icon and word, never by colour alone. */
function CautionDrawn({ finding }: { finding: Pick<Schemas["Finding"], "severity" | "message"> }) {
  const Icon = ICONS[finding.severity];
  return (
    <Box
      sx={(theme) => {
        const tokens = theme.palette.tokens;
        const edge = { stop: tokens.brick, caution: tokens.quince, info: tokens.lichen }[finding.severity];
        const fill = { stop: tokens.brickWash, caution: tokens.quinceWash, info: "transparent" }[finding.severity];
        return {
          display: "flex",
          gap: 1,
          p: 1,
          borderLeft: `3px solid ${edge}`,
          background: fill,
          borderRadius: "2px",
        };
      }}
    >
      <Icon
        aria-hidden
        sx={{ fontSize: 18, mt: "1px", color: finding.severity === "stop" ? "error.main" : "text.secondary" }}
      />
      <Typography variant="body2">
        <strong>{WORDS[finding.severity]}.</strong> {finding.message}
      </Typography>
    </Box>
  );
}

export const Caution = steady(CautionDrawn);
