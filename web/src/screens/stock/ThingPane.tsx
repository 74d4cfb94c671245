import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { Loading } from "../../parts/Loading";
import { Photographs } from "../../parts/Photographs";
import { useUndo } from "../../parts/undo";
import { date } from "../../units/format";
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";
import { StyleDialog } from "../../bench/StyleDialog";
import { EntryDialog } from "./EntryDialog";
import { Cost } from "./Cost";
import { InLooks } from "./InLooks";
import { KeptBy } from "./KeptBy";
import { MergeDialog } from "./MergeDialog";
import { ParticularsDialog } from "./ParticularsDialog";
import { PutDialog } from "./PutDialog";
import { Where } from "./Where";
import { Thumbnail } from "./Thumbnail";
import { about, TOLD } from "./words";

type Thing = Schemas["StockThing"];
type Move = Schemas["StockMove"];

/** How wide a bar is for all that was ever there, pixels. */
const BAR = 44;

interface RowProps {
  move: Move;
  thing: Thing;
  most: number;
  onReverse: () => void;
}

function Entry({ move, thing, most, onReverse }: RowProps) {
  const units = useUnits();
  const gone = move.quantity < 0;
  return (
    <Box component="li" sx={{ display: "flex", gap: 1, py: 0.75, borderTop: 1, borderColor: "divider" }}>
      <Box sx={{ flex: 1, minWidth: 0, opacity: move.reversed ? 0.6 : 1 }}>
        <Typography sx={{ textDecoration: move.reversed ? "line-through" : "none" }}>
          {TOLD[move.reason]}
          {move.whom && (move.reason === "returned" ? ` by ${move.whom}` : ` to ${move.whom}`)}
          {move.note && (move.reason === "moved" ? ` ${move.note}` : `: ${move.note}`)}
          {move.reason === "counted" && move.quantity === 0 && ", agrees"}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {date(move.made_at.slice(0, 10))}
          {move.by && `, ${move.by}`}
          {move.reversed && ", reversed"}
        </Typography>
        {move.reversible && (
          <Button size="small" sx={{ ml: -0.5 }} onClick={onReverse}>
            Reverse it
          </Button>
        )}
      </Box>
      <Typography sx={{ fontWeight: 600, color: gone ? "error.main" : "text.primary", textAlign: "right" }}>
        {move.quantity !== 0 && (gone ? "−" : "+")}
        {move.quantity !== 0 && amount(Math.abs(move.quantity), thing.kind, units)}
      </Typography>
      <Box aria-hidden sx={{ width: BAR, pt: 0.75 }}>
        <Box sx={{ height: 8, width: most > 0 ? (move.after / most) * BAR : 0, bgcolor: "primary.light" }} />
      </Box>
      <Typography sx={{ width: 62, textAlign: "right", fontWeight: 600 }}>
        {amount(move.after, thing.kind, units)}
      </Typography>
    </Box>
  );
}

interface Props {
  thing: Thing;
  /** Its place in the list. */
  place: number;
  /** Whether it says its name itself. */
  titled?: boolean;
}

