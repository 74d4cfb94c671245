import ImageOutlined from "@mui/icons-material/ImageOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { asProblem, type Schemas } from "../../api/client";
import { gatherColours, tooLarge } from "../../api/photographs";
import { usePictures } from "../../parts/usePictures";
import { ThingField } from "../stock/ThingField";
import { usePaints } from "./useLook";

type Colour = Schemas["LookColour"];

/** What a look begins from: the colours of a picture, leftover paint of a room, a thing of the stock. */
export function BeginFrom({ onColours }: { onColours: (colours: Colour[]) => void }) {
  const paints = usePaints().data?.items ?? [];
  const [busy, setBusy] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);

  async function look(file: File) {
    setRefused(null);
    const objection = tooLarge(file);
    if (objection) return setRefused(objection);
    setBusy(true);
    try {
      onColours((await gatherColours(file)).colours);
    } catch (error) {
      setRefused(asProblem(error).message);
    }
    setBusy(false);
  }

  const pictures = usePictures("Choose a picture to begin from", ([file]) => file && void look(file));
  return (
    <Box component="section" aria-label="Begin from" sx={{ mt: 2 }}>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
        Begin from
      </Typography>
      <Box
        sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "auto 1fr 1fr" }, gap: 1.5, alignItems: "start" }}
      >
        <Button variant="outlined" startIcon={<ImageOutlined />} disabled={busy} onClick={() => pictures.choose()}>
          {busy ? "Looking…" : "A picture"}
        </Button>
        <TextField
          select
          label="Paint of a room"
          value=""
          disabled={paints.length === 0}
          helperText={paints.length === 0 ? "none is kept yet" : undefined}
          onChange={(event) => {
            const paint = paints.find(({ id }) => id === event.target.value);
            if (paint) onColours([{ name: paint.name, srgb: paint.srgb, share_percent: 0 }]);
          }}
        >
          {paints.map(({ id, name, room, home }) => (
            <MenuItem key={id} value={id}>
              {name} · {room}, {home}
            </MenuItem>
          ))}
        </TextField>
        <ThingField
          label="A thing of the stock"
          value={null}
          onChange={(thing) =>
            thing?.colour && onColours([{ name: thing.name.slice(0, 60), srgb: thing.colour, share_percent: 0 }])
          }
        />
      </Box>
      {refused && (
        <Typography role="alert" variant="body2" color="error" sx={{ mt: 1 }}>
          {refused}
        </Typography>
      )}
      {pictures.input}
    </Box>
  );
}
