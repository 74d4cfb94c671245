import { createContext, useContext, useMemo, useState, type ReactNode } from "react";

/** Two lights: that of the screen itself (day or evening) and that of the drawings (day or dusk). Kept on this device. */
interface Light {
  screen: "day" | "evening";
  dusk: boolean;
  toggleScreen: () => void;
  toggleDusk: () => void;
}

const LightContext = createContext<Light | null>(null);
const KEY = "deck-bough:screen";

export function LightProvider({ children }: { children: ReactNode }) {
  const [screen, setScreen] = useState<"day" | "evening">(() =>
    localStorage.getItem(KEY) === "evening" ? "evening" : "day",
  );
  const [dusk, setDusk] = useState(screen === "evening");
  const light = useMemo<Light>(
    () => ({
      screen,
      dusk,
      toggleScreen: () => {
        const next = screen === "day" ? "evening" : "day";
        localStorage.setItem(KEY, next);
        setScreen(next);
        // A bright drawing would blind in an evening room; by hand it can still be turned to day.
        setDusk(next === "evening");
      },
      toggleDusk: () => setDusk((now) => !now),
    }),
    [screen, dusk],
  );
  return <LightContext value={light}>{children}</LightContext>;
}

export function useLight(): Light {
  const light = useContext(LightContext);
  if (!light) throw new Error("useLight needs a LightProvider around it.");
  return light;
}
