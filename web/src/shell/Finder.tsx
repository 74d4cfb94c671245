import Dialog from "@mui/material/Dialog";
import List from "@mui/material/List";
import ListItemButton from "@mui/material/ListItemButton";
import ListItemText from "@mui/material/ListItemText";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ask, client, type Schemas } from "../api/client";
import { useShortcuts } from "./shortcuts";

const PATHS: Record<Schemas["Found"]["kind"], string> = { home: "/homes/", room: "/rooms/", piece: "/pieces/" };

function Search({ close }: { close: () => void }) {
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  const navigate = useNavigate();
  const found = useQuery({
    queryKey: ["find", text],
    queryFn: () => ask(client.GET("/api/find", { params: { query: { text } } })),
    enabled: text.trim() !== "",
    placeholderData: (before) => before,
  });
  const items = text.trim() === "" ? [] : (found.data?.items ?? []);

  function go(item: Schemas["Found"]) {
    close();
    void navigate(PATHS[item.kind] + item.id);
  }

  return (
    <>
      <TextField
        autoFocus
        label="Find a home, room or piece"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setAt(0);
        }}
        onKeyDown={(event) => {
          const item = items[at];
          if (event.key === "ArrowDown") setAt(Math.min(at + 1, items.length - 1));
          else if (event.key === "ArrowUp") setAt(Math.max(at - 1, 0));
          else if (event.key === "Enter" && item) go(item);
          else return;
          event.preventDefault();
        }}
      />
      <List dense sx={{ minHeight: 120 }}>
        {items.map((item, i) => (
          <ListItemButton key={item.id} selected={i === at} onClick={() => go(item)}>
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

export function Finder() {
  const { finderOpen, closeFinder } = useShortcuts();
  return (
    <Dialog
      open={finderOpen}
      onClose={closeFinder}
      maxWidth="sm"
      fullWidth
      aria-label="Find"
      slotProps={{ paper: { sx: { p: 2, alignSelf: "flex-start", mt: 10 } } }}
    >
      {finderOpen && <Search close={closeFinder} />}
    </Dialog>
  );
}
