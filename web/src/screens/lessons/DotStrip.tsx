import { useTheme } from "@mui/material/styles";
import type { Lesson } from "./lessonWords";

const WIDE = 160;
const HIGH = 22;
/** The scale is of ratios: half as long lies as far from the book as twice as long. */
const ENDS = [0.4, 2.5] as const;
const SPAN = Math.log(ENDS[1] / ENDS[0]);

function at(ratio: number): number {
  const held = Math.min(Math.max(ratio, ENDS[0]), ENDS[1]);
  return 4 + (Math.log(held / ENDS[0]) / SPAN) * (WIDE - 8);
}

/** The jobs of one rule as dots on the one scale all rules share; thin: the book, thick: the middle of the jobs. */
export function DotStrip({ lesson }: { lesson: Lesson }) {
  const { tokens } = useTheme().palette;
  const told = lesson.state === "suggests" ? tokens.plum : tokens.quiet;
  return (
    <svg width={WIDE} height={HIGH} viewBox={`0 0 ${WIDE} ${HIGH}`} aria-hidden>
      <line x1={0} x2={WIDE} y1={HIGH / 2} y2={HIGH / 2} stroke={tokens.edge} strokeWidth={1} />
      {lesson.ratios.map((ratio, i) => (
        <circle key={i} cx={at(ratio)} cy={HIGH / 2} r={3.2} fill={told} fillOpacity={0.42} />
      ))}
      <line x1={at(1)} x2={at(1)} y1={2} y2={HIGH - 2} stroke={tokens.ink} strokeWidth={1} />
      {lesson.factor !== null && (
        <line x1={at(lesson.factor)} x2={at(lesson.factor)} y1={3} y2={HIGH - 3} stroke={told} strokeWidth={3} />
      )}
    </svg>
  );
}
