import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import { useRef } from "react";
import { useSize } from "../../drawing/shared/useSize";
import { weekday } from "../../units/format";
import { DayHead } from "./DayHead";
import { Ghost } from "./Ghost";
import { StepBlock } from "./StepBlock";
import { WorkedBlock } from "./WorkedBlock";
import type { Moves } from "./useMoves";
import { Thread } from "./Thread";
import {
  blocksOf,
  clockOf,
  NAMES,
  ROW,
  lanesOf,
  waitsOf,
  workedOn,
  type Day,
  type Span,
  type Step,
  type Visit,
} from "./dayLayout";

/** Below the rows: what goes on by itself. */
const ITSELF = 28;
const LEAST_WAIT = 70;
/** A narrower page moves the day under itself; right of the hours stands when it ends. */
const LEAST_WIDE = 760;
const ENDS = 56;

interface Props {
  span: Span;
  day: Day;
  hours: { from: number; to: number };
  chosen: string | null;
  moves: Moves;
  onChoose: (step: Step) => void;
  onChange: (visit: Visit) => void;
  onDelete: (visit: Visit) => void;
  onAsk: (visit: Visit, what: "if" | "ready") => void;
}

function firstName(name: string): string {
  return name.split(" ")[0] ?? name;
}

/** One day: an hour scale, a row for each person, what they put up painted on each step. */
export function DayPanel({ span, day, hours, chosen, moves, onChoose, onChange, onDelete, onAsk }: Props) {
  const { palette } = useTheme();
  const box = useRef<HTMLDivElement>(null);
  const { width } = useSize(box);
  const scale = (Math.max(width, LEAST_WIDE) - NAMES - ENDS) / (hours.to - hours.from);
  const x = (minute: number) => (minute - hours.from) * scale;
  const blocks = blocksOf(span, day);
  const worked = workedOn(span, day);
  const shown = waitsOf(span, day)
    .map((wait) => ({ ...wait, from: Math.max(wait.from, hours.from), to: Math.min(wait.to, hours.to) }))
    .filter(({ from, to }) => to > from)
    // No narrower than its words.
    .map((wait) => ({ ...wait, to: Math.max(wait.to, wait.from + LEAST_WAIT / scale) }));
  const waits = lanesOf(shown);
  const high = day.workers.length * ROW;
  const itself = waits.length > 0 ? 2 + ITSELF * (1 + Math.max(...waits.map(({ lane }) => lane))) : 0;
  const chain = span.chain
    .flatMap((id) => blocks.find(({ step }) => step.id === id) ?? [])
    .sort((one, other) => one.from - other.from);
  const last = chain.at(-1);
  const ghost = moves.ghost?.on === day.on ? moves.ghost : null;
  const ends = last && last.step.id === span.chain.at(-1) && span.steps.every(({ why }) => why === null);
  const pieces = new Map(span.pieces.map((piece) => [piece.id, piece]));
  const marks = Array.from({ length: Math.floor((hours.to - hours.from) / 60) + 1 }, (_, i) => hours.from + i * 60);

  return (
    <Box
      component="section"
      aria-label={weekday(day.on)}
      sx={{
        bgcolor: "background.paper",
        border: 1,
        borderColor: "divider",
        borderRadius: 1,
        px: 1.25,
        pt: 1,
        pb: 0.75,
      }}
    >
      <DayHead
        span={span}
        day={day}
        blocks={[...worked, ...blocks]}
        onChange={onChange}
        onDelete={onDelete}
        onAsk={onAsk}
      />
      {/* Keys reach the hours through their steps; while none is placed, by themselves. */}
      <Box
        ref={box}
        {...(blocks.length + worked.length === 0 && {
          tabIndex: 0,
          role: "group",
          "aria-label": `Hours of ${weekday(day.on)}`,
        })}
        sx={{ overflowX: "auto" }}
      >
        <Box sx={{ position: "relative", height: 20 + high + itself, minWidth: LEAST_WIDE }}>
          {marks.map((mark) => (
            <Typography
              key={mark}
              variant="caption"
              color="textSecondary"
              aria-hidden
              sx={{ position: "absolute", left: NAMES + x(mark), top: 0, transform: "translateX(-50%)" }}
            >
              {mark / 60}
            </Typography>
          ))}
          <Box sx={{ position: "absolute", left: 0, right: 0, top: 20 }}>
            <svg
              aria-hidden
              width={Math.max(width, LEAST_WIDE) - NAMES}
              height={high + itself}
              style={{ position: "absolute", left: NAMES, top: 0, overflow: "visible" }}
            >
              {marks.map((mark) => (
                <line key={mark} x1={x(mark)} x2={x(mark)} y1={0} y2={high + itself - 6} stroke={palette.divider} />
              ))}
              {day.visits.flatMap(({ id, lunch_from_min: lunch, lunch_min }) =>
                lunch === null || lunch_min === 0 ? (
                  []
                ) : (
                  <rect
                    key={id}
                    x={x(lunch)}
                    width={lunch_min * scale}
                    y={0}
                    height={high}
                    fill={palette.tokens.frost}
                    opacity={0.6}
                  />
                ),
              )}
            </svg>
            {day.workers.map(({ id, name }, i) => (
              <Typography
                key={id}
                variant="body2"
                sx={{
                  position: "absolute",
                  top: i * ROW + 14,
                  left: 0,
                  width: NAMES - 6,
                  overflow: "hidden",
                  textOverflow: "ellipsis",
                }}
                title={name}
              >
                {firstName(name)}
              </Typography>
            ))}
            {itself > 0 && (
              <Typography variant="caption" color="textSecondary" sx={{ position: "absolute", top: high + 5, left: 0 }}>
                by itself
              </Typography>
            )}
            {width > 0 &&
              worked.map((block) => (
                <WorkedBlock
                  key={`${block.step.id} ${block.top} ${block.from}`}
                  block={block}
                  piece={pieces.get(block.step.piece ?? "")}
                  left={NAMES + x(block.from) + 1}
                  wide={Math.max((block.to - block.from) * scale - 2, 5)}
                  chosen={chosen === block.step.id}
                  onChoose={onChoose}
                />
              ))}
            {width > 0 &&
              blocks.map((block) => (
                <StepBlock
                  key={`${block.step.id} ${block.top}`}
                  block={block}
                  piece={pieces.get(block.step.piece ?? "")}
                  left={NAMES + x(block.from) + 1}
                  wide={Math.max((block.to - block.from) * scale - 2, 5)}
                  scale={scale}
                  chosen={chosen === block.step.id}
                  onChoose={onChoose}
                  onShift={(one, minutes, rows) => void moves.shift(day, one, minutes, rows)}
                />
              ))}
            {width > 0 && ghost && <Ghost ghost={ghost} x={x} />}
            {width > 0 && (
              <svg
                aria-hidden
                width={Math.max(width, LEAST_WIDE) - NAMES}
                height={high}
                style={{
                  position: "absolute",
                  left: NAMES,
                  top: 0,
                  overflow: "visible",
                  pointerEvents: "none",
                  zIndex: 3,
                }}
              >
                <Thread blocks={chain} x={x} />
                {ends && (
                  <text
                    x={x(last.to) + 8}
                    y={(last.top + last.rows) * ROW - 2}
                    fill={palette.secondary.main}
                    fontSize={14}
                    fontWeight={700}
                  >
                    {clockOf(last.to)}
                  </text>
                )}
              </svg>
            )}
            {waits.map(({ from, to, says, lane }) => (
              <Box
                key={`${from} ${says}`}
                sx={{
                  position: "absolute",
                  top: high + 2 + lane * ITSELF,
                  left: NAMES + x(from),
                  width: (to - from) * scale,
                  height: 22,
                  border: `1.5px dotted ${palette.text.secondary}`,
                  borderRadius: "11px",
                  fontSize: "0.72rem",
                  lineHeight: "19px",
                  textAlign: "center",
                  whiteSpace: "nowrap",
                  overflow: "hidden",
                  bgcolor: "background.paper",
                }}
              >
                {says}
              </Box>
            ))}
          </Box>
        </Box>
      </Box>
    </Box>
  );
}
