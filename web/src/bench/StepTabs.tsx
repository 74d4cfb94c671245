import DangerousOutlined from "@mui/icons-material/DangerousOutlined";
import ReportProblemOutlined from "@mui/icons-material/ReportProblemOutlined";
import Box from "@mui/material/Box";
import Tab from "@mui/material/Tab";
import Tabs from "@mui/material/Tabs";
import type { Theme } from "@mui/material/styles";
import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { useInTurn } from "../parts/InTurn";
import { steady } from "../parts/steady";
import { walkDials } from "./dialWalk";

export interface Step<Id extends string> {
  id: Id;
  label: string;
  /** The gravest finding at this step, if any. */
  worst?: "stop" | "caution" | undefined;
}

/** The gravest of what is found at a step. */
export function worst(cautions: Schemas["StepCaution"][], step: string): "stop" | "caution" | undefined {
  const here = cautions.filter((caution) => caution.step === step);
  if (here.some((caution) => caution.severity === "stop")) return "stop";
  return here.some((caution) => caution.severity === "caution") ? "caution" : undefined;
}

interface RowProps<Id extends string> {
  steps: Step<Id>[];
  current: Id;
  onChange: (id: Id) => void;
}

/** The order of work along the edge of a bench. */
function StepRowDrawn<Id extends string>({ steps, current, onChange }: RowProps<Id>) {
  return (
    <Tabs
      value={current}
      onChange={(_, next: Id) => onChange(next)}
      variant="scrollable"
      scrollButtons="auto"
      allowScrollButtonsMobile
      textColor="inherit"
      indicatorColor="secondary"
      aria-label="Order of work"
      sx={(theme) => ({ minHeight: 42, px: 1, borderBottom: `1px solid ${theme.palette.divider}`, flexShrink: 0 })}
    >
      {steps.map((step, i) => {
        const Icon = step.worst === "stop" ? DangerousOutlined : ReportProblemOutlined;
        return (
          <Tab
            key={step.id}
            value={step.id}
            id={`step-${step.id}`}
            aria-controls="step-dials"
            label={
              <Box component="span" sx={{ display: "inline-flex", alignItems: "center", gap: 0.5 }}>
                {step.label}
                {step.worst && (
                  <Icon
                    titleAccess={step.worst === "stop" ? "has a stop" : "has a caution"}
                    sx={{ fontSize: 15, color: step.worst === "stop" ? "error.main" : "text.secondary" }}
                  />
                )}
              </Box>
            }
            title={`Key ${i + 1}`}
            sx={{
              minHeight: 42,
              minWidth: 0,
              opacity: 1,
              color: current === step.id ? "text.primary" : "text.secondary",
              px: 1.5,
              fontSize: "0.875rem",
              fontWeight: current === step.id ? 700 : 500,
            }}
          />
        );
      })}
    </Tabs>
  );
}

/** A shade at the lower edge of what scrolls, as long as more follows there: the cover over it scrolls away with the end. */
function moreBelow(theme: Theme) {
  const { paper } = theme.palette.background;
  return {
    background: `linear-gradient(transparent, ${paper} 70%) bottom / 100% 40px no-repeat local, linear-gradient(transparent, ${theme.palette.divider}) bottom / 100% 14px no-repeat scroll, ${paper}`,
  };
}

const StepRow = steady(StepRowDrawn);

/** The order of work along the edge of a bench, and the dials of the chosen step. */
export function StepTabs<Id extends string>({
  steps,
  current,
  onChange,
  children,
}: RowProps<Id> & { children: ReactNode }) {
  // The row of steps comes first, with the room of their dials.
  const { built } = useInTurn(2);
  return (
    <>
      <StepRow steps={steps} current={current} onChange={onChange} />
      <Box
        key={current}
        id="step-dials"
        role="tabpanel"
        aria-labelledby={`step-${current}`}
        tabIndex={0}
        onKeyDownCapture={walkDials}
        sx={(theme) => ({ flex: 1, overflow: "auto", px: 2, py: 1.5, ...moreBelow(theme) })}
      >
        {built > 1 && children}
      </Box>
    </>
  );
}
