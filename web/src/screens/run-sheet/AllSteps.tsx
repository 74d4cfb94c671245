import CheckRounded from "@mui/icons-material/CheckRounded";
import PrintOutlined from "@mui/icons-material/PrintOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { clockOf, stepName } from "../days/dayLayout";
import type { Progress, RunStep, Sheet } from "./progress";
import { Notes } from "./Notes";
import type { Run } from "./useRunSheet";

/** Every step of the visit, room by room: what is up, what waits, and the way to any of them. */
export function AllSteps({
  run,
  sheet,
  progress,
  onGo,
}: {
  run: Run;
  sheet: Sheet;
  progress: Progress;
  onGo: (step: RunStep) => void;
}) {
  /** What was ticked by mistake is still to be done. */
  function notYet({ id, title }: RunStep) {
    progress.acts
      .filter(({ kind, step }) => kind === "up" && step === id)
      .forEach(({ key }) => run.takeBack(key, title));
  }
  const names = new Map(sheet.workers.map(({ id, name }) => [id, name.split(" ")[0] ?? name]));
  return (
    <Box sx={{ maxWidth: 1100, mx: "auto", p: 2, width: "100%" }}>
      <Box sx={{ display: "flex", alignItems: "baseline", mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          All steps
        </Typography>
        <Button component="a" href={`/api/visits/${sheet.visit.id}/run-sheet.pdf`} startIcon={<PrintOutlined />}>
          On paper
        </Button>
      </Box>
      <Box sx={{ columnWidth: { md: 340 }, columnGap: 4 }}>
        {sheet.home.rooms.map((room) => {
          const steps = sheet.steps.filter((step) => step.room === room.id);
          if (steps.length === 0) return null;
          return (
            <Box key={room.id} component="section" aria-label={room.name} sx={{ mb: 2 }}>
              <Typography variant="h3" component="h3" sx={{ breakAfter: "avoid" }}>
                {room.name}
              </Typography>
              <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
                {steps.map((step) => {
                  const up = step.turns.filter((turn) => progress.isUp(step, turn)).length;
                  const done = progress.isDone(step);
                  const waits = progress.waitsFor(step);
                  const piece = sheet.pieces.find(({ id }) => id === step.piece)?.name;
                  const who = step.workers.flatMap((id) => names.get(id) ?? []).join(", ");
                  return (
                    <Box
                      component="li"
                      key={step.id}
                      sx={{
                        borderBottom: 1,
                        borderColor: "divider",
                        breakInside: "avoid",
                        display: "flex",
                        alignItems: "center",
                      }}
                    >
                      <ButtonBase
                        onClick={() => onGo(step)}
                        disabled={done || waits !== null}
                        sx={{
                          flex: 1,
                          minWidth: 0,
                          gap: 1,
                          py: 0.75,
                          minHeight: 48,
                          justifyContent: "flex-start",
                          textAlign: "left",
                        }}
                      >
                        <Box sx={{ width: 44, flexShrink: 0, color: "text.secondary" }}>
                          {done ? (
                            <CheckRounded titleAccess="done" color="primary" />
                          ) : step.from_min !== null ? (
                            <Typography variant="body2">{clockOf(step.from_min)}</Typography>
                          ) : null}
                        </Box>
                        <Box sx={{ flex: 1, minWidth: 0 }}>
                          <Typography sx={{ fontWeight: 600, color: done ? "text.secondary" : "text.primary" }}>
                            {stepName(step)}
                            {piece && (
                              <Box component="span" sx={{ fontWeight: 400 }}>
                                , {piece}
                              </Box>
                            )}
                          </Typography>
                          <Typography variant="body2" color="textSecondary">
                            {waits !== null
                              ? `waits for ${waits}`
                              : [
                                  who,
                                  !done && up > 0 && `${up} of ${step.turns.length} ${sheet.strike ? "down" : "up"}`,
                                  progress.isSkipped(step) && !done && "later",
                                  !done && step.waits_for !== null && `waited for ${step.waits_for}`,
                                ]
                                  .filter(Boolean)
                                  .join(" · ")}
                          </Typography>
                        </Box>
                      </ButtonBase>
                      {done && (
                        <Button
                          onClick={() => notYet(step)}
                          aria-label={`Not yet: ${stepName(step)}${piece ? `, ${piece}` : ""}`}
                          sx={{ minHeight: 44 }}
                        >
                          Not yet
                        </Button>
                      )}
                      {waits !== null && (
                        <Button
                          onClick={() => run.said("carry_on", step.title, { step: step.id })}
                          sx={{ minHeight: 44 }}
                        >
                          It came
                        </Button>
                      )}
                    </Box>
                  );
                })}
              </Box>
            </Box>
          );
        })}
        <Notes sheet={sheet} progress={progress} />
      </Box>
    </Box>
  );
}
