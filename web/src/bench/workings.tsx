import { useQuery } from "@tanstack/react-query";
import { createContext, useContext, useMemo, useState, type ReactNode } from "react";
import { ask, client, type Schemas } from "../api/client";
import type { Dialled } from "./planner";
import { WorkingDrawer } from "./WorkingDrawer";

interface Workings {
  open: (sheet: string) => void;
}

const Context = createContext<Workings | null>(null);

interface Props {
  pieceId: string;
  dialled: Dialled;
  children: ReactNode;
}

/** Lets any figure inside open how it came about; it is asked for when somebody wants to see it, for what is dialled then. */
export function WorkingsProvider({ pieceId, dialled, children }: Props) {
  const [opened, setOpened] = useState<string | null>(null);
  const workings = useMemo<Workings>(() => ({ open: setOpened }), []);
  const { place_id, settings } = dialled;
  const sheet = useQuery({
    queryKey: ["piece", pieceId, "working", opened, place_id, settings],
    enabled: opened !== null,
    queryFn: () =>
      ask(
        client.POST("/api/pieces/{id}/working", {
          params: { path: { id: pieceId } },
          body: { sheet: opened ?? "", place_id, settings: { ...settings } },
        }),
      ),
    // While a dial is turned under an open drawer the figure before stands until the new one is there.
    placeholderData: (before: Schemas["WorkingSheet"] | undefined) => (opened === null ? undefined : before),
    gcTime: 0,
  });
  return (
    <Context value={workings}>
      {children}
      <WorkingDrawer
        open={opened !== null}
        sheet={opened === null ? undefined : sheet.data}
        error={sheet.error}
        onClose={() => setOpened(null)}
      />
    </Context>
  );
}

export function useWorkings(): Workings {
  const workings = useContext(Context);
  if (!workings) throw new Error("useWorkings needs a WorkingsProvider around it.");
  return workings;
}
