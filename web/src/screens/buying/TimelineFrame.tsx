import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { memo, type ReactNode } from "react";
import { shortDay } from "../../units/format";
import { LANE } from "./BuyingCard";
import { dayAfter, daysFrom, weekdayOf } from "./days";
import { letter } from "./HomeMarks";

/** How wide the heads of the rows are, and what is late beside them, pixels. */
export const HEAD = 122;
export const LATE = 184;
/** So many homes have their name over the days. */
const MOST_PINS = 5;

/** Which days there are, and how wide one is. */
export interface Scale {
  today: string;
  days: number;
  day: number;
}

/** The days as columns, closed ones hatched. */
const Columns = memo(function Columns({ scale, closed }: { scale: Scale; closed: (iso: string) => boolean }) {
  return (
    <>
      {Array.from({ length: scale.days }, (_, i) => (
        <Box
          key={i}
          aria-hidden
          sx={(theme) => ({
            position: "absolute",
            top: 0,
            bottom: 0,
            left: i * scale.day,
            width: scale.day,
            borderLeft: `1px solid ${theme.palette.divider}`,
            background: closed(dayAfter(scale.today, i))
              ? `repeating-linear-gradient(135deg, ${theme.palette.divider} 0 1px, transparent 1px 5px)`
              : "none",
          })}
        />
      ))}
    </>
  );
});

/** One row: who sells at the left, what is late, then the days. */
export function Row({
  head,
  late,
  children,
  lanes,
  least = 0,
  scale,
  closed,
  pins,
  label,
}: {
  head: ReactNode;
  late: ReactNode;
  children: ReactNode;
  lanes: number;
  least?: number;
  scale: Scale;
  closed: (iso: string) => boolean;
  pins: number[];
  label: string;
}) {
  return (
    <Box
      component="section"
      aria-label={label}
      sx={(theme) => ({ display: "flex", borderBottom: `1px solid ${theme.palette.divider}` })}
    >
      <Box sx={{ width: HEAD, flexShrink: 0, p: 1.25, pr: 1 }}>{head}</Box>
      <Box
        sx={(theme) => ({
          width: LATE,
          flexShrink: 0,
          p: 1,
          bgcolor: late ? "tokens.brickWash" : "transparent",
          background: late ? theme.palette.tokens.brickWash : "none",
          borderRight: `2px solid ${theme.palette.secondary.main}`,
        })}
      >
        {late}
      </Box>
      <Box sx={{ position: "relative", width: scale.days * scale.day, minHeight: Math.max(lanes * LANE + 12, least) }}>
        <Columns scale={scale} closed={closed} />
        {pins.map((day) => (
          <Box
            key={day}
            aria-hidden
            sx={(theme) => ({
              position: "absolute",
              top: 0,
              bottom: 0,
              left: (day + 0.5) * scale.day,
              borderLeft: `1.5px dotted ${theme.palette.secondary.main}`,
            })}
          />
        ))}
        {children}
      </Box>
    </Box>
  );
}

/** The head: days, and over them whose visit is when. */
export function Days({ scale, pins }: { scale: Scale; pins: { name: string; visit_on: string }[] }) {
  const shown = pins
    .filter(({ visit_on }) => {
      const at = daysFrom(scale.today, visit_on);
      return at >= 0 && at < scale.days;
    })
    .slice(0, MOST_PINS);
  const heads = Array.from({ length: scale.days }, (_, i) => dayAfter(scale.today, i));
  const height = 18 * shown.length + 40;
  return (
    <Box
      sx={(theme) => ({
        display: "flex",
        position: "sticky",
        top: 0,
        zIndex: 3,
        bgcolor: "background.default",
        borderBottom: `1px solid ${theme.palette.divider}`,
      })}
    >
      <Box sx={{ width: HEAD + LATE, flexShrink: 0, alignSelf: "flex-end", display: "flex", pb: 0.5 }}>
        <Typography variant="body2" sx={{ width: HEAD, pl: 1.25, fontWeight: 700 }}>
          Order by
        </Typography>
        <Typography variant="body2" color="error" sx={{ fontWeight: 700, pl: 1 }}>
          late
        </Typography>
      </Box>
      <Box sx={{ position: "relative", width: scale.days * scale.day, height }}>
        {shown.map(({ name, visit_on }, i) => {
          const at = (daysFrom(scale.today, visit_on) + 0.5) * scale.day;
          return (
            <Box
              key={name}
              sx={{
                position: "absolute",
                top: 2 + 18 * (shown.length - 1 - i),
                right: scale.days * scale.day - at - 9,
                display: "flex",
                alignItems: "center",
                gap: 0.75,
              }}
            >
              <Typography variant="body2" noWrap sx={{ fontWeight: 600 }}>
                {name}
              </Typography>
              <Box
                aria-hidden
                sx={{
                  width: 18,
                  height: 18,
                  borderRadius: 9,
                  bgcolor: "secondary.main",
                  color: "secondary.contrastText",
                  fontSize: "0.68rem",
                  fontWeight: 700,
                  textAlign: "center",
                  lineHeight: "18px",
                }}
              >
                {letter(name)}
              </Box>
            </Box>
          );
        })}
        {heads.map((iso, i) => {
          const monday = weekdayOf(iso) === 1;
          const first = i === 0 || iso.endsWith("-01");
          return (
            <Box
              key={iso}
              sx={{ position: "absolute", bottom: 2, left: i * scale.day, width: scale.day, textAlign: "center" }}
            >
              {first && (
                <Typography
                  variant="body2"
                  noWrap
                  sx={{
                    position: "absolute",
                    bottom: 17,
                    left: 4,
                    fontWeight: 700,
                    color: i === 0 ? "secondary.main" : "text.primary",
                  }}
                >
                  {i === 0 ? `today, ${shortDay(iso)}` : shortDay(iso).replace("1 ", "")}
                </Typography>
              )}
              <Typography
                variant="body2"
                sx={{
                  fontWeight: monday || i === 0 ? 700 : 400,
                  color: i === 0 ? "secondary.main" : monday ? "text.primary" : "text.secondary",
                }}
              >
                {Number(iso.slice(8))}
              </Typography>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
