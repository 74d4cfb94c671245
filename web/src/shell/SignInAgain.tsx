import { useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useState } from "react";
import { SIGNED_IN, SIGNED_OUT } from "../api/client";

const load = async () => ({ default: (await import("./SignInAgainDialog")).SignInAgainDialog });
const SignInAgainDialog = lazy(load);

/** When a session ends in the middle of work: sign in over the screen, so that nothing typed is lost. */
export function SignInAgain({ email }: { email: string }) {
  const [needed, setNeeded] = useState(false);
  const cache = useQueryClient();

  // Fetched while all is well: when a session ends, the way to the server may be gone too.
  useEffect(() => {
    // Without network just then it is fetched when it is needed.
    const soon = window.setTimeout(() => void load().catch(() => undefined), 10_000);
    return () => window.clearTimeout(soon);
  }, []);

  useEffect(() => {
    const need = () => setNeeded(true);
    window.addEventListener(SIGNED_OUT, need);
    return () => window.removeEventListener(SIGNED_OUT, need);
  }, []);

  function enter() {
    setNeeded(false);
    window.dispatchEvent(new Event(SIGNED_IN));
    void cache.invalidateQueries();
  }

  if (!needed) return null;
  return (
    <Suspense fallback={null}>
      <SignInAgainDialog email={email} onSignedIn={enter} />
    </Suspense>
  );
}
