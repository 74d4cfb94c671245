import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useLooks } from "../api/queries";
import type { Schemas } from "../api/client";
import { NameToggle } from "../parts/NameToggle";
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
            <NameToggle
              key={style.id}
              name={style.name}
              on={on}
              colour={style.colour}
              square={kind === "ribbon"}
              onPress={() => onChange(on ? chosen.filter((id) => id !== style.id) : [...chosen, style.id])}
            />
          );
        })}
        <NameToggle name="Add one" Sign={Add} onPress={onNew} />
        {retired > 0 && (
          <NameToggle
            name={all ? "Without the retired" : `${retired} retired`}
            on={all}
            onPress={() => setAll((before) => !before)}
          />
        )}
      </Box>
    </Box>
  );
}

export const StyleChooser = steady(StyleChooserDrawn);
