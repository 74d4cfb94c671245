/** What has to be there for a test to go on. */
export function there<T>(value: T | null | undefined): T {
  if (value === null || value === undefined) throw new Error("It is not there.");
  return value;
}
