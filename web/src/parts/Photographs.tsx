import AddAPhoto from "@mui/icons-material/AddAPhotoOutlined";
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import CircularProgress from "@mui/material/CircularProgress";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { asProblem } from "../api/client";
import { addPhotograph, photograph, tooLarge, type Shown } from "../api/photographs";
import { keys, queryClient } from "../api/queries";
import { PhotographViewer } from "./PhotographViewer";
import { usePictures } from "./usePictures";

const TILE = 56;

/** Where it is told which photographs there are. */
const TOLD_BY: Record<Shown, string[][]> = {
  style: [keys.styles],
  box: [keys.styles],
  sighting: [keys.sightings],
  note: [keys.days],
  remark: [keys.days, keys.ideas],
};

interface Props {
  /** What they show, as it is asked for. */
  of: Shown;
  id: string;
  /** What it is called: "Quince glass, 6 cm", "Box 14". */
  name: string;
  photographs: string[];
}

/** Photographs of one thing in a row: looked at, added to. */
export function Photographs({ of, id, name, photographs }: Props) {
  const [sending, setSending] = useState(0);
  const [refused, setRefused] = useState<string | null>(null);
  const [seen, setSeen] = useState<string | null>(null);

  /** What the studio objects to, or nothing. */
  async function sent(file: File): Promise<string | null> {
    try {
      await addPhotograph(of, id, file);
      return null;
    } catch (error) {
      return asProblem(error).message;
    }
  }

  async function send(files: File[]) {
    setRefused(null);
    setSending(files.length);
    for (const file of files) {
      const objection = tooLarge(file) ?? (await sent(file));
      if (objection) setRefused(objection);
      setSending((left) => left - 1);
    }
    await Promise.all(TOLD_BY[of].map((queryKey) => queryClient.invalidateQueries({ queryKey })));
  }

  const pictures = usePictures(`Choose photographs of ${name}`, (files) => void send(files), true);
  return (
    <Box sx={{ mt: 1.5 }}>
      <Box component="ul" aria-label={`Photographs of ${name}`} sx={row}>
        {photographs.map((one, i) => (
          <li key={one}>
            <ButtonBase
              onClick={() => setSeen(one)}
              aria-label={`Photograph ${i + 1} of ${photographs.length}`}
              sx={{ ...tile, borderColor: i === 0 ? "text.primary" : "divider" }}
            >
              <Box component="img" src={photograph(one, "small")} alt="" sx={filling} />
            </ButtonBase>
          </li>
        ))}
        <li>
          <ButtonBase
            onClick={() => pictures.choose()}
            disabled={sending > 0}
            sx={{ ...tile, width: "auto", px: 1.5, gap: 1, borderStyle: "dashed", borderColor: "text.secondary" }}
          >
            {sending > 0 ? <CircularProgress size={18} aria-label="Sending" /> : <AddAPhoto fontSize="small" />}
            <Typography component="span" variant="body2">
              {sending > 0 ? "Sending…" : "Add a photograph"}
            </Typography>
          </ButtonBase>
        </li>
      </Box>
      {refused && (
        <Typography role="alert" variant="body2" color="error" sx={{ mt: 0.5 }}>
          {refused}
        </Typography>
      )}
      {pictures.input}
      {seen && photographs.includes(seen) && (
        <PhotographViewer
          name={name}
          photographs={photographs}
          seen={seen}
          onSee={setSeen}
          onClose={() => setSeen(null)}
        />
      )}
    </Box>
  );
}

const row = { m: 0, p: 0, listStyle: "none", display: "flex", flexWrap: "wrap", gap: 1 } as const;
const tile = {
  width: TILE,
  height: TILE,
  border: 1,
  borderRadius: 1,
  overflow: "hidden",
  bgcolor: "background.paper",
} as const;
const filling = { width: "100%", height: "100%", objectFit: "cover", display: "block" } as const;
