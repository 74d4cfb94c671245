import DeleteOutlined from "@mui/icons-material/DeleteOutlined";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { useVersioned } from "../../api/useVersioned";
import { conflictRows } from "../../parts/ConflictDialog";
import { LengthField } from "../../parts/LengthField";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { Tick } from "../../parts/Tick";
import { useUndo } from "../../parts/undo";
import { minutes, type Units } from "../../units/format";
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";
import { ThingField, type Thing } from "../stock/ThingField";

type Recipe = Schemas["Recipe"];

interface Said {
  name: string;
  product: Thing | null;
  batch: number | null;
  active_minutes: number | null;
  drying_minutes: number | null;
  at_visit: boolean;
  note: string;
  materials: { thing: Thing; quantity: number | null }[];
}

const thingOf = ({ style, name, kind }: Schemas["RecipeThing"]): Thing => ({ id: style, name, kind });

function saidOf(recipe: Recipe | undefined): Said {
  return {
    name: recipe?.name ?? "",
    product: recipe ? thingOf(recipe.product) : null,
    batch: recipe?.batch ?? 1,
    active_minutes: recipe?.active_minutes ?? 0,
    drying_minutes: recipe?.drying_minutes ?? 0,
    at_visit: recipe?.at_visit ?? false,
    note: recipe?.note ?? "",
    materials: recipe?.materials.map((one) => ({ thing: thingOf(one), quantity: one.quantity ?? null })) ?? [],
  };
}

/** What a recipe says, for whoever has to choose between two. */
function inWords({ name, product, batch, note, materials, ...times }: Said, units: Units): Record<string, string> {
  return {
    "What it is called": name,
    "What comes of it": product?.name ?? "",
    "Makes at once": product && batch !== null ? amount(batch, product.kind, units) : "",
    Work: minutes(times.active_minutes ?? 0),
    Drying: minutes(times.drying_minutes ?? 0),
    "Where it is made": times.at_visit ? "in the home" : "beforehand",
    Materials: materials
      .map(({ thing, quantity }) => `${amount(quantity ?? 0, thing.kind, units)} ${thing.name}`)
      .join(", "),
    "How it is made": note,
  };
}

/** A recipe: what comes of it, of what it is made, how long it takes and dries. */
export function RecipeDialog({ recipe, onClose }: { recipe?: Recipe | undefined; onClose: () => void }) {
  const [said, setSaid] = useState(() => saidOf(recipe));
  const [busy, setBusy] = useState(false);
  const units = useUnits();
  const { clash, problem, refused, settle, version } = useVersioned(recipe);
  const objections = useObjections(problem, said, { "/style": "/product" });
  const { say } = useUndo();
  const change = (changes: Partial<Said>) => setSaid((before) => ({ ...before, ...changes }));

  async function keep(at = version) {
    if (busy) return;
    setBusy(true);
    const body = {
      name: said.name,
      style: said.product?.id ?? "",
      batch: said.batch ?? 0,
      active_minutes: said.active_minutes ?? 0,
      drying_minutes: said.drying_minutes ?? 0,
      at_visit: said.at_visit,
      note: said.note,
      materials: said.materials.map(({ thing, quantity }) => ({ style: thing.id, quantity: quantity ?? 0 })),
    };
    try {
      if (recipe)
        await ask(
          client.PUT("/api/recipes/{id}", { params: { path: { id: recipe.id } }, body: { version: at, ...body } }),
        );
      else await ask(client.POST("/api/recipes", { body }));
      await queryClient.invalidateQueries({ queryKey: keys.recipes });
      say(`${said.name} was kept.`);
      onClose();
    } catch (error) {
      refused(error);
    }
    setBusy(false);
  }

  const setQuantity = (i: number, quantity: number | null) =>
    change({ materials: said.materials.map((one, at) => (at === i ? { ...one, quantity } : one)) });
  return (
    <FormDialog
      title={recipe ? recipe.name : "Add a recipe"}
      keeps={recipe ? "Keep it" : "Add it"}
      busy={busy}
      objections={objections}
      maxWidth="sm"
      conflict={
        clash && {
          rows: conflictRows(inWords(said, units), inWords(saidOf(clash.theirs), units)),
          keepMine: () => {
            settle();
            void keep(clash.theirs.version);
          },
          takeTheirs: () => {
            setSaid(saidOf(clash.theirs));
            settle();
          },
        }
      }
      onKeep={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr 1fr" }, gap: 2, pt: 1 }}>
        <TextField
          label="What it is called"
          value={said.name}
          placeholder="Bows with long tails"
          onChange={(event) => change({ name: event.target.value })}
          error={Boolean(objections.field("/name"))}
          helperText={objections.field("/name")}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 120 } }}
          sx={{ gridColumn: "1 / -1" }}
        />
        <Box sx={{ gridColumn: "1 / -1" }}>
          <ThingField
            label="What comes of it"
            value={said.product}
            error={objections.field("/product")}
            onChange={(product) => change({ product })}
          />
        </Box>
        <NumberField
          label="Makes at once"
          value={said.batch}
          error={objections.field("/batch")}
          onChange={(batch) => change({ batch })}
        />
        <NumberField
          label="Work, minutes"
          value={said.active_minutes}
          error={objections.field("/active_minutes")}
          onChange={(active_minutes) => change({ active_minutes })}
        />
        <NumberField
          label="Drying, minutes"
          value={said.drying_minutes}
          error={objections.field("/drying_minutes")}
          onChange={(drying_minutes) => change({ drying_minutes })}
        />
        <Box sx={{ gridColumn: "1 / -1" }}>
          <Tick
            label="Made in the home, as a step of the visit; what it goes onto waits until it is dry"
            checked={said.at_visit}
            onChange={(at_visit) => change({ at_visit })}
          />
        </Box>
      </Box>
      <Typography variant="h3" sx={{ mt: 2.5, mb: 1 }}>
        Materials for one batch
      </Typography>
      {said.materials.map(({ thing, quantity }, i) => (
        <Box key={thing.id} sx={{ display: "flex", gap: 1, alignItems: "center", mb: 1 }}>
          <Typography sx={{ flex: 1, minWidth: 0 }}>{thing.name}</Typography>
          <Box sx={{ width: 150 }}>
            {thing.kind === "ribbon" ? (
              <LengthField label="How much" value={quantity} onChange={(metres) => setQuantity(i, metres)} />
            ) : (
              <NumberField label="How many" value={quantity} onChange={(number) => setQuantity(i, number)} />
            )}
          </Box>
          <IconButton
            aria-label={`Without ${thing.name}`}
            onClick={() => change({ materials: said.materials.filter((_, at) => at !== i) })}
          >
            <DeleteOutlined fontSize="small" />
          </IconButton>
        </Box>
      ))}
      <ThingField
        label="Add a material"
        value={null}
        error={objections.field("/materials")}
        without={[said.product?.id ?? "", ...said.materials.map(({ thing }) => thing.id)]}
        onChange={(thing) =>
          thing && change({ materials: [...said.materials, { thing, quantity: thing.kind === "ribbon" ? null : 1 }] })
        }
      />
      <TextField
        label="How it is made"
        multiline
        minRows={3}
        value={said.note}
        onChange={(event) => change({ note: event.target.value })}
        error={Boolean(objections.field("/note"))}
        helperText={objections.field("/note")}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 2000 } }}
        sx={{ mt: 2 }}
      />
    </FormDialog>
  );
}
