/** Making one takes longer than a hundred dates said with it, and a list says hundreds. */
const dates = new Map<string, Intl.DateTimeFormat>();

/** A day or an hour the way a language says it. */
export function sayDate(language: string, how: Intl.DateTimeFormatOptions, value: Date): string {
  const key = language + JSON.stringify(how);
  const known = dates.get(key) ?? new Intl.DateTimeFormat(language, how);
  dates.set(key, known);
  return known.format(value);
}
