import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { asProblem, type Problem } from "../../api/client";
import { useObjections } from "../../api/useObjections";
import { ColourDot } from "../../parts/ColourDot";
import { FormDialog } from "../../parts/FormDialog";
import { Tick } from "../../parts/Tick";
import type { Choice, Draft, Home } from "./SeasonOpening";
import { stoodWords } from "./stoodWords";

/** A piece comes again in another place, or without some of its things. */
export function VaryDialog({
  home,
  draft,
  onClose,
  onKeep,
}: {
  home: Home;
  draft: Draft;
  onClose: () => void;
  onKeep: (choice: Choice) => Promise<void>;
}) {
  const [said, setSaid] = useState({
    room_id: draft.room_id ?? home.rooms[0]?.id ?? "",
    place_id: draft.place_id ?? "",
    without: [] as string[],
  });
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Problem | null>(null);
  const objections = useObjections(problem, said);
  const places = home.rooms.find(({ id }) => id === said.room_id)?.places ?? [];

  async function keep() {
    if (busy) return;
    setBusy(true);
    try {
      await onKeep({ choice: "keep", room_id: said.room_id, place_id: said.place_id || null, without: said.without });
    } catch (error) {
      setProblem(asProblem(error));
      setBusy(false);
    }
  }

  return (
    <FormDialog
      title={`${draft.name}, changed`}
      keeps="Keep it so"
      busy={busy}
      objections={objections}
      onKeep={() => void keep()}
      onClose={onClose}
    >
      {draft.stood.length > 0 && <Typography color="textSecondary">It has been: {stoodWords(draft.stood)}.</Typography>}
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2, pt: 2 }}>
        <TextField
          select
          label="Room"
          value={said.room_id}
          onChange={(event) => setSaid({ ...said, room_id: event.target.value, place_id: "" })}
          error={Boolean(objections.field("/room_id"))}
          helperText={objections.field("/room_id")}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
        >
          {home.rooms.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </TextField>
        <TextField
          select
          label="Place"
          value={said.place_id}
          onChange={(event) => setSaid({ ...said, place_id: event.target.value })}
          error={Boolean(objections.field("/place_id"))}
          helperText={objections.field("/place_id")}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
        >
          <option value="">none of the room’s places</option>
          {places.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </TextField>
      </Box>
      {draft.things.length > 1 && (
        <>
          <Typography variant="h3" sx={{ mt: 2.5 }}>
            Left out this year
          </Typography>
          <Box role="group" aria-label="Left out this year">
            {draft.things.map(({ style, name, colour }) => (
              <Box key={style} sx={{ display: "flex", alignItems: "center", gap: 1 }}>
                <Box sx={{ flex: 1 }}>
                  <Tick
                    label={name}
                    checked={said.without.includes(style)}
                    onChange={(out) =>
                      setSaid({
                        ...said,
                        without: out ? [...said.without, style] : said.without.filter((one) => one !== style),
                      })
                    }
                  />
                </Box>
                <ColourDot colour={colour} />
              </Box>
            ))}
          </Box>
        </>
      )}
    </FormDialog>
  );
}
