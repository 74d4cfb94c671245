import {
  createElement,
  isValidElement,
  memo,
  useLayoutEffect,
  useRef,
  useState,
  type ComponentProps,
  type ReactNode,
} from "react";

type Props = Record<string, unknown>;
type Call = (...said: unknown[]) => unknown;

/** Longer lists are told apart by identity alone. */
const LOOKED_THROUGH = 60;

/** Whether two props say the same: the same thing, or plain data with the same in it. */
function alike(one: unknown, other: unknown, depth = 3): boolean {
  if (Object.is(one, other)) return true;
  if (typeof one !== "object" || typeof other !== "object" || !one || !other || depth === 0) return false;
  if (isValidElement(one) || isValidElement(other) || Array.isArray(one) !== Array.isArray(other)) return false;
  const [mine, theirs] = [Object.entries(one), other as Props];
  if (mine.length > LOOKED_THROUGH || mine.length !== Object.keys(theirs).length) return false;
  return mine.every(([name, value]) => name in theirs && alike(value, theirs[name], depth - 1));
}

/** Whether a part that was handed one set of props would say the same with the other; what it calls is left out. */
export function sayTheSame(one: object, other: object): boolean {
  const [before, after] = [one as Props, other as Props];
  const names = Object.keys(after);
  return names.length === Object.keys(before).length && names.every((name) => alike(before[name], after[name]));
}

/**
 * A dial or figure that is drawn again only when it says something else. What it calls is always the latest that was
 * handed to it, so a callback made anew at every drawing costs nothing.
 *
 *   export const Tick = steady(TickDrawn);
 */
export function steady<P extends object>(Drawn: (props: P) => ReactNode): (props: P) => ReactNode {
  const Still = memo(Drawn, sayTheSame);
  return function Steady(props: P) {
    const latest = useRef<object>(props);
    useLayoutEffect(() => {
      latest.current = props;
    });
    const [calls] = useState(() => new Map<string, Call>());
    const handed = Object.entries(props).map(([name, value]) => {
      if (typeof value !== "function") return [name, value];
      if (!calls.has(name)) calls.set(name, (...said) => ((latest.current as Props)[name] as Call)(...said));
      return [name, calls.get(name)];
    });
    return createElement(Still, Object.fromEntries(handed) as ComponentProps<typeof Still>);
  };
}
