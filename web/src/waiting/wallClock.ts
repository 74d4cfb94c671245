function two(value: number): string {
  return String(Math.floor(Math.abs(value))).padStart(2, "0");
}

/** The time with the offset of the clock on the wall: "2026-11-28T10:14:03.120+01:00". */
export function onTheWall(now = new Date()): string {
  const ahead = -now.getTimezoneOffset();
  const wall = new Date(now.getTime() + ahead * 60_000).toISOString().slice(0, -1);
  return `${wall}${ahead < 0 ? "-" : "+"}${two(ahead / 60)}:${two(ahead % 60)}`;
}
