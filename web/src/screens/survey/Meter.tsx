import StraightenOutlined from "@mui/icons-material/StraightenOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { asProblem } from "../../api/client";
import { nextReading, type Reading } from "../../api/meter";
import { length } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { measuresOf, nextEmpty } from "./measures";
import type { SurveyForm } from "./useSurvey";

interface Taken extends Reading {
  key: string;
}

/** So many readings are shown; older ones stay in their fields. */
const SHOWN = 4;

/** Readings of the distance meter: each goes to the next empty measure, and can be taken back. */
export function Meter({ form, room }: { form: SurveyForm; room: string }) {
  const units = useUnits();
  const [open, setOpen] = useState(false);
  const [taken, setTaken] = useState<Taken[]>([]);
  const [last, setLast] = useState(0);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const next = nextEmpty(form.draft);
  const label = (key: string) => measuresOf(form.draft).find((one) => one.key === key)?.label ?? "";

  async function read() {
    if (busy || !next) return;
    setBusy(true);
    setProblem(null);
    try {
      const reading = await nextReading(room, last);
      setLast(reading.number);
      setTaken((before) => [{ ...reading, key: next.key }, ...before]);
      form.takeReading(next.key, reading.metres);
    } catch (error) {
      setProblem(asProblem(error).message);
    }
    setBusy(false);
  }

  function takeBack(reading: Taken) {
    form.takeReadingBack(reading.key, reading.metres);
    setTaken((before) => before.filter(({ number }) => number !== reading.number));
  }

  if (!open)
    return (
      <Button startIcon={<StraightenOutlined />} onClick={() => setOpen(true)} sx={{ mb: 1.5, ml: -0.5 }}>
        Distance meter
      </Button>
    );
  return (
    <Box
      component="section"
      aria-label="Distance meter"
      sx={(theme) => ({ p: 1.5, mb: 2, border: `1px solid ${theme.palette.divider}`, bgcolor: "background.paper" })}
    >
      <Box sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}>
        <Typography sx={{ flex: 1, minWidth: 180 }} role="status">
          {problem ?? (next ? `The next reading is ${next.label}` : "Every measure has its reading.")}
        </Typography>
        <Button variant="contained" disabled={busy || !next} onClick={() => void read()}>
          Take a reading
        </Button>
        <Button onClick={() => setOpen(false)}>Put it away</Button>
      </Box>
      <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {taken.slice(0, SHOWN).map((reading) => (
          <Box component="li" key={reading.number} sx={{ display: "flex", alignItems: "center", gap: 1 }}>
            <Typography variant="body2" sx={{ flex: 1 }}>
              <strong>{length(reading.metres, units)}</strong> {label(reading.key)}
            </Typography>
            <Button size="small" onClick={() => takeBack(reading)} aria-label={`Take back ${label(reading.key)}`}>
              Take it back
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
