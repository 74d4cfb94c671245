import { useState } from "react";
import { asProblem, type Problem } from "../api/client";
import { keptMeanwhile, merged, sameSaid, type Merged } from "../api/merged";
import { useObjections } from "../api/useObjections";
import type { ConflictRow } from "./ConflictDialog";
import { useLatest } from "./useLatest";
import { useOnce } from "./useOnce";

/** What each field of a form is called, and what it says in the person's words and units. */
export type InWords<S> = { [Field in keyof S]-?: readonly [label: string, words: string] };

interface Kept<T, S> {
  /** What is changed; none where something new is made. */
  thing: T | undefined;
  saidOf: (thing: T | undefined) => S;
  inWords: (said: S) => InWords<S>;
  /** Where the server calls a field otherwise than the form. */
  aliases?: Readonly<Record<string, string>>;
  /** Sends what is said, meant on that version of the thing, and goes on. */
  send: (said: S, version: number, known: T | undefined) => Promise<void>;
}

/**
 * The one way of forms whose thing carries a version. What it says is meant on what it was opened with, or on what somebody else
 * made of that and it shows. Somebody else was faster: fields that only one changed are put together without a word; where both
 * changed the same, both are shown, to be chosen from. Nothing typed is lost in either, nor by a refusal.
 *
 *   const { said, change, form } = useKeptForm({ thing: worker, saidOf, inWords, send });
 *   <FormDialog title={worker.name} keeps="Keep it" {...form} onClose={onClose}> … </FormDialog>
 */
export function useKeptForm<T extends { version: number }, S extends object>(kept: Kept<T, S>) {
  const { thing, saidOf, inWords, send } = kept;
  const [said, put, latest] = useLatest(() => saidOf(thing));
  const [base, setBase] = useState({ said, known: thing });
  const { busy, once } = useOnce();
  const [clash, setClash] = useState<Merged<S> | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const objections = useObjections(problem, said, kept.aliases);

  // What was read anew behind the form shows in fields nobody touched; where both changed the same it is asked when it is kept.
  if (thing && base.known && thing.version > base.known.version) {
    const now = { said: saidOf(thing), known: thing };
    const both = merged(base.said, said, now.said);
    if (both.clashing.length === 0) {
      setBase(now);
      put(both.mine);
    }
  }

  /** @returns whether it is kept */
  async function sent(mine: S, on: typeof base): Promise<boolean> {
    try {
      await send(mine, on.known?.version ?? 0, on.known);
      setProblem(null);
      // A form that stays shows it as it was kept once that is read.
      setBase({ said: mine, known: on.known });
      return true;
    } catch (error) {
      const told = asProblem(error);
      const theirs = keptMeanwhile(told, on.known);
      if (!theirs) {
        setProblem(told);
        return false;
      }
      const now = { said: saidOf(theirs), known: theirs };
      // What was typed while it was on its way is among it.
      const both = merged(on.said, latest(), now.said);
      setBase(now);
      put(both.mine);
      setProblem(null);
      if (both.clashing.length === 0) return sent(both.mine, now);
      setClash(both);
      return false;
    }
  }

  const keep = async (mine = latest()) => (await once(() => sent(mine, base))) ?? false;

  function rows({ mine, theirs, clashing }: Merged<S>): ConflictRow[] {
    const [own, others] = [inWords(mine), inWords(theirs)];
    return clashing.map((field) => ({ label: own[field][0], mine: own[field][1], theirs: others[field][1] }));
  }

  return {
    said,
    change: (part: Partial<S> | ((before: S) => Partial<S>)) => put(typeof part === "function" ? part(latest()) : part),
    /** Whether it says something else than what is kept. */
    changed: !sameSaid(said, base.said),
    objections,
    keep: () => keep(),
    /** What its dialog is given. */
    form: {
      busy,
      objections,
      onKeep: () => void keep(),
      conflict: clash && {
        rows: rows(clash),
        keepMine: () => {
          setClash(null);
          void keep(clash.mine);
        },
        takeTheirs: () => {
          setClash(null);
          put(clash.theirs);
        },
      },
    },
  };
}
