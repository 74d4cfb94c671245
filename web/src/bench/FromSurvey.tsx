import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../api/client";
import { useUndo } from "../parts/undo";

type Host = Schemas["Hosts"]["items"][number];

interface Props {
  pieceId: string;
  /** Dials what the survey says of it. */
  take: (says: Record<string, unknown>) => void;
}

const NONE = "";

/** Takes door, window, mantel or wall from the room's survey: measures are dialled, and the piece is put there. */
export function FromSurvey({ pieceId, take }: Props) {
  const cache = useQueryClient();
  const { say } = useUndo();
  const path = { params: { path: { id: pieceId } } };
  const hosts = useQuery({
    queryKey: ["room", "hosts", pieceId],
    queryFn: () => ask(client.GET("/api/pieces/{id}/hosts", path)),
  });
  const [taken, setTaken] = useState(NONE);
  const items = hosts.data?.items ?? [];
  // While they are asked for it keeps its place, so that no dial moves away from under a finger.
  if (!hosts.isPending && items.length === 0) return null;

  async function choose(host: Host, was: Schemas["Position"]) {
    setTaken(host.name);
    take(host.says);
    try {
      const body = { wall: host.wall, at_m: host.at_m, out_m: null, was };
      await ask(client.PUT("/api/pieces/{id}/position", { ...path, body }));
    } catch (error) {
      say(asProblem(error).message);
    }
    await cache.invalidateQueries({ queryKey: ["room"] });
  }

  return (
    <TextField
      select
      label="From the survey"
      disabled={hosts.isPending}
      value={items.some(({ name }) => name === taken) ? taken : NONE}
      onChange={(event) => {
        const host = items.find(({ name }) => name === event.target.value);
        if (host && hosts.data) void choose(host, hosts.data.place);
      }}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
    >
      <MenuItem value={NONE} disabled>
        choose …
      </MenuItem>
      {items.map(({ name, wall, at_m }) => (
        <MenuItem key={`${wall} ${at_m} ${name}`} value={name}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
