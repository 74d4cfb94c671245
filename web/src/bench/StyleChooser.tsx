import Add from "@mui/icons-material/Add";
import Check from "@mui/icons-material/Check";
import Box from "@mui/material/Box";
import Chip from "@mui/material/Chip";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useLooks } from "../api/queries";
import type { Schemas } from "../api/client";
import { ColourDot } from "../parts/ColourDot";
import { steady } from "../parts/steady";

interface Props {
  label: string;
  kind: Schemas["Style"]["kind"];
  styles: Schemas["Style"][];
  lookId: string | null;
  chosen: string[];
  onChange: (chosen: string[]) => void;
  onNew: () => void;
}

/** The styles of one kind, those of the home's look first; pressed ones are used. */
function StyleChooserDrawn({ label, kind, styles, lookId, chosen, onChange, onNew }: Props) {
  const look = useLooks().data?.items.find((known) => known.id === lookId);
  const rank = (id: string) => (chosen.includes(id) ? 0 : look?.style_ids.includes(id) ? 1 : 2);
  const [all, setAll] = useState(false);
  const own = styles.filter((style) => style.kind === kind);
  const retired = own.filter((style) => style.retired && !chosen.includes(style.id)).length;
  const offered = own
    .filter((style) => all || !style.retired || chosen.includes(style.id))
    .sort((a, b) => rank(a.id) - rank(b.id) || a.name.localeCompare(b.name));
  return (
    <Box role="group" aria-label={label} className="whole-row">
      <Typography variant="body2" sx={{ fontWeight: 600, color: "text.secondary", mb: 0.5 }}>
        {label}
        {look ? `, ${look.name} first` : ""}
      </Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
        {offered.map((style) => {
          const on = chosen.includes(style.id);
          return (
            <Chip
              key={style.id}
              size="small"
              variant={on ? "filled" : "outlined"}
              aria-pressed={on}
              label={style.name}
              icon={<ColourDot colour={style.colour} square={kind === "ribbon"} />}
              {...(on
                ? { deleteIcon: <Check />, onDelete: () => onChange(chosen.filter((id) => id !== style.id)) }
                : {})}
              onClick={() => onChange(on ? chosen.filter((id) => id !== style.id) : [...chosen, style.id])}
            />
          );
        })}
        <Chip
          size="small"
          variant="outlined"
          icon={<Add />}
          label="Add one"
          onClick={onNew}
          sx={{ borderStyle: "dashed" }}
        />
        {retired > 0 && (
          <Chip
            size="small"
            variant="outlined"
            label={all ? "Without the retired" : `${retired} retired`}
            aria-pressed={all}
            onClick={() => setAll(!all)}
            sx={{ borderStyle: "dashed" }}
          />
        )}
      </Box>
    </Box>
  );
}

export const StyleChooser = steady(StyleChooserDrawn);
