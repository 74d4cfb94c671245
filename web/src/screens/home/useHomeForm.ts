import { freesTold } from "../../parts/frees";
import { useUndo } from "../../parts/undo";
import { useUnits } from "../../units/useUnits";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { useVersioned } from "../../api/useVersioned";
import type { ConflictRow } from "../../parts/ConflictDialog";

export interface HomeSaid {
  name: string;
  client: string;
  visit_on: string;
  strike_on: string;
  look_id: string;
  children: string;
  pets: Schemas["Home"]["pets"];
  rented: boolean;
  conifer_allergy: boolean;
  notes: string;
}

function saidOf(home?: Schemas["Home"]): HomeSaid {
  return {
    name: home?.name ?? "",
    client: home?.client ?? "",
    visit_on: home?.visit_on ?? "",
    strike_on: home?.strike_on ?? "",
    look_id: home?.look_id ?? "",
    children: home?.children_ages.join(", ") ?? "",
    pets: home?.pets ?? [],
    rented: home?.rented ?? false,
    conifer_allergy: home?.conifer_allergy ?? false,
    notes: home?.notes ?? "",
  };
}

/** Ages as typed; what is no number goes to the server as it is not, and comes back named. */
function ages(text: string): number[] {
  return text
    .split(/[,;\s]+/)
    .filter(Boolean)
    .map((age) => (/^\d+$/.test(age) ? Number(age) : -1));
}

function bodyOf(said: HomeSaid): Schemas["HomeFields"] {
  const { children, ...rest } = said;
  return {
    ...rest,
    visit_on: said.visit_on || null,
    strike_on: said.strike_on || null,
    look_id: said.look_id || null,
    children_ages: ages(children),
  };
}

const LABELS: Record<keyof HomeSaid, string> = {
  name: "Name",
  client: "Client",
  visit_on: "Visit",
  strike_on: "Strike",
  look_id: "Look",
  children: "Children",
  pets: "Pets",
  rented: "Rented",
  conifer_allergy: "Conifer allergy",
  notes: "Notes",
};

function differences(mine: HomeSaid, theirs: HomeSaid): ConflictRow[] {
  return (Object.keys(LABELS) as (keyof HomeSaid)[])
    .filter((name) => String(mine[name]) !== String(theirs[name]))
    .map((name) => ({ label: LABELS[name], mine: String(mine[name]), theirs: String(theirs[name]) }));
}

export function useHomeForm(home: Schemas["Home"] | undefined, onDone: () => void) {
  const [said, setSaid] = useState(() => saidOf(home));
  const { clash, problem, refused, settle, version } = useVersioned(home);
  const cache = useQueryClient();
  const navigate = useNavigate();
  const units = useUnits();
  const { say } = useUndo();

  async function keep(at = version) {
    try {
      if (home) {
        const { frees } = await ask(
          client.PUT("/api/homes/{id}", { params: { path: { id: home.id } }, body: { version: at, ...bodyOf(said) } }),
        );
        const told = freesTold(frees, units);
        if (told) say(told);
      } else {
        const made = await ask(client.POST("/api/homes", { body: bodyOf(said) }));
        await navigate(`/homes/${made.id}`);
      }
      await cache.invalidateQueries({ queryKey: home ? keys.home(home.id) : ["season"] });
      onDone();
    } catch (error) {
      refused(error);
    }
  }

  return {
    said,
    objections: useObjections(problem, said, { "/children_ages": "/children" }),
    change: (part: Partial<HomeSaid>) => setSaid({ ...said, ...part }),
    keep: () => keep(),
    conflict: clash && differences(said, saidOf(clash.theirs)),
    keepMine: async () => {
      if (!clash) return;
      settle();
      await keep(clash.theirs.version);
    },
    takeTheirs: () => {
      if (!clash) return;
      setSaid(saidOf(clash.theirs));
      settle();
    },
  };
}
