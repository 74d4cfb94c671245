import Close from "@mui/icons-material/Close";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Drawer from "@mui/material/Drawer";
import IconButton from "@mui/material/IconButton";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../api/client";
import { Caution } from "../parts/Caution";
import { quantity } from "../units/format";
import { numberReading } from "../units/reading";
import { useUnits } from "../units/useUnits";

interface Props {
  open: boolean;
  /** Not there while it is being fetched. */
  sheet: Schemas["WorkingSheet"] | undefined;
  error?: Error | null;
  onClose: () => void;
}

function Steps({ steps }: { steps: Schemas["WorkingStep"][] }) {
  const units = useUnits();
  return (
    <Box component="ol" sx={{ pl: 0, m: 0, listStyle: "none" }}>
      {steps.map((step, i) => (
        <Box
          component="li"
          key={`${step.gives} ${i}`}
          sx={(theme) => ({ py: 1.25, borderTop: `1px solid ${theme.palette.divider}` })}
        >
          <Typography variant="body2">{step.says}</Typography>
          <Box sx={{ display: "flex", justifyContent: "space-between", gap: 2, alignItems: "baseline" }}>
            <Typography variant="body2" color="textSecondary" sx={{ overflowWrap: "anywhere" }}>
              {step.sum}
            </Typography>
            <Typography sx={{ fontWeight: 600, whiteSpace: "nowrap" }}>
              = {quantity(step.value, step.unit, units)}
            </Typography>
          </Box>
        </Box>
      ))}
    </Box>
  );
}

/** How a figure came about: the rule in words, the arithmetic, what another school says, which house rule would change it. */
export function WorkingDrawer({ open, sheet, error, onClose }: Props) {
  const units = useUnits();
  return (
    <Drawer
      anchor="right"
      open={open}
      onClose={onClose}
      slotProps={{
        paper: { sx: { width: { xs: "100%", sm: 420 } }, "aria-labelledby": "working-title", role: "dialog" },
      }}
    >
      {!sheet && (
        <Box sx={{ p: 2.5 }}>
          <Typography id="working-title" variant="body2" role="status">
            {error ? error.message : "Looking it up …"}
          </Typography>
          <Button onClick={onClose} sx={{ mt: 1 }}>
            Close
          </Button>
        </Box>
      )}
      {sheet && (
        <Box sx={{ p: 2.5, overflow: "auto" }}>
          <Box sx={{ display: "flex", alignItems: "flex-start", gap: 1, mb: 1 }}>
            <Box sx={{ flex: 1 }}>
              <Typography id="working-title" variant="h2">
                {sheet.title}
              </Typography>
              <Typography variant="body2" color="textSecondary">
                {sheet.rules.map((rule) => rule.title).join(", then ") || "House rates, one after the other"}
              </Typography>
            </Box>
            <IconButton onClick={onClose} aria-label="Close the working" size="small" autoFocus>
              <Close fontSize="small" />
            </IconButton>
          </Box>
          <Typography variant="body2" color="textSecondary" sx={{ mb: 0.5 }}>
            {units === "imperial" ? "Sums are in feet" : "Sums are in metres"}; results as you read them.
          </Typography>
          <Steps steps={sheet.steps} />
          {sheet.other_schools.length > 0 && (
            <Section title="Another school">
              {sheet.other_schools.map((school) => (
                <Typography key={school.says} variant="body2">
                  {school.says} <strong>{quantity(school.value, school.unit, units)}</strong>.
                </Typography>
              ))}
            </Section>
          )}
          {sheet.findings.length > 0 && (
            <Section title="What it tells">
              {sheet.findings.map((finding) => (
                <Caution key={finding.code} finding={finding} />
              ))}
            </Section>
          )}
          {sheet.house_rules.length > 0 && (
            <Section title="House rules behind it">
              {sheet.house_rules.map((rule) => (
                <RuleBehind key={rule.key} rule={rule} />
              ))}
            </Section>
          )}
        </Box>
      )}
    </Drawer>
  );
}

function RuleBehind({ rule }: { rule: Schemas["WorkingSheet"]["house_rules"][number] }) {
  const reading = numberReading(rule.unit, useUnits());
  return (
    <Box sx={{ display: "flex", justifyContent: "space-between", gap: 2 }}>
      <Link component={RouterLink} to={`/house-rules#${rule.key}`} variant="body2">
        {rule.title}
      </Link>
      <Typography variant="body2" sx={{ whiteSpace: "nowrap" }}>
        {reading.brief(rule.value)} {reading.unit}
      </Typography>
    </Box>
  );
}

function Section({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box component="section" sx={(theme) => ({ mt: 1, pt: 1.5, borderTop: `2px solid ${theme.palette.text.primary}` })}>
      <Typography variant="h3" sx={{ mb: 0.75 }}>
        {title}
      </Typography>
      <Box sx={{ display: "grid", gap: 0.75 }}>{children}</Box>
    </Box>
  );
}
