/** Once all of it stood, whatever is added stands at once: nothing below it is taken away and built anew. */
export const ALL = Infinity;

/** How many stand next, when so many of so many parts stand. */
export function standingNext(built: number, parts: number): number {
  return built + 1 < parts ? built + 1 : ALL;
}

/**
 * Whose turn it is among parts that are built one after another, some of which are themselves built part by part.
 *
 *   const turn = new Turn();
 *   turn.whenItStands(() => buildTheNext());
 */
export class Turn {
  private goOn: () => void = () => undefined;
  private building = 0;
  private stands = false;

  /** What is done whenever what was built last stands, and all that is in it. */
  whenItStands(goOn: () => void) {
    this.goOn = goOn;
  }

  /** Something within is being built part by part; gives what says that it stands, or that it went. */
  readonly hold = (): (() => void) => {
    let held = true;
    this.building += 1;
    return () => {
      if (!held) return;
      held = false;
      this.building -= 1;
      this.pass();
    };
  };

  /** What was built last stands, but for what holds. */
  stand() {
    this.stands = true;
    this.pass();
  }

  private pass() {
    if (!this.stands || this.building > 0) return;
    this.stands = false;
    this.goOn();
  }
}
