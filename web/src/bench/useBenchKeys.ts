import { useLight } from "../app/light";
import { useKeys, type Shortcut } from "../shell/shortcuts";

interface Props<Step extends string> {
  bench: { undo: () => Promise<void>; redo: () => Promise<void> };
  steps: readonly Step[];
  onStep: (step: Step) => void;
  /** What this kind of bench has besides. */
  more?: Shortcut[];
}

/** The keys of every bench: to a step, dusk, working, undo and redo. */
export function useBenchKeys<Step extends string>({ bench, steps, onStep, more = [] }: Props<Step>) {
  const { toggleDusk } = useLight();
  useKeys([
    {
      keys: "1 2 3 4 5 6 7 8 9",
      says: "To a step of the order of work",
      run: (key) => {
        const step = steps[Number(key) - 1];
        if (step) onStep(step);
      },
    },
    ...more,
    {
      keys: "g",
      says: "Go to the dials; alt with up and down leads from one to the next",
      run: () => document.getElementById("step-dials")?.focus(),
    },
    { keys: "n", says: "Dusk and day", run: toggleDusk },
    {
      keys: "w",
      says: "Working of the figure in focus",
      run: () => {
        const focused = document.activeElement;
        if (focused instanceof HTMLElement && focused.dataset.sheet) focused.click();
      },
    },
    { keys: "u", says: "Undo", run: () => void bench.undo() },
    { keys: "U", says: "Redo", run: () => void bench.redo() },
  ]);
}
