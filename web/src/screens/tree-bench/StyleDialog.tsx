import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { ConflictDialog, type ConflictRow } from "../../parts/ConflictDialog";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { Tick } from "../../parts/Tick";
import { useUndo } from "../../parts/undo";

type Kind = Schemas["Style"]["kind"];

interface Props {
  style: Schemas["Style"] | undefined;
  kind: Kind;
  onClose: () => void;
}

const TITLES: Record<Kind, string> = {
  ornament: "ornament style",
  ribbon: "ribbon",
  light: "string of lights",
  pick: "pick",
};

/** What is asked of each kind, and in which unit. */
const ASKED: Record<Kind, { name: string; label: string }[]> = {
  ornament: [
    { name: "diameter_mm", label: "Size, mm" },
    { name: "material", label: "Material" },
    { name: "mass_g", label: "Weight, g" },
    { name: "pack_size", label: "In a pack" },
  ],
  ribbon: [
    { name: "material", label: "Kind" },
    { name: "pack_size", label: "On a roll, m" },
  ],
  light: [
    { name: "bulbs", label: "Bulbs on a string" },
    { name: "lit_length_m", label: "Lit length, m" },
    { name: "watts", label: "Watts, from its label" },
    { name: "max_run", label: "Joined end to end, at most" },
  ],
  pick: [{ name: "pack_size", label: "In a pack" }],
};

function textsOf(style: Schemas["Style"] | undefined): Record<string, string> {
  const said = (value: unknown) => (value === null || value === undefined ? "" : String(value));
  return {
    name: said(style?.name),
    colour: style?.colour ?? "#8d9194",
    diameter_mm: said(style?.diameter_mm),
    material: said(style?.material),
    pack_size: said(style?.pack_size ?? 1),
    bulbs: said(style?.bulbs),
    lit_length_m: said(style?.lit_length_m),
    mass_g: said(style?.mass_g),
    watts: said(style?.watts),
    max_run: said(style?.max_run),
    on_hand: said(style?.on_hand ?? 0),
    price: style?.price_cents ? (style.price_cents / 100).toFixed(2) : "",
  };
}

/** A number as typed; what is none goes as text, and the server says so by name. */
function numeric(text: string | undefined): number | null {
  if (!text || text.trim() === "") return null;
  const value = Number(text.replace(",", "."));
  return Number.isNaN(value) ? (text as unknown as number) : value;
}

function bodyOf(
  kind: Kind,
  texts: Record<string, string>,
  breakable: boolean,
  keepsake: boolean,
): Schemas["StyleFields"] {
  const price = numeric(texts.price);
  return {
    name: texts.name ?? "",
    kind,
    colour: texts.colour ?? null,
    material: texts.material || null,
    diameter_mm: numeric(texts.diameter_mm),
    pack_size: numeric(texts.pack_size) ?? 1,
    bulbs: numeric(texts.bulbs),
    lit_length_m: numeric(texts.lit_length_m),
    mass_g: numeric(texts.mass_g),
    watts: numeric(texts.watts),
    max_run: numeric(texts.max_run),
    on_hand: numeric(texts.on_hand) ?? 0,
    price_cents: typeof price === "number" ? Math.round(price * 100) : price,
    breakable,
    keepsake,
  };
}

function differences(mine: Record<string, string>, theirs: Record<string, string>): ConflictRow[] {
  return Object.keys(mine)
    .filter((name) => mine[name] !== theirs[name])
    .map((name) => ({ label: name.replaceAll("_", " "), mine: mine[name] ?? "", theirs: theirs[name] ?? "" }));
}

/** Adds a style, or counts one again. */
export function StyleDialog({ style, kind, onClose }: Props) {
  const [texts, setTexts] = useState(() => textsOf(style));
  const [breakable, setBreakable] = useState(style?.breakable ?? false);
  const [keepsake, setKeepsake] = useState(style?.keepsake ?? false);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [theirs, setTheirs] = useState<Schemas["Style"] | null>(null);
  const cache = useQueryClient();
  const { say } = useUndo();

  async function keep(version = style?.version) {
    try {
      const body = bodyOf(kind, texts, breakable, keepsake);
      if (style && version !== undefined)
        await ask(client.PUT("/api/styles/{id}", { params: { path: { id: style.id } }, body: { version, ...body } }));
      else await ask(client.POST("/api/styles", { body }));
      await cache.invalidateQueries({ queryKey: keys.styles });
      say(`${texts.name} was kept.`);
      onClose();
    } catch (error) {
      const told = asProblem(error);
      if (told.status === 409 && told.details.current) setTheirs(told.details.current as unknown as Schemas["Style"]);
      else setProblem(told);
    }
  }

  const field = (name: string, label: string) => (
    <TextField
      key={name}
      label={label}
      value={texts[name]}
      onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
      error={Boolean(problem?.field(`/${name}`))}
      helperText={problem?.field(`/${name}`)}
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
        <DialogTitle>{style ? style.name : `Add a ${TITLES[kind]}`}</DialogTitle>
        <DialogContent>
          <ProblemAlert problem={problem} />
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
            {field("on_hand", kind === "ribbon" ? "On hand, m" : "On hand")}
            {field(
              "price",
              kind === "ribbon" ? "Price of a roll" : kind === "light" ? "Price of a string" : "Price of a pack",
            )}
            {ASKED[kind].map((asked) => field(asked.name, asked.label))}
            <TextField
              label="Colour"
              type="color"
              value={texts.colour}
              onChange={(event) => setTexts({ ...texts, colour: event.target.value })}
            />
            {kind === "ornament" && (
              <Tick label="Breakable" checked={breakable} onChange={(checked) => setBreakable(checked)} />
            )}
            {kind === "ornament" && (
              <Tick label="A keepsake" checked={keepsake} onChange={(checked) => setKeepsake(checked)} />
            )}
          </Box>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained">
            Keep
          </Button>
        </DialogActions>
      </form>
      {theirs && (
        <ConflictDialog
          rows={differences(texts, textsOf(theirs))}
          keepMine={() => {
            setTheirs(null);
            void keep(theirs.version);
          }}
          takeTheirs={onClose}
        />
      )}
    </Dialog>
  );
}
