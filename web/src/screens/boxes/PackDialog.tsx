import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Problem, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, queryClient } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { useUndo } from "../../parts/undo";
import { counted, mass, volume } from "../../units/format";
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";
import { Thumbnail } from "../stock/Thumbnail";
import { placed } from "../stock/words";

type Proposal = Schemas["BoxProposal"];
type Thing = Schemas["PackedThing"];

interface Pulled {
  box: string | null;
  title: string;
  most_litres: number;
  things: Thing[];
}

function pulled({ boxes }: Proposal): Pulled[] {
  let fresh = 0;
  return boxes.map(({ box, number, place, most_litres, items }) => ({
    box,
    title: number === null ? `New box ${(fresh += 1)}` : placed(number, place),
    most_litres,
    things: items,
  }));
}

const sum = (things: Thing[], measure: "litres" | "kg") => things.reduce((all, thing) => all + thing[measure], 0);

interface Props {
  places: string[];
  onClose: () => void;
}

/** Into which boxes what lies loose would go; pulled about by hand before it is packed. */
export function PackDialog({ places, onClose }: Props) {
  const proposal = useQuery({
    queryKey: [...keys.boxes, "proposal"],
    queryFn: () => ask(client.GET("/api/boxes/proposal")),
    staleTime: Infinity,
    gcTime: 0,
  });
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth>
      {proposal.isPending && <Loading what="a way to pack" />}
      {proposal.isError && <Failed error={proposal.error} retry={() => void proposal.refetch()} />}
      {proposal.data && <Pack proposal={proposal.data} places={places} onClose={onClose} />}
    </Dialog>
  );
}

function Pack({ proposal, places, onClose }: Props & { proposal: Proposal }) {
  const units = useUnits();
  const { say } = useUndo();
  const [packed, setPacked] = useState(() => pulled(proposal));
  const [place, setPlace] = useState(places[0] ?? "");
  const [key] = useState(() => newKey());
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const used = packed.filter(({ things }) => things.length > 0);
  const fresh = used.filter(({ box }) => box === null).length;

  function pull(thing: Thing, from: number, to: number) {
    setPacked((before) =>
      before.map((one, i) => ({
        ...one,
        things:
          i === from ? one.things.filter((other) => other !== thing) : i === to ? [...one.things, thing] : one.things,
      })),
    );
  }

  async function pack() {
    if (busy) return;
    setBusy(true);
    try {
      const told = await ask(
        client.POST("/api/boxes/proposal", {
          body: {
            key,
            place,
            boxes: used.map(({ box, things }) => ({
              box,
              things: things.map(({ style, quantity }) => ({ style, quantity })),
            })),
          },
        }),
      );
      await queryClient.invalidateQueries({ queryKey: keys.styles });
      say(`${counted(told.boxes, "box", "boxes")} packed.`);
      onClose();
    } catch (error) {
      setProblem(asProblem(error));
    }
    setBusy(false);
  }

  return (
    <>
      <DialogTitle>Pack what lies loose</DialogTitle>
      <DialogContent>
        {problem && (
          <Alert severity="error" sx={{ mb: 2 }}>
            {problem.message}
          </Alert>
        )}
        {used.length === 0 && <Typography>Nothing lies loose.</Typography>}
        {used.length > 0 && (
          <Typography color="textSecondary" sx={{ mb: 2 }}>
            {counted(used.length, "box", "boxes")}; no fewer than {proposal.lower_bound} can do. What belongs together
            stays together; with breakables a box weighs at most {mass(proposal.breakable_kg, units)}, others{" "}
            {mass(proposal.most_kg, units)}.
          </Typography>
        )}
        {fresh > 0 && (
          <TextField
            label="Where the new boxes stand"
            value={place}
            placeholder="Loft left"
            onChange={(event) => setPlace(event.target.value)}
            slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 60 } }}
            sx={{ mb: 2, maxWidth: 320 }}
          />
        )}
        {packed.map(({ title, things, most_litres }, i) => {
          const litres = sum(things, "litres");
          const kg = sum(things, "kg");
          const most = things.some(({ breakable }) => breakable) ? proposal.breakable_kg : proposal.most_kg;
          const over = litres > most_litres + 0.005 || kg > most + 0.005;
          return (
            things.length > 0 && (
              <Box component="section" key={title} aria-label={title} sx={{ mb: 2.5 }}>
                <Box
                  sx={{ display: "flex", gap: 1.5, alignItems: "baseline", borderBottom: 1, borderColor: "divider" }}
                >
                  <Typography variant="h3" sx={{ flex: 1 }}>
                    {title}
                  </Typography>
                  <Typography variant="body2" color={over ? "error" : "textSecondary"}>
                    {volume(litres, units)} of {volume(most_litres, units)}, {mass(kg, units)} of {mass(most, units)}
                  </Typography>
                </Box>
                {things.map((thing, place) => (
                  <Box
                    key={`${thing.style}-${place}`}
                    sx={{ display: "flex", alignItems: "center", gap: 1.5, py: 0.5 }}
                  >
                    <Thumbnail thing={thing} place={place} size={32} />
                    <Typography sx={{ flex: 1, minWidth: 0 }} noWrap>
                      {thing.name}
                    </Typography>
                    <Typography>{amount(thing.quantity, thing.kind, units)}</Typography>
                    <TextField
                      select
                      value={i}
                      onChange={(event) => pull(thing, i, Number(event.target.value))}
                      slotProps={{ htmlInput: { "aria-label": `Box for ${thing.name}` } }}
                      sx={{ width: 170 }}
                    >
                      {packed.map((one, to) => (
                        <MenuItem key={one.title} value={to}>
                          {one.title}
                        </MenuItem>
                      ))}
                    </TextField>
                  </Box>
                ))}
              </Box>
            )
          );
        })}
        {proposal.left.length > 0 && (
          <Alert severity="info">
            Too large for any box, left as {proposal.left.length === 1 ? "it is" : "they are"}:{" "}
            {[...new Set(proposal.left.map(({ name }) => name))].join(", ")}.
          </Alert>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{used.length === 0 ? "Close" : "Cancel"}</Button>
        {used.length > 0 && (
          <Button variant="contained" disabled={busy} onClick={() => void pack()}>
            Pack them
          </Button>
        )}
      </DialogActions>
    </>
  );
}
