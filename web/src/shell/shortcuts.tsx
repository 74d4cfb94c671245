import { createContext, lazy, Suspense, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from "react";

const KeysDialog = lazy(async () => ({ default: (await import("./KeysDialog")).KeysDialog }));

export interface Shortcut {
  keys: string;
  says: string;
  run: (key: string) => void;
}

interface Shortcuts {
  finderOpen: boolean;
  openFinder: () => void;
  closeFinder: () => void;
  add: (shortcuts: Shortcut[]) => () => void;
}

const Context = createContext<Shortcuts | null>(null);

function typing(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !["range", "checkbox", "radio", "button"].includes(target.type);
  return target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement || target.isContentEditable;
}

/** Keys of the whole application and of the screen in front; `?` lists them. */
export function ShortcutProvider({ children }: { children: ReactNode }) {
  const [finderOpen, setFinderOpen] = useState(false);
  const [listed, setListed] = useState<Shortcut[] | null>(null);
  const groups = useRef(new Set<Shortcut[]>());
  const always = useMemo<Shortcut[]>(
    () => [
      { keys: "/", says: "Find a home, room or piece", run: () => setFinderOpen(true) },
      { keys: "?", says: "This list", run: () => setListed([...groups.current].flat().concat(always)) },
    ],
    [],
  );

  useEffect(() => {
    function press(event: KeyboardEvent) {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
      if (document.querySelector('[role="dialog"], [role="menu"], [role="listbox"]') && event.key !== "w") return;
      const found = [...always, ...[...groups.current].flat()].find((shortcut) =>
        shortcut.keys.split(" ").includes(event.key),
      );
      if (!found) return;
      event.preventDefault();
      found.run(event.key);
    }
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [always]);

  const shortcuts = useMemo<Shortcuts>(
    () => ({
      finderOpen,
      openFinder: () => setFinderOpen(true),
      closeFinder: () => setFinderOpen(false),
      add: (added) => {
        groups.current.add(added);
        return () => void groups.current.delete(added);
      },
    }),
    [finderOpen],
  );
  return (
    <Context value={shortcuts}>
      {children}
      {listed && (
        <Suspense fallback={null}>
          <KeysDialog shortcuts={listed} onClose={() => setListed(null)} />
        </Suspense>
      )}
    </Context>
  );
}

export function useShortcuts(): Shortcuts {
  const shortcuts = useContext(Context);
  if (!shortcuts) throw new Error("useShortcuts needs a ShortcutProvider around it.");
  return shortcuts;
}

/** Keys of the screen in front, for as long as it is there. */
export function useKeys(shortcuts: Shortcut[]) {
  const { add } = useShortcuts();
  const latest = useRef(shortcuts);
  useEffect(() => {
    latest.current = shortcuts;
  });
  useEffect(
    () => add(latest.current.map((shortcut, i) => ({ ...shortcut, run: (key) => latest.current[i]?.run(key) }))),
    [add],
  );
}
