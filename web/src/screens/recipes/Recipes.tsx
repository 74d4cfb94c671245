import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, queryClient, useSeasonYear } from "../../api/queries";
import { CountDial } from "../../parts/CountDial";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { MoreMenu } from "../../parts/MoreMenu";
import { Notice } from "../../parts/Notice";
import { useUndo } from "../../parts/undo";
import { Strip } from "../../shell/Strip";
import { count, counted, date, minutes, money } from "../../units/format";
import { amount } from "../../units/amount";
import { useCurrency, useUnits } from "../../units/useUnits";
import { Thumbnail } from "../stock/Thumbnail";
import { RecipeDialog } from "./RecipeDialog";

type Recipe = Schemas["Recipe"];

async function reread() {
  await queryClient.invalidateQueries({ queryKey: keys.recipes });
  await queryClient.invalidateQueries({ queryKey: keys.styles });
}

/** By when it is begun, if so many are wanted on a day. */
function StartBy({ recipe, wanted }: { recipe: Recipe; wanted: { on: string; count: number } }) {
  const start = useQuery({
    queryKey: [...keys.recipes, recipe.id, recipe.version, wanted],
    queryFn: () => ask(client.GET("/api/recipes/{id}/start", { params: { path: { id: recipe.id }, query: wanted } })),
    enabled: /^\d{4}-\d\d-\d\d$/.test(wanted.on) && wanted.count > 0,
  });
  if (!start.data) return null;
  const { start_by, late, batches } = start.data;
  return (
    <Typography role="status" color={late ? "error" : "textPrimary"}>
      {counted(batches, "batch", "batches")}, {minutes(start.data.minutes)}: begin by {date(start_by)}
      {late && ", which is past"}
    </Typography>
  );
}

function OfRecipe({ recipe, onChange }: { recipe: Recipe; onChange: () => void }) {
  const units = useUnits();
  const currency = useCurrency();
  const { say } = useUndo();
  const [on, setOn] = useState("");
  const [batches, setBatches] = useState(1);
  const [busy, setBusy] = useState(false);
  const { product } = recipe;
  const dries = recipe.drying_minutes > 0 ? `, dries ${minutes(recipe.drying_minutes)}` : "";
  const drying = recipe.at_visit ? `${dries}, made in the home` : dries;
  const params = { path: { id: recipe.id } };

  async function make() {
    if (busy) return;
    setBusy(true);
    const key = newKey();
    try {
      const { made } = await ask(client.POST("/api/recipes/{id}/makings", { params, body: { key, batches } }));
      await reread();
      say(`${amount(made, product.kind, units)} of ${product.name} made.`, async () => {
        await ask(client.POST("/api/recipes/{id}/unmake", { params, body: { key } }));
        await reread();
      });
    } catch (error) {
      say(asProblem(error).field("/batches") ?? asProblem(error).message);
    }
    setBusy(false);
  }

  async function remove() {
    await ask(client.DELETE("/api/recipes/{id}", { params })).catch(() => undefined);
    await reread();
    say(`${recipe.name} was deleted.`, async () => {
      await ask(client.POST("/api/recipes/{id}/restore", { params, body: {} }));
      await reread();
    });
  }

  return (
    <Box
      component="section"
      aria-label={recipe.name}
      sx={{ py: 2.5, borderBottom: 1, borderColor: "divider", display: "flex", gap: 2.5, flexWrap: "wrap" }}
    >
      <Thumbnail thing={product} place={0} size={72} />
      <Box sx={{ flex: 1, minWidth: 260 }}>
        <Box sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
          <Typography variant="h2" sx={{ flex: 1 }}>
            {recipe.name}
          </Typography>
          <MoreMenu
            label={`More about ${recipe.name}`}
            entries={[
              { label: "Change it", run: onChange },
              { label: "Delete it", run: () => void remove() },
            ]}
          />
        </Box>
        <Typography color="textSecondary">
          {amount(recipe.batch, product.kind, units)} of {product.name} at once, {minutes(recipe.active_minutes)} of
          work
          {drying}
          {recipe.cost_cents !== null && `, ${money(recipe.cost_cents, currency)} each`}
        </Typography>
        <Box component="ul" aria-label="Materials" sx={{ m: 0, my: 1, p: 0, listStyle: "none" }}>
          {recipe.materials.map((one, i) => (
            <Box component="li" key={one.style} sx={{ display: "flex", alignItems: "center", gap: 1 }}>
              <Thumbnail thing={one} place={i} size={26} />
              <Typography>
                {amount(one.quantity ?? 0, one.kind, units)} of {one.name}
              </Typography>
              <Typography variant="body2" color={one.on_hand < (one.quantity ?? 0) ? "error" : "textSecondary"}>
                {amount(one.on_hand, one.kind, units)} on hand
              </Typography>
            </Box>
          ))}
        </Box>
        {recipe.note && <Typography sx={{ whiteSpace: "pre-line", mb: 1 }}>{recipe.note}</Typography>}
      </Box>
      <Box sx={{ width: 230, display: "grid", gap: 1.5, alignContent: "start" }}>
        <CountDial
          label="Batches"
          value={batches}
          min={1}
          onChange={setBatches}
          help={
            recipe.possible === null
              ? `${count(product.on_hand)} there now`
              : `Materials do for ${count(recipe.possible)}`
          }
        />
        <TextField
          type="date"
          label="Wanted on"
          value={on}
          onChange={(event) => setOn(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <StartBy recipe={recipe} wanted={{ on, count: batches * recipe.batch }} />
        <Button variant="outlined" disabled={busy} onClick={() => void make()}>
          Made
        </Button>
      </Box>
    </Box>
  );
}

/** Things made by hand: of what, how long it takes and dries, what one costs, by when it is begun. */
export function Recipes() {
  const year = useSeasonYear();
  const recipes = useQuery({ queryKey: keys.recipes, queryFn: () => ask(client.GET("/api/recipes")) });
  const [changing, setChanging] = useState<Recipe | "new" | null>(null);
  if (recipes.isPending) return <Loading what="the recipes" />;
  if (!recipes.data) return <Failed error={recipes.error} retry={() => void recipes.refetch()} />;
  const { items } = recipes.data;
  return (
    <>
      <Strip
        crumbs={[{ label: `Season ${year}`, to: "/" }, { label: "Stockroom", to: "/stock" }, { label: "Made by hand" }]}
        of="Stockroom"
      >
        <Button variant="contained" startIcon={<Add />} onClick={() => setChanging("new")}>
          Add a recipe
        </Button>
      </Strip>
      <Box sx={{ flex: 1, overflow: "auto", px: { xs: 2, sm: 3 } }}>
        {items.length === 0 && (
          <Notice
            title="Nothing is made by hand yet"
            action={
              <Button variant="contained" onClick={() => setChanging("new")}>
                Add the first recipe
              </Button>
            }
          >
            A recipe says of what a thing is made, how long it takes and dries, and what one costs.
          </Notice>
        )}
        {items.map((recipe) => (
          <OfRecipe key={recipe.id} recipe={recipe} onChange={() => setChanging(recipe)} />
        ))}
      </Box>
      {changing && (
        <RecipeDialog recipe={changing === "new" ? undefined : changing} onClose={() => setChanging(null)} />
      )}
    </>
  );
}
