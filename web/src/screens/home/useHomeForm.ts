import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { ask, client, type Schemas } from "../../api/client";
import { keys, useLooks } from "../../api/queries";
import { freesTold } from "../../parts/frees";
import { useUndo } from "../../parts/undo";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import { date } from "../../units/format";
import { useUnits } from "../../units/useUnits";

/** Whose tails and claws decide how low glass may hang. */
export const PETS: { value: Schemas["Home"]["pets"][number]; label: string }[] = [
  { value: "dog", label: "Dog" },
  { value: "cat", label: "Cat" },
  { value: "other", label: "Other pet" },
];

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

function inWords(said: HomeSaid, looks: Schemas["Look"][]): InWords<HomeSaid> {
  const day = (on: string) => on && date(on);
  return {
    name: ["Name", said.name],
    client: ["Client", said.client],
    visit_on: ["Visit", day(said.visit_on)],
    strike_on: ["Strike", day(said.strike_on)],
    look_id: ["Look", looks.find(({ id }) => id === said.look_id)?.name ?? "not chosen"],
    children: ["Children", said.children],
    pets: [
      "Pets",
      PETS.filter(({ value }) => said.pets.includes(value))
        .map(({ label }) => label)
        .join(", "),
    ],
    rented: ["Rented", said.rented ? "yes" : "no"],
    conifer_allergy: ["Conifer allergy", said.conifer_allergy ? "yes" : "no"],
    notes: ["Notes", said.notes],
  };
}

/** A home as it is being told, and kept once. */
export function useHomeForm(home: Schemas["Home"] | undefined, onDone: () => void) {
  const cache = useQueryClient();
  const navigate = useNavigate();
  const units = useUnits();
  const looks = useLooks().data?.items ?? [];
  const { say } = useUndo();
  return useKeptForm<Schemas["Home"], HomeSaid>({
    thing: home,
    saidOf,
    inWords: (said) => inWords(said, looks),
    aliases: { "/children_ages": "/children" },
    send: async (said, version) => {
      if (home) {
        const { frees } = await ask(
          client.PUT("/api/homes/{id}", { params: { path: { id: home.id } }, body: { version, ...bodyOf(said) } }),
        );
        const told = freesTold(frees, units);
        if (told) say(told);
      } else {
        const made = await ask(client.POST("/api/homes", { body: bodyOf(said) }));
        await navigate(`/homes/${made.id}`);
      }
      await cache.invalidateQueries({ queryKey: home ? keys.home(home.id) : ["season"] });
      onDone();
    },
  });
}
