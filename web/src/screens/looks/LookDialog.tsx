import Add from "@mui/icons-material/Add";
import Close from "@mui/icons-material/Close";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { ask, client, type Schemas } from "../../api/client";
import { ColourBar } from "../../parts/ColourBar";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { useUndo } from "../../parts/undo";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import { BeginFrom } from "./BeginFrom";
import { reread } from "./useLook";

type Colour = Schemas["LookColour"];
type Look = Schemas["Look"];

interface Said {
  name: string;
  season: number | null;
  colours: Colour[];
}

const FRESH: Colour = { name: "", srgb: "#8d9194", share_percent: 0 };
const MOST = 12;

function inWords({ name, season, colours }: Said): InWords<Said> {
  return {
    name: ["Name", name],
    season: ["Season", season === null ? "of no year" : String(season)],
    colours: ["Colours", colours.map((colour) => `${colour.name} ${colour.share_percent} %`).join(", ")],
  };
}

interface Props {
  /** The look that is changed; none: a new one is made. */
  look?: Look;
  /** What a new one begins as: last year's, another home's. */
  from?: Look;
  year: number;
  onDone: (look: Look) => void;
  onClose: () => void;
}

/** A look: its name and season, its colours with the shares they are wanted in. */
export function LookDialog({ look, from, year, onDone, onClose }: Props) {
  const { say } = useUndo();
  const { said, change, objections, form } = useKeptForm<Look, Said>({
    thing: look,
    saidOf: (known) => ({
      name: known?.name ?? (from ? `${from.name} ${year}` : ""),
      season: known ? known.season : year,
      colours: (known ?? from)?.colours ?? [],
    }),
    inWords,
    send: async (one, version) => {
      const kept = look
        ? await ask(client.PUT("/api/looks/{id}", { params: { path: { id: look.id } }, body: { version, ...one } }))
        : await ask(client.POST("/api/looks", { body: { ...one, began_from: from?.id ?? null } }));
      await reread();
      say(`${kept.name} was kept.`);
      onDone(kept);
    },
  });
  const all = said.colours.reduce((sum, { share_percent }) => sum + share_percent, 0);
  const recolour = (at: number, part: Partial<Colour>) =>
    change(({ colours }) => ({ colours: colours.map((colour, i) => (i === at ? { ...colour, ...part } : colour)) }));

  return (
    <FormDialog
      title={look ? look.name : "Make a look"}
      keeps={look ? "Keep it" : "Make it"}
      maxWidth="sm"
      {...form}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 110px", gap: 2, pt: 1 }}>
        <TextField
          label="Name"
          value={said.name}
          onChange={(event) => change({ name: event.target.value })}
          error={Boolean(objections.field("/name"))}
          helperText={objections.field("/name")}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 120 } }}
          autoFocus
        />
        <NumberField
          label="Season"
          value={said.season}
          error={objections.field("/season")}
          onChange={(season) => change({ season })}
        />
      </Box>
      {!look && (
        <BeginFrom onColours={(colours) => change({ colours: [...said.colours, ...colours].slice(0, MOST) })} />
      )}
      {said.colours.length > 0 && all > 0 && (
        <Box sx={{ mt: 2 }}>
          <ColourBar
            label={said.colours.map(({ name, share_percent }) => `${name} ${share_percent} %`).join(", ")}
            height={26}
            parts={said.colours.map(({ name, srgb, share_percent }, i) => ({
              name: `${name} ${i}`,
              srgb,
              share: share_percent / 100,
            }))}
          />
        </Box>
      )}
      <Box component="ul" aria-label="Colours" sx={{ m: 0, mt: 2, p: 0, listStyle: "none", display: "grid", gap: 1.5 }}>
        {said.colours.map((colour, i) => (
          <Box component="li" key={i} sx={{ display: "flex", gap: 1, alignItems: "flex-start" }}>
            <Box
              component="input"
              type="color"
              value={colour.srgb}
              aria-label={`Colour ${i + 1}`}
              onChange={(event: React.ChangeEvent<HTMLInputElement>) => recolour(i, { srgb: event.target.value })}
              sx={{ width: 44, height: 40, p: 0, border: 0, bgcolor: "transparent", flexShrink: 0 }}
            />
            <TextField
              label={`Name of colour ${i + 1}`}
              value={colour.name}
              onChange={(event) => recolour(i, { name: event.target.value })}
              error={Boolean(objections.field(`/colours/${i}/name`))}
              helperText={objections.field(`/colours/${i}/name`)}
              slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 60 } }}
              sx={{ flex: 1 }}
            />
            <Box sx={{ width: 92 }}>
              <NumberField
                label="Share, %"
                value={colour.share_percent}
                error={objections.field(`/colours/${i}/share_percent`)}
                onChange={(share_percent) => recolour(i, { share_percent: share_percent ?? 0 })}
              />
            </Box>
            <IconButton
              aria-label={`Take ${colour.name || `colour ${i + 1}`} out`}
              onClick={() => change({ colours: said.colours.filter((_, at) => at !== i) })}
            >
              <Close fontSize="small" />
            </IconButton>
          </Box>
        ))}
      </Box>
      <Box sx={{ display: "flex", alignItems: "center", gap: 2, mt: 1.5 }}>
        <Button
          startIcon={<Add />}
          disabled={said.colours.length >= MOST}
          onClick={() => change({ colours: [...said.colours, FRESH] })}
        >
          A colour more
        </Button>
        <Typography role="status" color={all > 100 ? "error" : "textSecondary"}>
          {all} % together
        </Typography>
      </Box>
      {objections.field("/colours") && <Typography color="error">{objections.field("/colours")}</Typography>}
    </FormDialog>
  );
}