/** One thing: what it is, how many there are and how that came about, entry by entry. */
export function ThingPane({ thing, place, titled = true }: Props) {
  const units = useUnits();
  const { say } = useUndo();
  const [writing, setWriting] = useState(false);
  const [changing, setChanging] = useState(false);
  const [putting, setPutting] = useState(false);
  const [describing, setDescribing] = useState(false);
  const [merging, setMerging] = useState(false);
  const moves = useQuery({
    queryKey: [...keys.styles, "moves", thing.id],
    queryFn: () => ask(client.GET("/api/styles/{id}/moves", { params: { path: { id: thing.id } } })),
  });
  const details = useQuery({
    queryKey: [...keys.styles, "details", thing.id],
    queryFn: () => ask(client.GET("/api/styles/{id}", { params: { path: { id: thing.id } } })),
  }).data;
  const items = moves.data?.items ?? [];
  const most = Math.max(...items.map(({ after }) => after), 0);

  async function reverse(move: Move) {
    try {
      await ask(client.POST("/api/moves/{id}/reverse", { params: { path: { id: move.id } }, body: {} }));
      say(`The entry “${TOLD[move.reason]}” was reversed.`);
    } catch (error) {
      say(asProblem(error).details.detail ?? asProblem(error).details.title);
    }
    await queryClient.invalidateQueries({ queryKey: keys.styles });
  }

  return (
    <Box
      sx={{
        p: 2.5,
        overflow: "auto",
        flex: 1,
        minHeight: 0,
        display: "flex",
        flexDirection: "column",
        "& > *": { flexShrink: 0 },
      }}
    >
      {titled && <Typography variant="h2">{thing.name}</Typography>}
      <Typography color="textSecondary" sx={{ mb: 1.5 }}>
        {about(thing, units)}
      </Typography>
      <Box sx={{ display: "flex", gap: 2, alignItems: "flex-start" }}>
        <Thumbnail thing={thing} place={place} size={124} />
        <Where thing={thing} details={details} />
      </Box>
      <Photographs of="style" id={thing.id} name={thing.name} photographs={thing.photographs} />
      <Box sx={{ display: "flex", alignItems: "baseline", mt: 2 }}>
        <Typography variant="h3" component="h3" sx={{ flex: 1 }}>
          Count
        </Typography>
        <Typography sx={{ fontSize: "1.5rem", fontWeight: 600 }} role="status" aria-label="On hand">
          {amount(thing.on_hand, thing.kind, units)}
        </Typography>
      </Box>
      {moves.isPending && <Loading what="its entries" />}
      {moves.isSuccess && items.length === 0 && (
        <Typography color="textSecondary">Nothing was written down yet: there is none.</Typography>
      )}
      <Box component="ol" aria-label="Entries, latest first" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {items.map((move) => (
          <Entry key={move.id} move={move} thing={thing} most={most} onReverse={() => void reverse(move)} />
        ))}
      </Box>
      {(moves.data?.total ?? 0) > items.length && (
        <Typography variant="body2" color="textSecondary">
          And {(moves.data?.total ?? 0) - items.length} earlier ones.
        </Typography>
      )}
      <KeptBy thing={thing} />
      {details && <InLooks thing={details} />}
      {details && <Cost thing={details} />}
      <Box sx={{ height: 16, flexShrink: 0 }} />
      {/* At the foot of the pane, so that nothing that arrives later moves them from under a finger. */}
      <Box
        sx={{
          position: "sticky",
          bottom: -20,
          zIndex: 1,
          mt: "auto",
          mx: -2.5,
          mb: -2.5,
          px: 2.5,
          py: 1.5,
          bgcolor: "background.paper",
          borderTop: 1,
          borderColor: "divider",
          display: "flex",
          columnGap: 1,
          flexWrap: "wrap",
        }}
      >
        <Button variant="contained" onClick={() => setWriting(true)}>
          Write an entry
        </Button>
        <Button variant="outlined" onClick={() => setPutting(true)} disabled={thing.on_hand === 0}>
          Put it into a box
        </Button>
        <Button onClick={() => setChanging(true)}>Change what it is</Button>
        <Button onClick={() => setDescribing(true)} disabled={!details}>
          More about it
        </Button>
        <Button onClick={() => setMerging(true)}>The same as another one</Button>
      </Box>
      {merging && <MergeDialog thing={thing} onClose={() => setMerging(false)} />}
      {putting && <PutDialog things={[thing]} onClose={() => setPutting(false)} />}
      {describing && details && <ParticularsDialog thing={details} onClose={() => setDescribing(false)} />}
      {changing && (
        <StyleDialog
          style={thing}
          kind={thing.kind}
          onClaims={() => setChanging(false)}
          onClose={() => setChanging(false)}
        />
      )}
      {writing && <EntryDialog thing={thing} onClose={() => setWriting(false)} />}
    </Box>
  );
}
