import { useState } from "react";

/** Whether something that opens was ever opened: until then it need not be built, from then on it closes as it opened. */
export function useAsked(open: boolean): boolean {
  const [asked, setAsked] = useState(open);
  if (open && !asked) setAsked(true);
  return asked || open;
}
