const DAY = 86_400_000;

function noon(iso: string): Date {
  return new Date(`${iso}T12:00:00Z`);
}

/** How many days from one to another; negative when it was before. */
export function daysFrom(from: string, to: string): number {
  return Math.round((noon(to).getTime() - noon(from).getTime()) / DAY);
}

export function dayAfter(iso: string, days: number): string {
  return new Date(noon(iso).getTime() + days * DAY).toISOString().slice(0, 10);
}

/** Monday is 1, Sunday is 7. */
export function weekdayOf(iso: string): number {
  return noon(iso).getUTCDay() || 7;
}

export interface Placed {
  /** Pixels from the left edge of the days. */
  left: number;
  lane: number;
  /** Near the end it stands to the left of its day. */
  leftwards: boolean;
}

/**
 * Cards that each begin at their day, in as few lanes as they need so that none lies on another. Those of the first day come first.
 *
 *   layCards([0, 2, 9], { card: 170, day: 26, days: 24 }) // lanes 0, 1, 0
 */
export function layCards(days: number[], width: { card: number; day: number; days: number }): Placed[] {
  const ends: number[] = [];
  return days.map((day) => {
    const at = day * width.day;
    const leftwards = at + width.card > width.days * width.day;
    const left = leftwards ? Math.max(at - width.card, 0) : at;
    let lane = ends.findIndex((end) => end <= left);
    if (lane < 0) lane = ends.length;
    ends[lane] = left + width.card + 8;
    return { left, lane, leftwards };
  });
}
