import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import { createContext, useContext, useMemo, useState, type ReactNode } from "react";
import { asProblem, isUnreachable } from "../api/client";

interface Undo {
  /** Says something in passing; with `undo` it can be taken back for a while. */
  say: (message: string, undo?: () => Promise<unknown>) => void;
}

interface Said {
  message: string;
  undo?: (() => Promise<unknown>) | undefined;
  key: number;
}

const Context = createContext<Undo | null>(null);

export function UndoProvider({ children }: { children: ReactNode }) {
  const [said, setSaid] = useState<Said | null>(null);
  const undo = useMemo<Undo>(() => ({ say: (message, back) => setSaid({ message, undo: back, key: Date.now() }) }), []);

  async function bringBack(back: () => Promise<unknown>) {
    setSaid(null);
    try {
      await back();
    } catch (error) {
      const problem = asProblem(error);
      undo.say(`It is not back: ${problem.message}`, isUnreachable(problem) ? back : undefined);
    }
  }

  return (
    <Context value={undo}>
      {children}
      <Snackbar
        key={said?.key}
        open={said !== null}
        message={said?.message}
        autoHideDuration={said?.undo ? 12_000 : 6_000}
        onClose={(_, reason) => reason !== "clickaway" && setSaid(null)}
        action={
          said?.undo && (
            <Button
              size="small"
              color="inherit"
              sx={{ textDecoration: "underline" }}
              onClick={() => said.undo && void bringBack(said.undo)}
            >
              Bring it back
            </Button>
          )
        }
      />
    </Context>
  );
}

export function useUndo(): Undo {
  const undo = useContext(Context);
  if (!undo) throw new Error("useUndo needs an UndoProvider around it.");
  return undo;
}
