import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client } from "../../api/client";
import { NumberField } from "../../parts/NumberField";
import { INCH } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { Asked, large } from "./Asked";

const AMISS = [
  { kind: "broken" as const, says: "Broken" },
  { kind: "lost" as const, says: "Not there any more" },
  { kind: "found" as const, says: "More were found" },
];
/** What a stockroom keeps of one thing. */
const MOST = 100_000;
const LONGEST_LABEL = 60;

/** What broke, is lost, or turned up: how many, and one press. */
export function AmissDialog({
  name,
  unit,
  onClose,
  onSay,
}: {
  name: string;
  unit: "pieces" | "m";
  onClose: () => void;
  onSay: (kind: "broken" | "lost" | "found", quantity: number) => void;
}) {
  const units = useUnits();
  const [many, setMany] = useState<number | null>(1);
  const scale = unit === "m" && units === "imperial" ? INCH : 1;
  const wrong = many === null || many <= 0 || many * scale > MOST || (unit === "pieces" && !Number.isInteger(many));
  return (
    <Asked title={`${name}: what is amiss?`} onClose={onClose}>
      <NumberField
        label={unit === "pieces" ? "How many" : units === "imperial" ? "How much, in" : "How much, m"}
        value={many}
        onChange={setMany}
        error={wrong ? (unit === "pieces" ? "Type how many, 1 or more." : "Type how much, more than 0.") : undefined}
      />
      {AMISS.map(({ kind, says }) => (
        <Button
          key={kind}
          variant="outlined"
          disabled={wrong}
          sx={large}
          onClick={() => many !== null && onSay(kind, many * scale)}
        >
          {says}
        </Button>
      ))}
    </Asked>
  );
}

/** Into which of the studio’s boxes it goes instead. */
export function BoxDialog({
  name,
  boxes,
  onClose,
  onSay,
}: {
  name: string;
  boxes: { id: string; number: number; name: string; place: string }[];
  onClose: () => void;
  onSay: (box: string) => void;
}) {
  const [chosen, setChosen] = useState(boxes[0]?.id ?? "");
  return (
    <Asked
      title={`${name} goes into`}
      onClose={onClose}
      actions={
        <Button variant="contained" disabled={chosen === ""} onClick={() => onSay(chosen)}>
          Into this box
        </Button>
      }
    >
      {boxes.length === 0 ? (
        <Typography>There is no other box in the stockroom. Make one under Stock, Boxes.</Typography>
      ) : (
        <TextField
          select
          label="Box"
          value={chosen}
          onChange={(event) => setChosen(event.target.value)}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
          sx={{ mt: 1 }}
        >
          {boxes.map(({ id, number, name: called, place }) => (
            <option key={id} value={id}>
              {[`Box ${number}`, called, place].filter(Boolean).join(", ")}
            </option>
          ))}
        </TextField>
      )}
    </Asked>
  );
}

/** A string before it is wound: by the meter where there is network, by eye anywhere. */
export function TestedDialog({
  style,
  name,
  offline,
  onClose,
  onSay,
}: {
  style: string;
  name: string;
  offline: boolean;
  onClose: () => void;
  onSay: (dark: number, label: string) => void;
}) {
  const [label, setLabel] = useState("String 1");
  const [dark, setDark] = useState<number | null>(1);
  const [read, setRead] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const wrong = dark === null || dark < 1 || dark > MOST || !Number.isInteger(dark);

  async function measure() {
    setBusy(true);
    try {
      const { watts, dead_bulbs } = await ask(
        client.POST("/api/styles/{id}/tests", { params: { path: { id: style } }, body: { label } }),
      );
      const sound = dead_bulbs === 0 ? "sound" : `${dead_bulbs} bulbs dark`;
      setRead(`${label}: ${watts === null ? "" : `${watts.toFixed(1)} W, `}${sound}. It is written down.`);
    } catch (error) {
      setRead(asProblem(error).message);
    }
    setBusy(false);
  }

  return (
    <Asked title={`Test ${name}`} onClose={onClose}>
      <TextField
        label="Which string"
        value={label}
        onChange={(event) => setLabel(event.target.value.slice(0, LONGEST_LABEL))}
        sx={{ mt: 1 }}
      />
      <Button
        variant="outlined"
        sx={large}
        disabled={offline || busy || label.trim() === ""}
        onClick={() => void measure()}
      >
        {offline ? "The meter is read where there is network" : "Read the meter"}
      </Button>
      {read && <Typography role="status">{read}</Typography>}
      <Button variant="outlined" sx={large} onClick={() => onSay(0, label)}>
        Every bulb burns
      </Button>
      <Box sx={{ display: "flex", gap: 1, alignItems: "flex-start" }}>
        <NumberField
          label="Dark bulbs"
          value={dark}
          onChange={setDark}
          error={wrong ? "Type how many, 1 or more." : undefined}
        />
        <Button
          variant="outlined"
          sx={{ minHeight: 56, flexShrink: 0 }}
          disabled={wrong}
          onClick={() => dark !== null && onSay(dark, label)}
        >
          Some are dark
        </Button>
      </Box>
    </Asked>
  );
}
