/** Whether a step makes a thing by hand, by its key. */
export function makes(key: string): boolean {
  return key.startsWith("make ");
}
