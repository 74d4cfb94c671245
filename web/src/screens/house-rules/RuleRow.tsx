import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { asProblem } from "../../api/client";
import { numberReading } from "../../units/reading";
import { useUnits } from "../../units/useUnits";
import type { HouseRule } from "./useHouseRules";

interface Props {
  rule: HouseRule;
  mayChange: boolean;
  /** Told while typing, so that the sample tree follows; null when nothing is being tried. */
  onTry: (value: number | null) => void;
  /** With the value it had for whoever sets it. */
  onSet: (value: number, was: number) => Promise<unknown>;
  onReset: () => Promise<unknown>;
}

export function RuleRow({ rule, mayChange, onTry, onSet, onReset }: Props) {
  const units = useUnits();
  const { unit, brief, read } = numberReading(rule.unit, units);
  const [said, setSaid] = useState<string | null>(null);
  const typed = said ?? brief(rule.value);
  const [wrong, setWrong] = useState<string | null>(null);
  // What somebody set meanwhile: told already, so the next press is about that.
  const [theirs, setTheirs] = useState<number | null>(null);
  const value = read(typed);
  const range = `${brief(rule.low, "up")} to ${brief(rule.high, "down")}`;
  const outside = value === null || value < rule.low || value > rule.high;

  function type(text: string) {
    setSaid(text);
    setWrong(null);
    const next = read(text);
    onTry(next !== null && next >= rule.low && next <= rule.high && next !== rule.value ? next : null);
  }

  async function keep(task: () => Promise<unknown>) {
    try {
      await task();
      setSaid(null);
      setWrong(null);
      setTheirs(null);
      onTry(null);
    } catch (error) {
      const problem = asProblem(error);
      const now = problem.details.current?.value;
      const meanwhile = problem.status === 409 && typeof now === "number" ? now : null;
      setTheirs(meanwhile);
      setWrong(
        meanwhile !== null
          ? `Someone set this to ${brief(meanwhile)} meanwhile. Press Enter to keep yours, or empty the field to take theirs.`
          : problem.message,
      );
    }
  }

  function commit() {
    if (typed.trim() === "") {
      setSaid(null);
      setWrong(null);
      onTry(null);
      return;
    }
    if (typed === brief(rule.value)) return;
    if (value === null || outside) setWrong(`Type a number from ${range} (${unit}).`);
    else void keep(() => onSet(value, theirs ?? rule.value));
  }

  /** Leaving the field keeps nothing: only what cannot be is said, and what was emptied stands as before. */
  function told() {
    if (typed.trim() === "") commit();
    else if (outside) setWrong(`Type a number from ${range} (${unit}).`);
  }

  const trying = value !== null && !outside && typed !== brief(rule.value);
  return (
    <Box
      id={rule.key}
      sx={(theme) => ({
        display: "grid",
        gridTemplateColumns: { xs: "1fr", sm: "1fr 150px 190px" },
        gap: 2,
        py: 1.25,
        borderTop: `1px solid ${theme.palette.divider}`,
        alignItems: "start",
      })}
    >
      <Box>
        <Typography sx={{ fontWeight: 600 }}>{rule.title}</Typography>
        <Typography variant="body2" color="textSecondary">
          {rule.why}
        </Typography>
      </Box>
      <TextField
        label={unit}
        value={typed}
        disabled={!mayChange}
        onChange={(event) => type(event.target.value)}
        onBlur={told}
        onKeyDown={(event) => event.key === "Enter" && commit()}
        error={Boolean(wrong)}
        helperText={wrong}
        slotProps={{ htmlInput: { inputMode: "decimal", "aria-label": `${rule.title}, ${unit}` } }}
      />
      <Box sx={{ pt: 0.75 }}>
        {trying && mayChange ? (
          <Button size="small" variant="contained" onClick={commit} aria-label={`Keep ${rule.title}`}>
            Keep for the studio
          </Button>
        ) : rule.changed ? (
          <Typography variant="body2">
            <strong>Yours.</strong> It comes as {brief(rule.default)}.{" "}
            {mayChange && (
              <Button
                size="small"
                onClick={() => void keep(onReset)}
                aria-label={`Reset ${rule.title}`}
                sx={{ minWidth: 0, p: 0, verticalAlign: "baseline" }}
              >
                Reset
              </Button>
            )}
          </Typography>
        ) : (
          <Typography variant="body2" color="textSecondary">
            As it comes; {range} can be set
          </Typography>
        )}
      </Box>
    </Box>
  );
}
