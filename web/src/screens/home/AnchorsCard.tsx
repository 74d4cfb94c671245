import Add from "@mui/icons-material/Add";
import DeleteOutlined from "@mui/icons-material/DeleteOutlined";
import EditOutlined from "@mui/icons-material/EditOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { keys, queryClient, useAnchors } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { length, mass, type Units } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { AnchorDialog } from "./AnchorDialog";

type Anchor = Schemas["StayingAnchor"];

/** So many are shown before all of them are asked for. */
const FEW = 8;

function told(anchor: Anchor, units: Units): string {
  const { left_m, floor_m, rated_kg } = anchor;
  return [
    anchor.title,
    `since ${anchor.since}`,
    rated_kg !== null && `${mass(rated_kg, units)} rated`,
    left_m !== null && `${length(left_m, units)} from the left`,
    floor_m !== null && `${length(floor_m, units)} up`,
    !anchor.good && "not good any more",
  ]
    .filter(Boolean)
    .join(" · ");
}

function AnchorRow({
  anchor,
  units,
  onEdit,
  onDelete,
}: {
  anchor: Anchor;
  units: Units;
  onEdit: () => void;
  onDelete: () => void;
}) {
  const of = [anchor.room, anchor.piece !== anchor.place && anchor.piece].filter(Boolean).join(", ");
  return (
    <Box component="li" sx={{ display: "flex", alignItems: "center", gap: 1, px: 2, py: 0.5 }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography sx={{ fontWeight: 600, color: anchor.good ? "text.primary" : "text.secondary" }}>
          {anchor.place}
          <Typography component="span" variant="body2" color="textSecondary" sx={{ ml: 1 }}>
            {of}
          </Typography>
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {told(anchor, units)}
        </Typography>
      </Box>
      <IconButton aria-label={`Change ${anchor.place}`} onClick={onEdit}>
        <EditOutlined fontSize="small" />
      </IconButton>
      <IconButton aria-label={`Take out ${anchor.place}`} onClick={onDelete}>
        <DeleteOutlined fontSize="small" />
      </IconButton>
    </Box>
  );
}

/** Nails and hooks that stay in this home from year to year; what is planned tries these first. */
export function AnchorsCard({ home, year }: { home: Schemas["HomeInFull"]; year: string }) {
  const units = useUnits();
  const { data } = useAnchors(home.id);
  const { say } = useUndo();
  const [open, setOpen] = useState<{ anchor?: Anchor } | null>(null);
  const [all, setAll] = useState(false);
  if (!data || home.rooms.length === 0) return null;
  const { items } = data;
  const fresh = () => queryClient.invalidateQueries({ queryKey: keys.home(home.id) });

  async function remove(anchor: Anchor) {
    const path = { params: { path: { id: anchor.id } } };
    await ask(client.DELETE("/api/anchors/{id}", path));
    await fresh();
    say(`${anchor.place} was taken out.`, async () => {
      await ask(client.POST("/api/anchors/{id}/restore", path));
      await fresh();
    });
  }

  return (
    <Paper
      variant="outlined"
      sx={{ mb: 2, pb: items.length > 0 ? 1 : 0 }}
      component="section"
      aria-label="Nails and hooks that stay"
    >
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 2, px: 2, pt: 1.5, pb: 1, flexWrap: "wrap" }}>
        <Typography variant="h3" component="h2">
          Nails and hooks that stay
        </Typography>
        <Typography variant="body2" color="textSecondary" sx={{ flex: 1, minWidth: 200 }}>
          {items.length === 0
            ? "None noted. A bench can keep its hooks for next year; what is planned here tries these first."
            : "What is planned here tries these first."}
        </Typography>
        <Button size="small" startIcon={<Add />} onClick={() => setOpen({})}>
          Add a nail or hook
        </Button>
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {(all ? items : items.slice(0, FEW)).map((anchor) => (
          <AnchorRow
            key={anchor.id}
            anchor={anchor}
            units={units}
            onEdit={() => setOpen({ anchor })}
            onDelete={() => void remove(anchor)}
          />
        ))}
      </Box>
      {items.length > FEW && !all && (
        <Button size="small" sx={{ mx: 1 }} onClick={() => setAll(true)}>
          Show all {items.length}
        </Button>
      )}
      {open && (
        <AnchorDialog home={home} kinds={data.kinds} anchor={open.anchor} year={year} onClose={() => setOpen(null)} />
      )}
    </Paper>
  );
}
