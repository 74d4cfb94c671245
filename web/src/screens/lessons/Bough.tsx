import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useTheme } from "@mui/material/styles";
import { useLayoutEffect, useRef } from "react";
import { freshCanvas } from "../../drawing/shared/freshCanvas";
import { useSize } from "../../drawing/shared/useSize";
import { day } from "../../theme/tokens";
import { date } from "../../units/format";
import { numberReading } from "../../units/reading";
import { useUnits } from "../../units/useUnits";
import { Thumbnail } from "../stock/Thumbnail";
import { acrossOf, endOf, frameOf, hung, ticksOf, upOf, wedgeOf, type Frame } from "./boughLayout";
import { homeOf, homesOf, times, took, type Job, type LessonOfJobs } from "./lessonWords";
import { BALL, paintBough } from "./paintBough";

const HEIGHT = 380;
/** So far along it the bough says what it is. */
const LABELLED = 0.72;
/** The balls of homes, in the order they are named. */
const BALLS = [day.spruce, day.quince, day.plum, day.lichen, day.brick, day.edge];
/** Nearer than this to a ball the pointer means it. */
const NEAR = 18;

function ballOf(homes: string[], job: Job): { colour: string; pattern: number } {
  const i = homes.indexOf(homeOf(job));
  return { colour: BALLS[i % BALLS.length] ?? day.edge, pattern: i + 1 };
}

interface Props {
  lesson: LessonOfJobs;
  chosen: string | null;
  onChoose: (id: string | null) => void;
}

/** The book's line is a bough; each job hangs from it by its overrun, and those that were quicker stand above it. */
export function Bough({ lesson, chosen, onChoose }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const { width } = useSize(box);
  const { tokens } = useTheme().palette;
  const units = useUnits();
  const frame = frameOf(lesson.jobs, width, HEIGHT);
  const homes = homesOf(lesson.jobs);
  const told = lesson.jobs.find(({ id }) => id === chosen);

  useLayoutEffect(() => {
    const fresh = freshCanvas(canvas.current, { width, height: HEIGHT });
    if (!fresh) return;
    const balls = hung(frame, lesson.jobs).map((one) => ({ ...one, ...ballOf(homes, one.job) }));
    paintBough(fresh.context, fresh.pixels, {
      frame,
      hung: balls,
      chosen,
      foliage: tokens.spruce,
      thread: tokens.quiet,
      ring: tokens.plum,
      dusk: false,
    });
  });

  function nearest(event: React.PointerEvent<HTMLDivElement>) {
    const { left, top } = event.currentTarget.getBoundingClientRect();
    const [x, y] = [event.clientX - left, event.clientY - top];
    const [first] = hung(frame, lesson.jobs)
      .map((one) => ({ id: one.job.id, far: Math.hypot(one.x - x, one.y - y) }))
      .sort((one, other) => one.far - other.far);
    onChoose(first && first.far < NEAR + BALL ? first.id : null);
  }

  return (
    <Box component="figure" aria-label="Jobs against the book" sx={{ m: 0 }}>
      <Box
        component="ul"
        aria-label="Homes"
        sx={{ listStyle: "none", m: 0, p: 0, display: "flex", flexWrap: "wrap", gap: 2 }}
      >
        {homes.map((home, i) => (
          <Box component="li" key={home} sx={{ display: "flex", alignItems: "center", gap: 0.75 }}>
            <Thumbnail
              thing={{ kind: "ornament", colour: BALLS[i % BALLS.length] ?? day.edge, texture: "needle", shape: null }}
              place={i + 1}
              size={20}
            />
            <Typography variant="body2">{home}</Typography>
          </Box>
        ))}
      </Box>
      <Box
        ref={box}
        onPointerMove={nearest}
        onPointerDown={nearest}
        sx={{ position: "relative", height: HEIGHT, mt: 0.5, touchAction: "pan-y" }}
      >
        {width > 0 && <Axes frame={frame} lesson={lesson} />}
        <Box
          component="canvas"
          ref={canvas}
          aria-hidden
          sx={{ position: "absolute", inset: 0, width: "100%", height: HEIGHT }}
        />
        {width > 0 && told && (
          <Box
            sx={{
              position: "absolute",
              pointerEvents: "none",
              bgcolor: "background.paper",
              border: 1,
              borderColor: "divider",
              borderRadius: 1,
              px: 1,
              py: 0.5,
              ...placeOf(frame, told),
            }}
          >
            <Typography variant="body2" sx={{ fontWeight: 600 }}>
              {told.piece_name || homeOf(told)}, {date(told.held_on)}
            </Typography>
            <Typography variant="body2" color="textSecondary">
              planned {took(told.planned, lesson, units)}, took {took(told.took, lesson, units)}
            </Typography>
          </Box>
        )}
      </Box>
    </Box>
  );
}

