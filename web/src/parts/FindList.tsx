import List from "@mui/material/List";
import ListItemButton from "@mui/material/ListItemButton";
import ListItemText from "@mui/material/ListItemText";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, client, type Schemas } from "../api/client";

export type Found = Schemas["Found"];

interface Props {
  label: string;
  /** What is looked for; anything of the studio where nothing is said. */
  only?: Found["kind"];
  /** Not this one. */
  except?: string;
  onChoose: (item: Found) => void;
}

/** Finds by a part of the name, by keyboard or hand. */
export function FindList({ label, only, except, onChoose }: Props) {
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  const found = useQuery({
    queryKey: ["find", text],
    queryFn: () => ask(client.GET("/api/find", { params: { query: { text } } })),
    enabled: text.trim() !== "",
    placeholderData: (before) => before,
  });
  const wanted = (item: Found) => (!only || item.kind === only) && item.id !== except;
  const items = text.trim() === "" ? [] : (found.data?.items ?? []).filter(wanted);
  return (
    <>
      <TextField
        autoFocus
        label={label}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setAt(0);
        }}
        onKeyDown={(event) => {
          const item = items[at];
          if (event.key === "ArrowDown") setAt(Math.min(at + 1, items.length - 1));
          else if (event.key === "ArrowUp") setAt(Math.max(at - 1, 0));
          else if (event.key === "Enter" && item) onChoose(item);
          else return;
          event.preventDefault();
        }}
      />
      <List dense sx={{ minHeight: 120 }}>
        {items.map((item, i) => (
          <ListItemButton key={item.id} selected={i === at} onClick={() => onChoose(item)}>
            <ListItemText primary={item.name} secondary={item.within ? `${item.kind} in ${item.within}` : item.kind} />
          </ListItemButton>
        ))}
        {text.trim() !== "" && found.isSuccess && items.length === 0 && (
          <Typography variant="body2" color="textSecondary" sx={{ p: 2 }}>
            Nothing is called that.
          </Typography>
        )}
      </List>
    </>
  );
}
