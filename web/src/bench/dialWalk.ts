import type { KeyboardEvent } from "react";

const CONTROLS = "input, button, textarea, [role=combobox], [role=button]";

function controlOf(dial: Element): HTMLElement | undefined {
  return [...dial.querySelectorAll<HTMLElement>(CONTROLS)].find(
    (one) => one.tabIndex >= 0 && !one.closest("[aria-hidden=true]") && !one.matches(":disabled"),
  );
}

/** Every dial of a step, however they are laid out: what lies side by side in a row of dials is one each. */
function dialsOf(panel: Element): Element[] {
  const rows = [...panel.querySelectorAll(":scope [data-dials]")];
  const beside = rows.flatMap((row) => [...row.children]);
  return beside.filter((dial) => !dial.querySelector("[data-dials]") && controlOf(dial));
}

/** Alt with the arrows leads from dial to dial, past all that is between, whatever a dial itself does with arrows. */
export function walkDials(event: KeyboardEvent<HTMLElement>) {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (!event.altKey || !step) return;
  event.preventDefault();
  event.stopPropagation();
  const dials = dialsOf(event.currentTarget);
  const here = dials.findIndex((dial) => dial.contains(document.activeElement));
  const next = here < 0 ? (step > 0 ? 0 : dials.length - 1) : here + step;
  const dial = dials[Math.min(Math.max(next, 0), dials.length - 1)];
  if (dial) controlOf(dial)?.focus();
}