/** Beside its ball, away from the nearer edge. */
function placeOf(frame: Frame, job: Job) {
  const x = acrossOf(frame, job.took);
  const y = upOf(frame, job.planned);
  const right = x > frame.width / 2;
  return {
    ...(right ? { right: frame.width - x + BALL + 8 } : { left: x + BALL + 8 }),
    ...(y > frame.height / 2 ? { bottom: frame.height - y - 10 } : { top: y - 10 }),
  };
}

function Axes({ frame, lesson }: { frame: Frame; lesson: LessonOfJobs }) {
  const { tokens } = useTheme().palette;
  const units = useUnits();
  const reading = numberReading(lesson.quantity, units, "long");
  const said = { fontSize: 13, fill: tokens.quiet } as const;
  const [bookX, bookY] = endOf(frame, 0.999);
  const middle = lesson.factor === null ? null : endOf(frame, lesson.factor);
  const wedge = wedgeOf(frame, lesson);
  return (
    <svg width={frame.width} height={frame.height} aria-hidden style={{ position: "absolute", inset: 0 }}>
      <rect
        x={frame.left}
        y={frame.top}
        width={frame.right - frame.left}
        height={frame.bottom - frame.top}
        fill={tokens.card}
        stroke={tokens.frost}
      />
      {ticksOf(frame.most.took).map((tick) => (
        <g key={`took ${tick}`}>
          <line
            x1={acrossOf(frame, tick)}
            x2={acrossOf(frame, tick)}
            y1={frame.top}
            y2={frame.bottom}
            stroke={tokens.frost}
          />
          <text x={acrossOf(frame, tick)} y={frame.bottom + 17} textAnchor="middle" {...said}>
            {reading.brief(tick)}
          </text>
        </g>
      ))}
      {ticksOf(frame.most.planned).map((tick) => (
        <g key={`planned ${tick}`}>
          <line x1={frame.left} x2={frame.right} y1={upOf(frame, tick)} y2={upOf(frame, tick)} stroke={tokens.frost} />
          <text x={frame.left - 7} y={upOf(frame, tick) + 4} textAnchor="end" {...said}>
            {reading.brief(tick)}
          </text>
        </g>
      ))}
      {wedge.length > 0 && (
        <polygon points={wedge.map((point) => point.join(",")).join(" ")} fill={tokens.plum} fillOpacity={0.09} />
      )}
      {middle && (
        <line
          x1={frame.left}
          y1={frame.bottom}
          x2={middle[0]}
          y2={middle[1]}
          stroke={tokens.plum}
          strokeWidth={2.4}
          strokeDasharray={lesson.state === "suggests" ? undefined : "6 5"}
        />
      )}
      <text x={frame.right} y={frame.bottom + 34} textAnchor="end" {...said}>
        {reading.unit} it took
      </text>
      <text x={frame.left} y={frame.top - 9} {...said}>
        {reading.unit} planned
      </text>
      <text
        x={frame.left + (bookX - frame.left) * LABELLED - 22}
        y={frame.bottom + (bookY - frame.bottom) * LABELLED - 22}
        textAnchor="end"
        fontSize={14}
        fontWeight={600}
        fill={tokens.spruce}
      >
        as the book says
      </text>
      {middle && lesson.factor !== null && lesson.count > 1 && (
        <text
          x={frame.right - 10}
          y={frame.bottom - 28}
          textAnchor="end"
          fontSize={14}
          fontWeight={600}
          fill={tokens.plum}
        >
          {times(lesson.factor)} × the book
          <tspan x={frame.right - 10} dy={17} fontSize={13} fontWeight={400}>
            ± {times(lesson.spread ?? 0)} spread
          </tspan>
        </text>
      )}
    </svg>
  );
}
