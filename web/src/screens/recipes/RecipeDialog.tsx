import DeleteOutlined from "@mui/icons-material/DeleteOutlined";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { LengthField } from "../../parts/LengthField";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { Tick } from "../../parts/Tick";
import { useUndo } from "../../parts/undo";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import type { Units } from "../../units/format";
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

function inWords(said: Said, units: Units): InWords<Said> {
  const { product, batch } = said;
  return {
    name: ["What it is called", said.name],
    product: ["What comes of it", product?.name ?? ""],
    batch: ["Makes at once", product && batch !== null ? amount(batch, product.kind, units) : String(batch ?? "")],
    active_minutes: ["Work", `${said.active_minutes ?? 0} min`],
    drying_minutes: ["Drying", `${said.drying_minutes ?? 0} min`],
    at_visit: ["Where it is made", said.at_visit ? "in the home" : "beforehand"],
    materials: [
      "Materials",
      said.materials
        .map(({ thing, quantity }) => `${amount(quantity ?? 0, thing.kind, units)} ${thing.name}`)
        .join(", "),
    ],
    note: ["How it is made", said.note],
  };
}

/** A recipe: what comes of it, of what it is made, how long it takes and dries. */
export function RecipeDialog({ recipe, onClose }: { recipe?: Recipe | undefined; onClose: () => void }) {
  const units = useUnits();
  const { say } = useUndo();
  const { said, change, objections, form } = useKeptForm<Recipe, Said>({
    thing: recipe,
    saidOf,
    inWords: (one) => inWords(one, units),
    aliases: { "/style": "/product" },
    send: async (one, version) => {
      const body = {
        name: one.name,
        style: one.product?.id ?? "",
        batch: one.batch ?? 0,
        active_minutes: one.active_minutes ?? 0,
        drying_minutes: one.drying_minutes ?? 0,
        at_visit: one.at_visit,
        note: one.note,
        materials: one.materials.map(({ thing, quantity }) => ({ style: thing.id, quantity: quantity ?? 0 })),
      };
      if (recipe)
        await ask(client.PUT("/api/recipes/{id}", { params: { path: { id: recipe.id } }, body: { version, ...body } }));
      else await ask(client.POST("/api/recipes", { body }));
      await queryClient.invalidateQueries({ queryKey: keys.recipes });
      say(`${one.name} was kept.`);
      onClose();
    },
  });

  const setQuantity = (i: number, quantity: number | null) =>
    change(({ materials }) => ({ materials: materials.map((one, at) => (at === i ? { ...one, quantity } : one)) }));
  return (
    <FormDialog
      title={recipe ? recipe.name : "Add a recipe"}
      keeps={recipe ? "Keep it" : "Add it"}
      maxWidth="sm"
      {...form}
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
