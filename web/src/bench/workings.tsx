import { createContext, useContext, useMemo, useState, type ReactNode } from "react";
import type { Schemas } from "../api/client";
import { WorkingDrawer } from "./WorkingDrawer";

interface Workings {
  open: (sheet: string) => void;
}

const Context = createContext<Workings | null>(null);

/** Lets any figure inside open how it came about. */
export function WorkingsProvider({
  sheets,
  children,
}: {
  sheets: Record<string, Schemas["WorkingSheet"]>;
  children: ReactNode;
}) {
  const [opened, setOpened] = useState<string | null>(null);
  const workings = useMemo<Workings>(() => ({ open: setOpened }), []);
  return (
    <Context value={workings}>
      {children}
      <WorkingDrawer sheet={opened ? sheets[opened] : undefined} onClose={() => setOpened(null)} />
    </Context>
  );
}

export function useWorkings(): Workings {
  const workings = useContext(Context);
  if (!workings) throw new Error("useWorkings needs a WorkingsProvider around it.");
  return workings;
}
