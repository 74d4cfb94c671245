import { createContext, useContext, useMemo, useRef, type ReactNode } from "react";

/** Keeps account of fields that are still being read or could not be, so that a form waits before it is kept. */
interface FieldReadings {
  report: (field: string, state: Promise<boolean> | boolean | null) => void;
  /** True when every field of the form has been read well. */
  settled: () => Promise<boolean>;
}

const Context = createContext<FieldReadings | null>(null);

export function FieldReadingsProvider({ children }: { children: ReactNode }) {
  const states = useRef(new Map<string, Promise<boolean> | boolean>());
  const readings = useMemo<FieldReadings>(
    () => ({
      report: (field, state) => {
        if (state === null) states.current.delete(field);
        else states.current.set(field, state);
      },
      settled: async () => (await Promise.all(states.current.values())).every(Boolean),
    }),
    [],
  );
  return <Context value={readings}>{children}</Context>;
}

/** Null outside a form: a dial on the bench takes each reading as it comes. */
export function useFieldReadings(): FieldReadings | null {
  return useContext(Context);
}
