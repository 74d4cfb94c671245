import Close from "@mui/icons-material/Close";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Chip from "@mui/material/Chip";
import MenuItem from "@mui/material/MenuItem";
import Popover from "@mui/material/Popover";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { date } from "../../units/format";
import { ROLES, SEASONS, TAGS } from "./words";
import type { Narrowed } from "./useStock";

interface Props {
  narrowed: Narrowed;
  onChange: (narrowed: Narrowed) => void;
}

type Name = Exclude<keyof Narrowed, "kind">;

/** A colour to begin with, until another is chosen. */
const BEGIN_WITH = "#d3a02a";

/** What a chip says of what narrows the search. */
function said(narrowed: Narrowed): { names: Name[]; says: string; colour?: string }[] {
  const { near, from, to, season, role, tag, retired } = narrowed;
  return [
    near && { names: ["near" as const], says: "near this colour", colour: near },
    (from ?? to) && {
      names: ["from" as const, "to" as const],
      says: `free ${from ? date(from) : "until"}${to ? ` to ${date(to)}` : " on"}`,
    },
    season && { names: ["season" as const], says: SEASONS[season] },
    role && { names: ["role" as const], says: ROLES[role] },
    tag && { names: ["tag" as const], says: TAGS[tag] },
    retired && { names: ["retired" as const], says: "retired" },
  ].filter((one) => typeof one === "object");
}

/** Narrows what is found: by a colour that is near, days on which it is free, season, role, tags. */
export function Narrowing({ narrowed, onChange }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [colour, setColour] = useState(narrowed.near ?? BEGIN_WITH);
  const without = (names: Name[]) =>
    Object.fromEntries(Object.entries(narrowed).filter(([name]) => !names.includes(name as Name))) as Narrowed;
  const put = (name: Name, value: string) => onChange({ ...without([name]), ...(value && { [name]: value }) });
  const choice = (name: "season" | "role" | "tag" | "retired", label: string, choices: Record<string, string>) => (
    <TextField
      select
      label={label}
      value={narrowed[name] ?? ""}
      onChange={(event) => put(name, event.target.value)}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
    >
      <MenuItem value="">any</MenuItem>
      {Object.entries(choices).map(([value, says]) => (
        <MenuItem key={value} value={value}>
          {says}
        </MenuItem>
      ))}
    </TextField>
  );
  const day = (name: "from" | "to", label: string) => (
    <TextField
      type="date"
      label={label}
      value={narrowed[name] ?? ""}
      onChange={(event) => put(name, event.target.value)}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
  return (
    <>
      {said(narrowed).map(({ names, says, colour }) => (
        <Chip
          key={says}
          label={says}
          color="secondary"
          variant="outlined"
          {...(colour && {
            icon: <Box component="span" sx={{ width: 14, height: 14, borderRadius: "50%", bgcolor: colour }} />,
          })}
          deleteIcon={<Close aria-label={`No longer ${says}`} aria-hidden={false} role="img" />}
          onDelete={() => onChange(without(names))}
        />
      ))}
      <Button size="small" onClick={(event) => setAnchor(event.currentTarget)} aria-haspopup="dialog">
        Narrow it
      </Button>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: "bottom", horizontal: "left" }}
        slotProps={{ paper: { role: "dialog", "aria-label": "Narrow the search" } }}
      >
        <Box sx={{ p: 2, display: "grid", gap: 2, gridTemplateColumns: "1fr 1fr", width: 340 }}>
          <TextField
            type="color"
            label="A colour"
            value={colour}
            onChange={(event) => {
              setColour(event.target.value);
              if (narrowed.near) put("near", event.target.value);
            }}
          />
          <Button onClick={() => (narrowed.near ? onChange(without(["near"])) : put("near", colour))}>
            {narrowed.near ? "Any colour" : "Near this colour"}
          </Button>
          {day("from", "Free from")}
          {day("to", "Free until")}
          {choice("season", "Season", SEASONS)}
          {choice("role", "Role", ROLES)}
          {choice("tag", "Tags", TAGS)}
          {choice("retired", "Retired", { true: "retired only" })}
          <Button variant="contained" sx={{ gridColumn: "1 / -1" }} onClick={() => setAnchor(null)}>
            Show them
          </Button>
        </Box>
      </Popover>
    </>
  );
}
