import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link as RouterLink } from "react-router";
import { ask, asProblem, client, type Problem, type Schemas } from "../api/client";
import { keys } from "../api/queries";
import { inLine } from "../parts/ledgerWords";
import { ProblemAlert } from "../parts/ProblemAlert";
import { SideDrawer } from "../parts/SideDrawer";
import { useUndo } from "../parts/undo";
import { date, type Units } from "../units/format";
import { useUnits } from "../units/useUnits";

type Told = Schemas["Claims"];
type Claim = Told["items"][number];

/** From when to when a home keeps its things: days that are not said yet are open. */
function dates({ visit_on, strike_on }: Claim): string {
  if (visit_on && strike_on) return `${date(visit_on)} to ${date(strike_on)}`;
  if (visit_on) return `from ${date(visit_on)}, no strike day yet`;
  return strike_on ? `until ${date(strike_on)}, no visit yet` : "no dates yet";
}

interface RowProps {
  claim: Claim;
  told: Told;
  units: Units;
  /** Where this piece may come first instead. */
  onFirst?: (() => void) | undefined;
}

/** What one piece gets of what it wants, on the scale of all there is. */
function Row({ claim, told, units, onFirst }: RowProps) {
  const scale = Math.max(told.on_hand, ...told.items.map(({ wanted }) => wanted), 1e-9);
  const share = (value: number) => `${(100 * value) / scale}%`;
  const quantity = (value: number) => inLine(value, told, units);
  const gets = claim.held >= claim.wanted ? `keeps ${quantity(claim.held)}` : `gets ${quantity(claim.held)}`;
  return (
    <Box component="li" sx={(theme) => ({ py: 1.25, borderTop: `1px solid ${theme.palette.divider}` })}>
      <Box sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
        <Box sx={{ flex: 1 }}>
          {claim.mine ? (
            <Typography sx={{ fontWeight: 600 }}>{claim.name}, this piece</Typography>
          ) : (
            <Link component={RouterLink} to={`/pieces/${claim.piece}`} sx={{ fontWeight: 600 }} color="inherit">
              {claim.name}
            </Link>
          )}
          <Typography variant="body2" color="textSecondary">
            {claim.home}, {claim.room}
            <br />
            {dates(claim)}
          </Typography>
        </Box>
        <Typography
          variant="body2"
          sx={{ fontWeight: 600, color: claim.held < claim.wanted ? "error.main" : "text.primary" }}
        >
          {gets}
          {claim.held < claim.wanted && ` of ${quantity(claim.wanted)}`}
        </Typography>
      </Box>
      <Box
        aria-hidden
        sx={(theme) => ({
          mt: 0.75,
          height: 10,
          width: share(claim.wanted),
          minWidth: 4,
          borderRadius: "5px",
          overflow: "hidden",
          border: `1px ${claim.held < claim.wanted ? "dashed" : "solid"} ${theme.palette.text.secondary}`,
        })}
      >
        <Box
          sx={{
            height: "100%",
            width: `${claim.wanted > 0 ? (100 * claim.held) / claim.wanted : 0}%`,
            bgcolor: told.colour ?? "text.secondary",
            opacity: claim.mine ? 1 : 0.6,
          }}
        />
      </Box>
      {onFirst && (
        <Button size="small" onClick={onFirst} sx={{ mt: 0.5, ml: -0.5 }}>
          Let this piece come first
        </Button>
      )}
    </Box>
  );
}

interface Props {
  pieceId: string;
  styleId: string;
  onClose: () => void;
}

/** Who wants a style while this piece hangs, first come first; who comes first may be swapped. */
export function ClaimsDrawer({ pieceId, styleId, onClose }: Props) {
  const units = useUnits();
  const cache = useQueryClient();
  const { say } = useUndo();
  const [problem, setProblem] = useState<Problem | null>(null);
  const claims = useQuery({
    queryKey: keys.claims(pieceId, styleId),
    queryFn: () =>
      ask(client.GET("/api/pieces/{id}/claims/{style}", { params: { path: { id: pieceId, style: styleId } } })),
    staleTime: 0,
  });
  const told = claims.data;
  const mine = told?.items.findIndex((claim) => claim.mine) ?? -1;
  const own = told?.items[mine];

  async function swap(first: string, before: string) {
    try {
      await ask(
        client.POST("/api/pieces/{id}/claims/{style}/first", {
          params: { path: { id: first, style: styleId } },
          body: { before },
        }),
      );
      setProblem(null);
      await Promise.all([
        cache.invalidateQueries({ queryKey: keys.claims(pieceId, styleId) }),
        cache.invalidateQueries({ queryKey: keys.styles }),
      ]);
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  async function comeFirst(other: Claim) {
    await swap(pieceId, other.piece);
    say(`It comes to ${told?.name} before ${other.name} now.`, () => swap(other.piece, pieceId));
  }

  return (
    <SideDrawer title={told ? `Who wants ${told.name}` : "Who wants it"} closes="Close who wants it" onClose={onClose}>
      {claims.isPending && <Typography role="status">Looking it up …</Typography>}
      {claims.isError && <Typography role="status">{claims.error.message}</Typography>}
      <ProblemAlert problem={problem} />
      {told && (
        <>
          <Typography sx={{ mt: 1 }}>
            {inLine(told.on_hand, told, units)} on hand, {told.free > 0 ? inLine(told.free, told, units) : "none"} free
            for this piece.
          </Typography>
          <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5, mb: 1.5 }}>
            Who came first keeps what it wants from visit to strike. A saved change counts, one still being dialled does
            not.
          </Typography>
          {told.items.length === 0 && <Typography>Nobody wants any of it on these dates.</Typography>}
          <Box component="ol" aria-label="First come first" sx={{ listStyle: "none", m: 0, p: 0 }}>
            {told.items.map((claim, i) => (
              <Row
                key={claim.piece}
                claim={claim}
                told={told}
                units={units}
                onFirst={
                  own && own.held < own.wanted && i < mine && claim.held > 0 ? () => void comeFirst(claim) : undefined
                }
              />
            ))}
          </Box>
          {told.total > told.items.length && (
            <Typography variant="body2" color="textSecondary">
              And {told.total - told.items.length} more pieces.
            </Typography>
          )}
        </>
      )}
    </SideDrawer>
  );
}
