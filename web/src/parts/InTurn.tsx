import {
  Children,
  createContext,
  startTransition,
  useContext,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from "react";
import { ALL, standingNext, Turn } from "./turns";

const Around = createContext<Turn | null>(null);

/**
 * How many of its parts something heavy has built so far: one, then one more each time all that stands is whole. What is
 * around waits for it.
 *
 *   const { built } = useInTurn(2);
 */
export function useInTurn(parts: number, onWhole?: () => void): { built: number; turn: Turn } {
  const around = useContext(Around);
  const [turn] = useState(() => new Turn());
  const [built, setBuilt] = useState(standingNext(0, parts));
  const tellAround = useRef<() => void>(undefined);

  useLayoutEffect(() => {
    turn.whenItStands(() => {
      if (built < ALL) {
        startTransition(() => setBuilt(standingNext(built, parts)));
        return;
      }
      tellAround.current?.();
      onWhole?.();
    });
  });
  useLayoutEffect(() => {
    tellAround.current = around?.hold();
    return tellAround.current;
  }, [around]);
  useEffect(() => turn.stand(), [turn, built]);
  return { built, turn };
}

/**
 * What stands below one another, built in turn: one part, then one more each time those stand, so that input never
 * waits for all of them at once. A part that is itself built in turn stands when all of it does: nothing moves below a
 * finger.
 *
 *   <InTurn onWhole={() => setWhole(true)}>{fields}</InTurn>
 */
export function InTurn({ children, onWhole }: { children: ReactNode; onWhole?: () => void }) {
  // Parts that stand are not built again for the next.
  const parts = useMemo(() => Children.toArray(children), [children]);
  const { built, turn } = useInTurn(parts.length, onWhole);
  return <Around value={turn}>{parts.slice(0, built)}</Around>;
}
