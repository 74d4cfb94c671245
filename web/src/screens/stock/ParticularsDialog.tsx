import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { LengthField } from "../../parts/LengthField";
import { MeasuredField } from "../../parts/MeasuredField";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { Tick } from "../../parts/Tick";
import { useUndo } from "../../parts/undo";
import { useKeptForm } from "../../parts/useKeptForm";
import { useUnits } from "../../units/useUnits";
import { asks, bodyOf, saidOf, type Particulars } from "./particularFields";
import { inWords, LABELS } from "./particularWords";
import { CONDITIONS, DRAPES, ROLES, SEASONS, SHAPES, TAGS } from "./words";

type Details = Schemas["StockDetails"];
type Name = keyof Particulars;

/** What is known of a thing beyond its measures: whose it is, when it is put up, where it came from, in which state it is. */
export function ParticularsDialog({ thing, onClose }: { thing: Details; onClose: () => void }) {
  const units = useUnits();
  const { say } = useUndo();
  const homes = useQuery({ queryKey: ["homes"], queryFn: () => ask(client.GET("/api/homes")) }).data?.items ?? [];
  const { said, change, objections, form } = useKeptForm<Details, Particulars>({
    thing,
    saidOf: (known = thing) => saidOf(known),
    inWords: (one) => inWords(one, { units, homes }),
    send: async (one, version) => {
      await ask(
        client.PUT("/api/styles/{id}/particulars", {
          params: { path: { id: thing.id } },
          body: { version, ...bodyOf(thing.kind, one) },
        }),
      );
      await queryClient.invalidateQueries({ queryKey: keys.styles });
      say(`What is known of ${thing.name} was kept.`);
      onClose();
    },
  });
  const error = (name: Name) => objections.field(`/${name}`);

  const choice = <T extends string>(name: Name, choices: Record<T, string>, empty?: string) =>
    asks(thing.kind, name) && (
      <TextField
        select
        label={LABELS[name]}
        value={said[name] ?? ""}
        onChange={(event) => change({ [name]: event.target.value || null })}
        error={Boolean(error(name))}
        helperText={error(name)}
        slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
      >
        {empty && <MenuItem value="">{empty}</MenuItem>}
        {(Object.entries(choices) as [T, string][]).map(([value, says]) => (
          <MenuItem key={value} value={value}>
            {says}
          </MenuItem>
        ))}
      </TextField>
    );
  const text = (name: Name, more: { type?: "date"; placeholder?: string } = {}) =>
    asks(thing.kind, name) && (
      <TextField
        label={LABELS[name]}
        type={more.type ?? "text"}
        placeholder={more.placeholder ?? ""}
        value={said[name] ?? ""}
        onChange={(event) => change({ [name]: event.target.value || null })}
        error={Boolean(error(name))}
        helperText={error(name)}
        slotProps={{ inputLabel: { shrink: true } }}
      />
    );
  const number = (name: "seasons_expected" | "spare_kept" | "keepsake_year" | "dead_percent") =>
    asks(thing.kind, name) && (
      <NumberField
        label={LABELS[name]}
        value={said[name]}
        error={error(name)}
        onChange={(value) => change({ [name]: value })}
      />
    );
  const lengthField = (name: "riser_height_m" | "riser_top_m") =>
    asks(thing.kind, name) && (
      <LengthField
        label={LABELS[name]}
        placeholder="no riser"
        value={said[name]}
        error={error(name)}
        onChange={(value) => change({ [name]: value })}
      />
    );
  return (
    <FormDialog title={`More about ${thing.name}`} keeps="Keep it" maxWidth="sm" {...form} onClose={onClose}>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 2, pt: 1 }}>
        {choice("season", SEASONS)}
        {choice("role", ROLES, "not said")}
        {choice("condition", CONDITIONS)}
        {text("finish", { placeholder: "matte, ribbed" })}
        {text("bought_from")}
        {text("bought_on", { type: "date" })}
        {number("seasons_expected")}
        {number("spare_kept")}
        {choice("tag", TAGS)}
        {said.tag === "may_go_back" && text("decide_by", { type: "date" })}
        {text("keepsake_of")}
        {number("keepsake_year")}
        {text("keepsake_from")}
        {choice("shape", SHAPES, "a swatch of its colour")}
        {choice("drape", DRAPES, "not said")}
        {lengthField("riser_height_m")}
        {lengthField("riser_top_m")}
        {text("tested_on", { type: "date" })}
        {number("dead_percent")}
        <MeasuredField
          label={LABELS.litres}
          unit="litres"
          value={said.litres}
          error={error("litres")}
          onChange={(litres) => change({ litres })}
        />
        <TextField
          select
          label={LABELS.owner_home_id}
          value={said.owner_home_id ?? ""}
          onChange={(event) => change({ owner_home_id: event.target.value || null })}
          error={Boolean(error("owner_home_id"))}
          helperText={error("owner_home_id") ?? "A client's own goes to that home only"}
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
        >
          <MenuItem value="">the studio’s</MenuItem>
          {homes.map((home) => (
            <MenuItem key={home.id} value={home.id}>
              {home.client ?? home.name}
            </MenuItem>
          ))}
        </TextField>
        {asks(thing.kind, "parts") && (
          <TextField
            label="Parts, one a line"
            multiline
            minRows={2}
            value={said.parts}
            onChange={(event) => change({ parts: event.target.value })}
            placeholder={"stand\nthree sections\nadapter"}
            error={Boolean(error("parts"))}
            helperText={error("parts")}
            slotProps={{ inputLabel: { shrink: true } }}
            sx={{ gridColumn: "1 / -1" }}
          />
        )}
        {asks(thing.kind, "shedding") && (
          <Tick label="Sheds" checked={said.shedding} onChange={(shedding) => change({ shedding })} />
        )}
      </Box>
      {said.tag === "price_only" && (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
          Its tag only tells the price: a photograph of it does as well, and the tag may come off.
        </Typography>
      )}
    </FormDialog>
  );
}
