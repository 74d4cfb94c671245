import Add from "@mui/icons-material/Add";
import Remove from "@mui/icons-material/Remove";
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { newKey } from "../../api/key";
import { asProblem, type Problem, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { LengthField } from "../../parts/LengthField";
import { FieldReadingsProvider, useFieldReadings } from "../../parts/fieldReadings";
import { useLatest } from "../../parts/useLatest";
import { useOnce } from "../../parts/useOnce";
import { useUndo } from "../../parts/undo";
import { counted } from "../../units/format";
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";
import { begun, done, goOn } from "../../waiting/begun";
import { write } from "../../waiting/counts";
import { ThingField } from "../stock/ThingField";
import { Thumbnail } from "../stock/Thumbnail";

type Content = Pick<Schemas["BoxContent"], "id" | "name" | "kind" | "colour" | "material" | "texture" | "quantity">;

interface LineProps {
  thing: Content;
  place: number;
  seen: number | undefined;
  onSeen: (quantity: number | undefined) => void;
}

/** One thing: so many are expected, so many were seen. */
function Line({ thing, place, seen, onSeen }: LineProps) {
  const units = useUnits();
  const off = seen === undefined ? 0 : seen - thing.quantity;
  const told = `${off > 0 ? "+" : "−"}${amount(Math.abs(off), thing.kind, units)}`;
  return (
    <Box
      component="li"
      aria-label={thing.name}
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        columnGap: 1.5,
        rowGap: 1.25,
        py: 1,
        borderBottom: 1,
        borderColor: "divider",
      }}
    >
      <Thumbnail thing={thing} place={place} size={40} />
      <Box sx={{ flex: 1, minWidth: 120 }}>
        <Typography sx={{ fontWeight: 600, lineHeight: 1.25 }}>{thing.name}</Typography>
        <Typography variant="body2" color={off === 0 ? "textSecondary" : "error"}>
          {amount(thing.quantity, thing.kind, units)} expected{Math.abs(off) > 1e-6 && `, ${told}`}
        </Typography>
      </Box>
      {thing.kind === "ribbon" ? (
        <Box sx={{ width: 150 }}>
          <LengthField
            label="Seen"
            placeholder="not yet"
            value={seen ?? null}
            onChange={(metres) => onSeen(metres ?? undefined)}
          />
        </Box>
      ) : (
        <Box sx={{ display: "flex", alignItems: "center", ml: "auto" }}>
          <IconButton
            aria-label={`${thing.name}: one fewer`}
            disabled={(seen ?? thing.quantity) <= 0}
            onClick={() => onSeen(Math.max((seen ?? thing.quantity) - 1, 0))}
          >
            <Remove fontSize="small" />
          </IconButton>
          <TextField
            label="Seen"
            value={seen ?? ""}
            placeholder="–"
            onChange={(event) => {
              const digits = event.target.value.replace(/\D/g, "").slice(0, 6);
              onSeen(digits === "" ? undefined : Number(digits));
            }}
            slotProps={{
              htmlInput: { inputMode: "numeric", "aria-label": `${thing.name}: seen` },
              inputLabel: { shrink: true },
            }}
            sx={{ width: 74 }}
          />
          <IconButton aria-label={`${thing.name}: one more`} onClick={() => onSeen((seen ?? thing.quantity) + 1)}>
            <Add fontSize="small" />
          </IconButton>
          <Button size="small" onClick={() => onSeen(thing.quantity)} disabled={seen === thing.quantity}>
            All there
          </Button>
        </Box>
      )}
    </Box>
  );
}

/** What was counted so far. */
interface Sofar {
  /** What lies in it besides. */
  more: Content[];
  seen: ReadonlyMap<string, number>;
  note: string;
}

interface Props {
  box: Schemas["BoxInside"];
  /** Who counts. */
  account: string;
  onClose: () => void;
}

