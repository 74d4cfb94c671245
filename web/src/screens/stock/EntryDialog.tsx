import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, queryClient } from "../../api/queries";
import { useObjections } from "../../api/useObjections";
import { LengthField } from "../../parts/LengthField";
import { NumberField } from "../../parts/NumberField";
import { FormDialog } from "../../parts/FormDialog";
import { useLatest } from "../../parts/useLatest";
import { useOnce } from "../../parts/useOnce";
import { Sweep } from "./Sweep";
import { placed, REASONS } from "./words";

type Reason = Schemas["StockEntry"]["reason"];

interface Said {
  reason: Reason;
  quantity: number | null;
  note: string;
  whom: string;
  box: string;
  /** Questions of the sweep that were answered. */
  asked: string[];
}

const ANYWHERE = "";
/** What goes to somebody, or comes back from there. */
const WITH_WHOM: Reason[] = ["lent", "given", "returned"];

/** What of a thing is asked about. */
export type Entered = Pick<Schemas["StockThing"], "id" | "name" | "kind" | "on_hand"> & {
  where: Pick<Schemas["StockThing"]["where"][number], "box" | "number" | "place">[];
};

/** Writes down what happened to a thing; sent twice it counts once. */
export function EntryDialog({ thing, onClose }: { thing: Entered; onClose: () => void }) {
  const [said, change, latest] = useLatest<Said>({
    reason: thing.on_hand > 0 ? "broken" : "bought",
    quantity: null,
    note: "",
    whom: "",
    box: ANYWHERE,
    asked: [],
  });
  const [key] = useState(() => newKey());
  const [problem, setProblem] = useState<Problem | null>(null);
  const { busy, once } = useOnce();
  const objections = useObjections(problem, said);
  const counts = said.reason === "counted";
  const measured = thing.kind === "ribbon";
  const label = counts ? (measured ? "There is" : "There are") : measured ? "How much" : "How many";
  const [asked, setAsked] = useState(false);
  const questions =
    useQuery({
      queryKey: [...keys.styles, "sweep", thing.id],
      queryFn: () => ask(client.GET("/api/styles/{id}/sweep", { params: { path: { id: thing.id } } })),
      enabled: said.reason === "given",
    }).data?.items ?? [];
  const error =
    objections.field("/quantity") ??
    (asked && said.quantity === null ? `Say how ${measured ? "much" : "many"}.` : undefined);

  async function write() {
    setAsked(true);
    const entry = latest();
    if (entry.quantity === null) return;
    try {
      await ask(
        client.POST("/api/styles/{id}/moves", {
          params: { path: { id: thing.id } },
          body: {
            ...entry,
            quantity: entry.quantity,
            whom: WITH_WHOM.includes(entry.reason) ? entry.whom : "",
            box: entry.box || null,
            asked: entry.reason === "given" ? entry.asked : [],
            key,
          },
        }),
      );
      await queryClient.invalidateQueries({ queryKey: keys.styles });
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  return (
    <FormDialog
      title={thing.name}
      keeps="Write it down"
      maxWidth="xs"
      busy={busy}
      objections={objections}
      onKeep={() => void once(write)}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gap: 2, pt: 1 }}>
        <TextField
          select
          label="What happened"
          value={said.reason}
          onChange={(event) => change({ reason: event.target.value as Reason })}
        >
          {(Object.keys(REASONS) as Reason[]).map((reason) => (
            <MenuItem key={reason} value={reason}>
              {REASONS[reason]}
            </MenuItem>
          ))}
        </TextField>
        {measured ? (
          <LengthField
            label={label}
            value={said.quantity}
            error={error}
            onChange={(quantity) => change({ quantity })}
          />
        ) : (
          <NumberField
            label={label}
            value={said.quantity}
            error={error}
            onChange={(quantity) => change({ quantity })}
          />
        )}
        {WITH_WHOM.includes(said.reason) && (
          <TextField
            label={said.reason === "returned" ? "From whom" : "To whom"}
            value={said.whom}
            onChange={(event) => change({ whom: event.target.value })}
            error={Boolean(objections.field("/whom"))}
            helperText={objections.field("/whom")}
            slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 80 } }}
          />
        )}
        {thing.where.some(({ box }) => box) && (
          <TextField
            select
            label="Where"
            value={said.box}
            onChange={(event) => change({ box: event.target.value })}
            error={Boolean(objections.field("/box"))}
            helperText={objections.field("/box")}
            slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
          >
            <MenuItem value={ANYWHERE}>{counts ? "everywhere together" : "wherever it lies"}</MenuItem>
            {thing.where.map(
              ({ box, number, place }) =>
                box !== null && (
                  <MenuItem key={box} value={box}>
                    {placed(number ?? 0, place)}
                  </MenuItem>
                ),
            )}
          </TextField>
        )}
        {said.reason === "given" && (
          <Sweep
            questions={questions}
            answered={said.asked}
            onAnswer={(asked) => change({ asked })}
            error={objections.field("/asked")}
          />
        )}
        <TextField
          label="Why"
          value={said.note}
          placeholder="in packing"
          onChange={(event) => change({ note: event.target.value })}
          error={Boolean(objections.field("/note"))}
          helperText={objections.field("/note")}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 200 } }}
        />
      </Box>
    </FormDialog>
  );
}
