/** Which box a label's code, or whatever was typed, means; null when it is none. */
export function boxOf(code: string): number | null {
  const said = /(?:^|\/boxes\/)\s*(\d{1,5})\s*$/.exec(code.trim());
  return said ? Number(said[1]) : null;
}
