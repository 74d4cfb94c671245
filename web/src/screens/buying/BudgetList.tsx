import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { money, plainMoney } from "../../units/format";
import { useCurrency } from "../../units/useUnits";

type Budget = Schemas["Budget"];

/** Bought, still to buy and what is planned as lengths of one scale; under them what comes from stock. */
function Bar({ budget, most }: { budget: Budget; most: number }) {
  const share = (cents: number) => `${(100 * cents) / most}%`;
  const planned = budget.planned_cents ?? 0;
  return (
    <Box aria-hidden sx={{ my: 0.75 }}>
      <Box sx={{ position: "relative", height: 14 }}>
        <Box
          sx={(theme) => ({
            position: "absolute",
            inset: 0,
            width: share(planned),
            border: planned > 0 ? `1px solid ${theme.palette.tokens.edge}` : "none",
          })}
        />
        <Box sx={{ position: "absolute", inset: 0, width: share(budget.bought_cents), bgcolor: "primary.main" }} />
        <Box
          sx={(theme) => ({
            position: "absolute",
            top: 0,
            bottom: 0,
            left: share(budget.bought_cents),
            width: share(budget.to_buy_cents),
            border: `1px solid ${theme.palette.tokens.lichen}`,
            background: `repeating-linear-gradient(135deg, ${theme.palette.tokens.lichen} 0 2px, ${theme.palette.background.paper} 2px 5px)`,
          })}
        />
      </Box>
      <Box
        sx={(theme) => ({
          height: 4,
          mt: "3px",
          width: share(budget.stock_cents),
          bgcolor: theme.palette.tokens.kraftLid,
        })}
      />
    </Box>
  );
}

/** What each home may cost and does. */
export function BudgetList({ budgets, onPlan }: { budgets: Budget[]; onPlan: (home: string) => void }) {
  const currency = useCurrency();
  const most = Math.max(
    1,
    ...budgets.map((one) => Math.max(one.planned_cents ?? 0, one.bought_cents + one.to_buy_cents, one.stock_cents)),
  );
  return (
    <Box component="section" aria-label="Budget">
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        Budget
      </Typography>
      {budgets.length === 0 && <Typography color="textSecondary">No homes yet.</Typography>}
      {budgets.map((budget) => {
        const left = budget.left_cents;
        return (
          <ButtonBase
            key={budget.id}
            onClick={() => onPlan(budget.id)}
            sx={(theme) => ({
              display: "block",
              width: "100%",
              textAlign: "left",
              py: 1,
              borderTop: `1px solid ${theme.palette.divider}`,
            })}
          >
            <Box sx={{ display: "flex", gap: 1 }}>
              <Typography sx={{ flex: 1, fontWeight: 600, minWidth: 0 }} noWrap>
                {budget.name}
              </Typography>
              <Typography noWrap color={left !== null && left < 0 ? "error" : "textPrimary"}>
                {left === null ? (
                  "not planned"
                ) : (
                  <>
                    {left < 0 ? "over" : "left"} <strong>{money(Math.abs(left), currency)}</strong>
                  </>
                )}
              </Typography>
            </Box>
            <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>
              <Box sx={{ flex: 1 }}>
                <Bar budget={budget} most={most} />
              </Box>
              {budget.planned_cents !== null && (
                <Typography variant="body2" color="textSecondary" noWrap>
                  planned {money(budget.planned_cents, currency)}
                </Typography>
              )}
            </Box>
            <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 1 }}>
              {(
                [
                  ["bought", budget.bought_cents, "primary.main"],
                  ["to buy", budget.to_buy_cents, "tokens.lichen"],
                  ["stock", budget.stock_cents, "tokens.kraftLid"],
                ] as const
              ).map(([says, cents, colour]) => (
                <Typography key={says} variant="body2" color="textSecondary" noWrap>
                  <Box
                    component="span"
                    aria-hidden
                    sx={(theme) => ({
                      display: "inline-block",
                      width: 8,
                      height: 8,
                      mr: 0.5,
                      bgcolor:
                        colour === "primary.main"
                          ? "primary.main"
                          : colour === "tokens.lichen"
                            ? theme.palette.tokens.lichen
                            : theme.palette.tokens.kraftLid,
                    })}
                  />
                  {says} <strong>{plainMoney(cents)}</strong>
                </Typography>
              ))}
            </Box>
          </ButtonBase>
        );
      })}
    </Box>
  );
}
