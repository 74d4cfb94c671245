import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQueryClient } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../api/client";
import { keys } from "../api/queries";
import {
  ASKED,
  bodyOf,
  inWords,
  readingOf,
  saidOf,
  TEXTURES,
  TICKS,
  TITLES,
  WIRE,
  type Said,
  type StyleKind,
  type Ticked,
} from "./styleFields";
import { FormDialog } from "../parts/FormDialog";
import { inLine } from "../parts/ledgerWords";
import { Tick } from "../parts/Tick";
import { useUndo } from "../parts/undo";
import { useKeptForm } from "../parts/useKeptForm";
import { useUnits } from "../units/useUnits";

type Typed = Exclude<keyof Said, keyof Ticked>;

interface Props {
  style: Schemas["Style"] | undefined;
  kind: StyleKind;
  /** Shows who else wants it. */
  onClaims: (style: string) => void;
  onClose: () => void;
}

/** Adds a style, or counts one again. */
export function StyleDialog({ style, kind, onClaims, onClose }: Props) {
  const units = useUnits();
  const cache = useQueryClient();
  const { say } = useUndo();
  const { said, change, objections, form } = useKeptForm<Schemas["Style"], Said>({
    thing: style,
    saidOf: (known) => saidOf(known, kind, units),
    inWords: (one) => inWords(one, kind, units),
    aliases: { "/price_cents": "/price" },
    send: async (one, version, known) => {
      const body = bodyOf(kind, one, { style: known, units });
      if (style)
        await ask(client.PUT("/api/styles/{id}", { params: { path: { id: style.id } }, body: { version, ...body } }));
      else await ask(client.POST("/api/styles", { body }));
      await cache.invalidateQueries({ queryKey: keys.styles });
      say(`${one.name} was kept.`);
      onClose();
    },
  });

  const free = style?.free ?? style?.on_hand;
  const elsewhere =
    style && free !== undefined && free < style.on_hand
      ? `All there is; ${inLine(free, { unit: kind === "ribbon" ? "m" : "pieces" }, units)} of it free for this piece`
      : undefined;
  const field = (name: Typed, label: string) => (
    <TextField
      key={name}
      label={[label, readingOf(name, kind, units).unit].filter(Boolean).join(", ")}
      value={said[name]}
      onChange={(event) => change({ [name]: event.target.value })}
      error={Boolean(objections.field(`/${name}`))}
      helperText={objections.field(`/${name}`) ?? (name === "on_hand" ? elsewhere : undefined)}
    />
  );
  return (
    <FormDialog
      title={style ? style.name : `Add ${TITLES[kind]}`}
      keeps="Keep"
      maxWidth="xs"
      aside={style && <Button onClick={() => onClaims(style.id)}>Who wants it</Button>}
      {...form}
      onClose={onClose}
    >
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: "1fr 1fr",
          gap: 2,
          pt: 1,
          "& > div:first-of-type": { gridColumn: "1 / -1" },
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
          value={said.colour}
          onChange={(event) => change({ colour: event.target.value })}
        />
        {(kind === "garland" || kind === "stem") && (
          <TextField
            select
            label="Texture"
            value={said.texture}
            onChange={(event) => change({ texture: event.target.value })}
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
            value={said.wire}
            onChange={(event) => change({ wire: event.target.value })}
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
          <Tick key={name} label={label} checked={said[name]} onChange={(checked) => change({ [name]: checked })} />
        ))}
        {style && (
          <Tick
            label="Retired: offered no longer, stays where it is used"
            checked={said.retired}
            onChange={(retired) => change({ retired })}
          />
        )}
      </Box>
    </FormDialog>
  );
}
