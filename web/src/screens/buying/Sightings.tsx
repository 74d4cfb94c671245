import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { queryClient, keys } from "../../api/queries";
import { MoreMenu } from "../../parts/MoreMenu";
import { Photographs } from "../../parts/Photographs";
import { SideDrawer } from "../../parts/SideDrawer";
import { useUndo } from "../../parts/undo";
import { money, shortDay, weekday } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
import { daysFrom } from "./days";
import { SightingDialog } from "./SightingDialog";
import { useSightings } from "./useBuying";
import { LISTS } from "./words";

type Sighting = Schemas["Sighting"];

async function reread() {
  await queryClient.invalidateQueries({ queryKey: keys.sightings });
}

function Note({ note, today, onChange }: { note: Sighting; today: string; onChange: () => void }) {
  const currency = useCurrency();
  const { say } = useUndo();
  const params = { path: { id: note.id } };
  const late = note.decide_by !== null && note.settled_on === null && daysFrom(today, note.decide_by) < 0;
  const facts = [
    note.place,
    ...(note.price_cents === null ? [] : [money(note.price_cents, currency)]),
    ...(note.settled_on ? [`settled ${shortDay(note.settled_on)}`] : []),
  ].filter(Boolean);

  async function settle(settled: boolean) {
    try {
      await ask(client.POST("/api/sightings/{id}/settled", { params, body: { settled } }));
      await reread();
      if (settled) say(`${note.name} is settled.`, () => settle(false));
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  async function remove() {
    try {
      await ask(client.DELETE("/api/sightings/{id}", { params }));
      await reread();
      say(`${note.name} was deleted.`, async () => {
        await ask(client.POST("/api/sightings/{id}/restore", { params, body: {} }));
        await reread();
      });
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  return (
    <Box
      component="section"
      aria-label={note.name}
      sx={(theme) => ({ py: 1.25, borderBottom: `1px solid ${theme.palette.divider}` })}
    >
      <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>
        <Typography
          sx={{ flex: 1, fontWeight: 600, textDecoration: note.settled_on ? "line-through" : "none", minWidth: 0 }}
        >
          {note.name}
        </Typography>
        <MoreMenu
          label={`More about ${note.name}`}
          entries={[
            { label: "Change it", run: onChange },
            { label: note.settled_on ? "Open it again" : "Bought or let go", run: () => void settle(!note.settled_on) },
            { label: "Delete it", run: () => void remove() },
          ]}
        />
      </Box>
      {facts.length > 0 && (
        <Typography variant="body2" color="textSecondary">
          {facts.join(", ")}
        </Typography>
      )}
      {note.decide_by && (
        <Typography variant="body2" color={late ? "error" : "textSecondary"}>
          decide by {weekday(note.decide_by)}
          {late && ", which is past"}
        </Typography>
      )}
      {note.note && (
        <Typography variant="body2" sx={{ whiteSpace: "pre-line" }}>
          {note.note}
        </Typography>
      )}
      <Photographs of="sighting" id={note.id} name={note.name} photographs={note.photographs} />
    </Box>
  );
}

/** What was seen in a shop, wishes, and what is looked for in the clearance after the season. */
export function Sightings({ today, onClose }: { today: string; onClose: () => void }) {
  const found = useSightings();
  const [list, setList] = useState<Sighting["list"]>("seen");
  const [changing, setChanging] = useState<Sighting | "new" | null>(null);
  const items = (found.data?.items ?? []).filter((one) => one.list === list);
  return (
    <SideDrawer title="Seen and wished for" closes="Close what was seen" onClose={onClose}>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label="Which list"
        value={list}
        onChange={(_, value: Sighting["list"] | null) => value && setList(value)}
      >
        {Object.entries(LISTS).map(([key, { name }]) => (
          <ToggleButton key={key} value={key}>
            {name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {found.isPending && <Typography role="status">Looking it up …</Typography>}
      {found.isError && <Typography role="status">{found.error.message}</Typography>}
      {found.data && items.length === 0 && (
        <Typography color="textSecondary" sx={{ mt: 2 }}>
          {LISTS[list].empty}
        </Typography>
      )}
      {items.map((note) => (
        <Note key={note.id} note={note} today={today} onChange={() => setChanging(note)} />
      ))}
      <Button variant="contained" startIcon={<Add />} sx={{ mt: 2 }} onClick={() => setChanging("new")}>
        Note something
      </Button>
      {changing && (
        <SightingDialog
          note={changing === "new" ? undefined : changing}
          list={list}
          onClose={() => setChanging(null)}
          onKept={reread}
        />
      )}
    </SideDrawer>
  );
}