/** What is expected in a box beside what is seen; a difference is written down with its reason, without network as well. */
export function CountBox(props: Props) {
  return (
    <FieldReadingsProvider>
      <Count {...props} />
    </FieldReadingsProvider>
  );
}

function Count({ box, account, onClose }: Props) {
  const readings = useFieldReadings();
  const { say } = useUndo();
  const [expected] = useState(box.inside);
  const [before] = useState(() => begun(box.id, account));
  const [{ more, seen, note }, change, latest] = useLatest<Sofar>(() => ({
    more: before?.more ?? [],
    seen: new Map(before?.seen),
    note: before?.note ?? "",
  }));
  const [key] = useState(() => before?.key ?? newKey());
  const [problem, setProblem] = useState<Problem | null>(null);
  const { busy, once } = useOnce();
  const things: Content[] = [...expected, ...more];
  const off = things.filter(({ id, quantity }) => Math.abs((seen.get(id) ?? quantity) - quantity) > 1e-6);

  useEffect(() => {
    if (seen.size > 0 || more.length > 0) goOn(box.id, { account, key, more, seen: [...seen], note });
  }, [box.id, account, key, more, seen, note]);

  function close() {
    done(box.id);
    onClose();
  }

  function put(id: string, quantity: number | undefined) {
    const next = new Map(latest().seen);
    if (quantity === undefined) next.delete(id);
    else next.set(id, quantity);
    change({ seen: next });
  }

  async function keep() {
    if (!(await readings?.settled())) return;
    const sofar = latest();
    try {
      const told = await write({
        account,
        box: box.id,
        number: box.number,
        body: { key, note: sofar.note, seen: [...sofar.seen].map(([style, quantity]) => ({ style, quantity })) },
      });
      if (told) {
        await queryClient.invalidateQueries({ queryKey: keys.styles });
        say(
          told.differences.length === 0
            ? `Box ${box.number} agrees.`
            : `Box ${box.number}: ${told.differences.map(({ name }) => name).join(", ")} put right.`,
        );
      } else say(`Box ${box.number} is kept here until there is network.`);
      close();
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  return (
    <Box component="section" aria-label="Count the box">
      {problem && (
        <Alert severity="error" sx={{ mb: 1 }}>
          {problem.message}
        </Alert>
      )}
      {before && (
        <Typography color="textSecondary" sx={{ mb: 1 }}>
          You go on with the count you had begun.
        </Typography>
      )}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {things.map((thing, i) => (
          <Line
            key={thing.id}
            thing={thing}
            place={i}
            seen={seen.get(thing.id)}
            onSeen={(quantity) => put(thing.id, quantity)}
          />
        ))}
      </Box>
      <Box sx={{ my: 2 }}>
        <ThingField
          label="Something else lies in it"
          value={null}
          without={things.map(({ id }) => id)}
          onChange={(thing) => thing && change({ more: [...more, { ...thing, quantity: 0 }] })}
        />
      </Box>
      {off.length > 0 && (
        <TextField
          label={`Why ${counted(off.length, "thing differs", "things differ")}`}
          value={note}
          placeholder="two were broken in packing"
          onChange={(event) => change({ note: event.target.value })}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 200 } }}
        />
      )}
      <Box
        sx={{
          position: "sticky",
          bottom: { xs: -16, sm: -24 },
          mx: { xs: -2, sm: 0 },
          px: { xs: 2, sm: 0 },
          zIndex: 1,
          bgcolor: "background.default",
          display: "flex",
          gap: 1,
          py: 1.5,
          mt: 1,
          alignItems: "center",
        }}
      >
        <Typography variant="body2" color="textSecondary" sx={{ flex: 1 }} role="status">
          {seen.size} of {things.length} looked at
        </Typography>
        <Button onClick={close}>Cancel</Button>
        <Button
          variant="contained"
          disabled={busy || (seen.size === 0 && things.length > 0)}
          onClick={() => void once(keep)}
        >
          Write it down
        </Button>
      </Box>
    </Box>
  );
}
