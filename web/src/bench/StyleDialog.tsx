import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { ask, client, type Schemas } from "../api/client";
import { keys } from "../api/queries";
import { useObjections } from "../api/useObjections";
import { useVersioned } from "../api/useVersioned";
import {
  ASKED,
  bodyOf,
  readingOf,
  textsOf,
  TEXTURES,
  TICKS,
  TITLES,
  WIRE,
  type StyleKind,
  type Ticked,
} from "./styleFields";
import { ConflictDialog, conflictRows, type ConflictRow } from "../parts/ConflictDialog";
import { inLine } from "../parts/ledgerWords";
import { FormAlert } from "../parts/ProblemAlert";
import { Tick } from "../parts/Tick";
import { useUndo } from "../parts/undo";
import { useUnits } from "../units/useUnits";

interface Props {
  style: Schemas["Style"] | undefined;
  kind: StyleKind;
  /** Shows who else wants it. */
  onClaims: (style: string) => void;
  onClose: () => void;
}

function differences(mine: Record<string, string>, theirs: Record<string, string>): ConflictRow[] {
  return conflictRows(mine, theirs).map((row) => ({ ...row, label: row.label.replaceAll("_", " ") }));
}

/** Adds a style, or counts one again. */
export function StyleDialog({ style, kind, onClaims, onClose }: Props) {
  const units = useUnits();
  const [texts, setTexts] = useState(() => textsOf(style, kind, units));
  const [ticked, setTicked] = useState<Ticked>({
    breakable: style?.breakable ?? false,
    keepsake: style?.keepsake ?? false,
    two_way: style?.two_way ?? false,
    retired: style?.retired ?? false,
  });
  const { clash, problem, refused, settle } = useVersioned(style);
  const objections = useObjections(problem, texts, { "/price_cents": "/price" });
  const cache = useQueryClient();
  const { say } = useUndo();

  async function keep(version = style?.version) {
    try {
      const body = bodyOf(kind, texts, ticked, { style, units });
      if (style && version !== undefined)
        await ask(client.PUT("/api/styles/{id}", { params: { path: { id: style.id } }, body: { version, ...body } }));
      else await ask(client.POST("/api/styles", { body }));
      await cache.invalidateQueries({ queryKey: keys.styles });
      say(`${texts.name} was kept.`);
      onClose();
    } catch (error) {
      refused(error);
    }
  }

  const free = style?.free ?? style?.on_hand;
  const elsewhere =
    style && free !== undefined && free < style.on_hand
      ? `All there is; ${inLine(free, { unit: kind === "ribbon" ? "m" : "pieces" }, units)} of it free for this piece`
      : undefined;
  const field = (name: string, label: string) => (
    <TextField
      key={name}
      label={[label, readingOf(name, kind, units).unit].filter(Boolean).join(", ")}
      value={texts[name]}
      onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
      error={Boolean(objections.field(`/${name}`))}
      helperText={objections.field(`/${name}`) ?? (name === "on_hand" ? elsewhere : undefined)}
    />
  );
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth>
      <form
        noValidate
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          void keep();
        }}
      >
        <DialogTitle>{style ? style.name : `Add ${TITLES[kind]}`}</DialogTitle>
        <DialogContent>
          <FormAlert objections={objections} />
          <Box
            sx={{
              display: "grid",
              gridTemplateColumns: "1fr 1fr",
              gap: 2,
              pt: 1,
              "& > :first-of-type": { gridColumn: "1 / -1" },
            }}
          >
            {field("name", "Name")}
            {field("on_hand", "On hand")}
            {field(
              "price",
              { ribbon: "Price of a roll", light: "Price of a string", garland: "Price of a piece" }[kind as string] ??
                "Price of a pack",
            )}
            {ASKED[kind].map((asked) => field(asked.name, asked.label))}
            <TextField
              label="Colour"
              type="color"
              value={texts.colour}
              onChange={(event) => setTexts({ ...texts, colour: event.target.value })}
            />
            {(kind === "garland" || kind === "stem") && (
              <TextField
                select
                label="Texture"
                value={texts.texture}
                onChange={(event) => setTexts({ ...texts, texture: event.target.value })}
                slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
              >
                <MenuItem value="">not said</MenuItem>
                {TEXTURES.map((texture) => (
                  <MenuItem key={texture} value={texture}>
                    {texture}
                  </MenuItem>
                ))}
              </TextField>
            )}
            {kind === "ribbon" && (
              <TextField
                select
                label="Edges"
                value={texts.wire}
                onChange={(event) => setTexts({ ...texts, wire: event.target.value })}
                helperText="Wired ribbon holds its loop"
                slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
              >
                <MenuItem value="">not said</MenuItem>
                {WIRE.map((edges) => (
                  <MenuItem key={edges} value={edges}>
                    {edges}
                  </MenuItem>
                ))}
              </TextField>
            )}
            {TICKS[kind]?.map(({ name, label }) => (
              <Tick
                key={name}
                label={label}
                checked={ticked[name]}
                onChange={(checked) => setTicked({ ...ticked, [name]: checked })}
              />
            ))}
            {style && (
              <Tick
                label="Retired: offered no longer, stays where it is used"
                checked={ticked.retired}
                onChange={(retired) => setTicked({ ...ticked, retired })}
              />
            )}
          </Box>
        </DialogContent>
        <DialogActions>
          {style && (
            <Button onClick={() => onClaims(style.id)} sx={{ mr: "auto" }}>
              Who wants it
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained">
            Keep
          </Button>
        </DialogActions>
      </form>
      {clash && (
        <ConflictDialog
          rows={differences(texts, textsOf(clash.theirs, kind, units))}
          keepMine={() => {
            settle();
            void keep(clash.theirs.version);
          }}
          takeTheirs={onClose}
        />
      )}
    </Dialog>
  );
}
