/** Making one takes longer than a hundred numbers said with it, and a list says hundreds. */
const numbers = new Map<string, Intl.NumberFormat>();
const dates = new Map<string, Intl.DateTimeFormat>();

function kept<F>(known: Map<string, F>, key: string, make: () => F): F {
  const found = known.get(key) ?? make();
  known.set(key, found);
  return found;
}

/** A number the way a language says it, such as sayNumber("en", { maximumFractionDigits: 0 }, 1200): "1,200". */
export function sayNumber(language: string, how: Intl.NumberFormatOptions, value: number): string {
  return kept(numbers, language + JSON.stringify(how), () => new Intl.NumberFormat(language, how)).format(value);
}

/**
 * The first number a browser says takes as long as a thousand more: said to nobody while the first answers are on their
 * way, it holds up no screen.
 */
export function sayFirstNumber(): void {
  setTimeout(() => sayNumber("en", { maximumFractionDigits: 0 }, 0));
}

/** A day or an hour the way a language says it. */
export function sayDate(language: string, how: Intl.DateTimeFormatOptions, value: Date): string {
  return kept(dates, language + JSON.stringify(how), () => new Intl.DateTimeFormat(language, how)).format(value);
}
