import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { Link, useParams } from "react-router";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { PortraitRow } from "../../drawing/shared/PortraitRow";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { Strip } from "../../shell/Strip";
import { minutes, weekday } from "../../units/format";
import { clockOf } from "../days/dayLayout";
import { JobDialog } from "../lessons/JobDialog";
import { useLessons } from "../lessons/useLessons";
import { RemarkDialog } from "./RemarkDialog";
import { RemarkRow } from "./RemarkRow";
import type { Remark } from "./remarkWords";
import { TimeRow } from "./TimeRow";

type Log = Schemas["VisitLog"];
type Piece = Log["pieces"][number];

const SAID: Record<string, string> = { note: "Note", ran_out: "Ran out", wait_for: "Waits for" };
const AGAIN = 900;

/** What a visit took and what was noted of it, piece by piece. */
export function VisitLog() {
  const { visitId = "" } = useParams();
  const log = useQuery({
    queryKey: keys.visitLog(visitId),
    queryFn: () => ask(client.GET("/api/visits/{id}/log", { params: { path: { id: visitId } } })),
    refetchInterval: ({ state }) => (state.data?.pending ? AGAIN : false),
  });
  const rules = useLessons().data?.rules ?? [];
  const [noting, setNoting] = useState<{ piece: Piece | null; remark?: Remark } | null>(null);
  const [correcting, setCorrecting] = useState<Log["times"][number] | null>(null);
  if (log.isPending) return <Loading what="the log" />;
  if (!log.data) return <Failed error={log.error} retry={() => void log.refetch()} />;
  const { home, visit, pieces, times, remarks, said } = log.data;
  const reread = async () => {
    await queryClient.invalidateQueries({ queryKey: keys.days });
    await queryClient.invalidateQueries({ queryKey: keys.ideas });
  };
  const known = new Set(pieces.map(({ id }) => id));
  const rest = times.filter(({ piece }) => piece === null || !known.has(piece));
  const row = (time: Log["times"][number]) => (
    <TimeRow key={time.id} time={time} onCorrect={() => setCorrecting(time)} />
  );
  const list = (of: Remark[], piece: Piece | null) => (
    <Box component="ul" sx={{ m: 0, p: 0 }}>
      {of.map((remark) => (
        <RemarkRow key={remark.id} remark={remark} onChange={() => setNoting({ piece, remark })} reread={reread} />
      ))}
    </Box>
  );
  return (
    <>
      <Strip crumbs={[{ label: "Days", to: "/days" }, { label: `Log of ${home.name}` }]} of={weekday(visit.held_on)}>
        <Typography variant="body2" color="textSecondary" sx={{ display: { xs: "none", sm: "block" } }}>
          {weekday(visit.held_on)}, {clockOf(visit.from_min)} to {clockOf(visit.to_min)}
        </Typography>
        <Button component={Link} to={`/visits/${visit.id}`}>
          Run sheet
        </Button>
      </Strip>
      <Box
        sx={{
          flex: 1,
          minHeight: 0,
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 320px" },
          overflow: { xs: "auto", md: "hidden" },
        }}
      >
        <Box sx={{ overflow: { md: "auto" }, p: { xs: 2, md: 2.5 } }}>
          {pieces.length === 0 && (
            <Notice title="Nothing stands in this home yet">
              Its log has a page for each piece: what it took, what was wrong, what to do next year.
            </Notice>
          )}
          {pieces.map((piece) => (
            <Page
              key={piece.id}
              name={piece.name}
              under={piece.room}
              portrait={piece.portrait ?? null}
              onNote={() => setNoting({ piece })}
            >
              {times.filter((time) => time.piece === piece.id).map(row)}
              {list(
                remarks.filter((remark) => remark.piece === piece.id),
                piece,
              )}
            </Page>
          ))}
          {rest.length > 0 && (
            <Page name="Rooms, and what was timed together" under="" portrait={null}>
              {rest.map((time) => (
                <Box key={time.id}>
                  <Typography variant="body2" color="textSecondary" sx={{ pt: 0.75 }}>
                    {time.piece_name}
                  </Typography>
                  {row(time)}
                </Box>
              ))}
            </Page>
          )}
        </Box>
        <Box
          component="aside"
          aria-label="The visit"
          sx={{ p: 2, overflow: { md: "auto" }, borderLeft: { md: 1 }, borderColor: { md: "divider" } }}
        >
          <Typography variant="h2">All together</Typography>
          {times.length === 0 ? (
            <Typography color="textSecondary" sx={{ mt: 0.5 }}>
              No time is known of it yet. What is done on the run sheet is timed by its ticks.
            </Typography>
          ) : (
            <>
              <Typography sx={{ fontSize: "2.25rem", fontWeight: 700, lineHeight: 1.2 }}>
                {minutes(log.data.minutes.plain)}
              </Typography>
              <Typography color="textSecondary">
                at the usual pace; the book says {minutes(log.data.minutes.planned)}
              </Typography>
            </>
          )}
          {log.data.pending && <Typography role="status">Reading run sheets …</Typography>}
          <Button component={Link} to="/house-rules/log" sx={{ ml: -0.75, mt: 0.5 }}>
            What the log teaches
          </Button>
          <Box sx={{ display: "flex", alignItems: "center", mt: 2 }}>
            <Typography variant="h2" sx={{ flex: 1 }}>
              Of the visit
            </Typography>
            <Button startIcon={<Add />} onClick={() => setNoting({ piece: null })}>
              Note
            </Button>
          </Box>
          {list(
            remarks.filter(({ piece }) => piece === null || !known.has(piece)),
            null,
          )}
          {said.length > 0 && (
            <Box component="section" aria-label="Said on the run sheet" sx={{ mt: 2 }}>
              <Typography variant="h2" gutterBottom>
                Said on the run sheet
              </Typography>
              {said.map((one) => (
                <Box key={one.key} sx={{ py: 0.75, borderTop: 1, borderColor: "divider" }}>
                  <Typography sx={{ overflowWrap: "anywhere" }}>
                    <strong>{SAID[one.kind]}</strong> {one.says}
                  </Typography>
                  <Typography variant="body2" color="textSecondary">
                    {[clockOf(one.minute), one.by].filter(Boolean).join(" · ")}
                  </Typography>
                </Box>
              ))}
            </Box>
          )}
        </Box>
      </Box>
      {noting && (
        <RemarkDialog
          visit={visit.id}
          piece={noting.piece}
          {...(noting.remark ? { remark: noting.remark } : {})}
          onKept={reread}
          onClose={() => setNoting(null)}
        />
      )}
      {correcting?.parts[0] && rules.length > 0 && (
        <JobDialog
          time={correcting}
          rule={correcting.parts[0].rule}
          rules={rules}
          onClose={() => {
            setCorrecting(null);
            void reread();
          }}
        />
      )}
    </>
  );
}

function Page({
  name,
  under,
  portrait,
  onNote,
  children,
}: {
  name: string;
  under: string;
  portrait: Schemas["Portrait"] | null;
  onNote?: () => void;
  children: ReactNode;
}) {
  return (
    <Box
      component="section"
      aria-label={name}
      sx={{ mb: 2, p: 2, bgcolor: "background.paper", borderRadius: 1, border: 1, borderColor: "divider" }}
    >
      <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, mb: 0.5 }}>
        {portrait && <PortraitRow portraits={[portrait]} width={56} height={48} />}
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Typography variant="h2">{name}</Typography>
          <Typography variant="body2" color="textSecondary">
            {under}
          </Typography>
        </Box>
        {onNote && (
          <Button startIcon={<Add />} onClick={onNote} aria-label={`Note of ${name}`}>
            Note
          </Button>
        )}
      </Box>
      {children}
    </Box>
  );
}
