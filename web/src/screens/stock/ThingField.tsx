import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";

export type Thing = Pick<Schemas["Style"], "id" | "name" | "kind">;

interface Props<T extends Thing> {
  label: string;
  value: Thing | null;
  onChange: (thing: T | null) => void;
  /** Only things of this kind. */
  kind?: Schemas["Style"]["kind"];
  /** Ids of things that are not offered. */
  without?: string[];
  error?: string | undefined;
}

/** A thing of the stock, found as its name is typed. */
export function ThingField({ label, value, onChange, kind, without = [], error }: Props<Schemas["StockThing"]>) {
  const [words, setWords] = useState("");
  const narrowed = kind ? { kind } : {};
  const found = useQuery({
    queryKey: [...keys.styles, "stockroom", words, narrowed, 1],
    queryFn: () => ask(client.GET("/api/stock", { params: { query: { q: words, ...narrowed } } })),
  });
  return (
    <Autocomplete<Thing>
      options={(found.data?.items ?? []).filter(({ id }) => !without.includes(id))}
      getOptionLabel={({ name }) => name}
      getOptionKey={({ id }) => id}
      isOptionEqualToValue={(option, chosen) => option.id === chosen.id}
      filterOptions={(options) => options}
      value={value}
      onChange={(_, thing) => {
        onChange((thing as Schemas["StockThing"] | null) ?? null);
        setWords("");
      }}
      inputValue={value && words === "" ? value.name : words}
      onInputChange={(_, text, reason) => setWords(reason === "input" ? text : "")}
      noOptionsText="Nothing else is called that"
      renderInput={(params) => <TextField {...params} label={label} error={Boolean(error)} helperText={error} />}
    />
  );
}
