import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link as RouterLink, useNavigate, useParams } from "react-router";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { keys, queryClient, useMe } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { MoreMenu } from "../../parts/MoreMenu";
import { Notice } from "../../parts/Notice";
import { Photographs } from "../../parts/Photographs";
import { useUndo } from "../../parts/undo";
import { Strip } from "../../shell/Strip";
import { cutLength, date, mass, volume } from "../../units/format";
import { amount } from "../../units/amount";
import { useUnits } from "../../units/useUnits";
import { begun } from "../../waiting/begun";
import { useWaiting } from "../../waiting/useWaiting";
import { Thumbnail } from "../stock/Thumbnail";
import { BoxDialog } from "./BoxDialog";
import { Carton } from "./Carton";
import { CountBox } from "./CountBox";
import { LabelsDialog } from "./LabelsDialog";
import { useBox, useBoxes } from "./useBoxes";

type Content = Schemas["BoxContent"];

function Inside({ thing, place }: { thing: Content; place: number }) {
  const units = useUnits();
  const told = [
    thing.rolls && thing.rolls.map((length) => cutLength(length, units)).join(", "),
    thing.material,
    thing.breakable && "breakable",
    thing.keepsake_of && `keepsake of ${thing.keepsake_of}`,
    thing.condition === "to_mend" && "to be mended",
  ].filter(Boolean);
  return (
    <Box
      component="li"
      sx={{ display: "flex", alignItems: "center", gap: 1.5, py: 0.75, borderBottom: 1, borderColor: "divider" }}
    >
      <Thumbnail thing={thing} place={place} size={44} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography noWrap sx={{ fontWeight: 600 }}>
          {thing.name}
        </Typography>
        <Typography noWrap variant="body2" color="textSecondary">
          {told.join(" · ")}
        </Typography>
      </Box>
      <Typography sx={{ fontWeight: 600 }}>{amount(thing.quantity, thing.kind, units)}</Typography>
    </Box>
  );
}

/** The page a label opens: what lies in a box, counted on the spot. */
export function BoxPage() {
  const number = Number(useParams().number);
  const list = useBoxes();
  const known = list.data?.items.find((box) => box.number === number);
  const box = useBox(known?.id);
  const me = useMe().data;
  const units = useUnits();
  const navigate = useNavigate();
  const { say } = useUndo();
  const waits = useWaiting(me?.account.email).filter((count) => count.box === known?.id && !count.refused);
  const [opened, setOpened] = useState<"count" | "change" | "label" | null>();
  const close = () => setOpened(null);
  const goesOn = known && me && begun(known.id, me.account.email) !== null;
  const counting = opened === "count" || (opened === undefined && goesOn);

  if (list.isPending || (known && box.isPending)) return <Loading what="the box" />;
  if (!list.data) return <Failed error={list.error} retry={() => void list.refetch()} />;
  if (!known)
    return (
      <Notice
        title={`There is no box ${Number.isInteger(number) ? number : ""}`}
        action={
          <Button variant="contained" component={RouterLink} to="/boxes">
            See the boxes there are
          </Button>
        }
      >
        It may have got another number, or was deleted.
      </Notice>
    );
  if (!box.data) return <Failed error={box.error} retry={() => void box.refetch()} />;
  const { data } = box;
  const places = [...new Set(list.data.items.map(({ place }) => place).filter(Boolean))];

  async function remove() {
    try {
      await ask(client.DELETE("/api/boxes/{id}", { params: { path: { id: data.id } } }));
      await queryClient.invalidateQueries({ queryKey: keys.boxes });
      await navigate("/boxes");
      say(`Box ${data.number} was deleted.`, async () => {
        await ask(client.POST("/api/boxes/{id}/restore", { params: { path: { id: data.id } }, body: {} }));
        await queryClient.invalidateQueries({ queryKey: keys.boxes });
      });
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  return (
    <>
      <Strip
        crumbs={[
          { label: "Stockroom", to: "/stock" },
          { label: "Boxes", to: "/boxes" },
          { label: `Box ${data.number}` },
        ]}
        of={data.place}
      >
        {!counting && (
          <Button variant="contained" onClick={() => setOpened("count")}>
            Count it
          </Button>
        )}
        <MoreMenu
          label="More about this box"
          entries={[
            { label: "Change it", run: () => setOpened("change") },
            { label: "Print its label", run: () => setOpened("label") },
            { label: "Delete it", run: () => void remove() },
          ]}
        />
      </Strip>
      <Box sx={{ flex: 1, overflow: "auto" }}>
        <Box sx={{ maxWidth: 760, mx: "auto", p: { xs: 2, sm: 3 } }}>
          <Box sx={{ display: "flex", gap: 2, alignItems: "center", mb: 2 }}>
            <Carton box={data} />
            <Box sx={{ minWidth: 0 }}>
              <Typography variant="h2">{data.name || (data.things === 0 ? "Empty" : "What lies in it")}</Typography>
              <Typography>{data.place || "Nobody said where it stands"}</Typography>
              <Typography variant="body2" color="textSecondary">
                {volume(data.litres_used, units)} of {volume(data.litres, units)},{" "}
                <Box component="span" sx={{ color: data.kg > data.most_kg ? "error.main" : "inherit" }}>
                  {mass(data.kg, units)} of {mass(data.most_kg, units)}
                </Box>
              </Typography>
              <Typography variant="body2" color="textSecondary">
                {data.seen_at
                  ? `Last counted ${date(data.seen_at.slice(0, 10))}${data.seen_by ? `, ${data.seen_by}` : ""}`
                  : "Not yet counted"}
                {waits.length > 0 && "; a count waits for network"}
              </Typography>
            </Box>
          </Box>
          {!counting && (
            <Box sx={{ mb: 2 }}>
              <Photographs of="box" id={data.id} name={`Box ${data.number}`} photographs={data.photographs} />
            </Box>
          )}
          {counting ? (
            <CountBox box={data} account={me?.account.email ?? ""} onClose={close} />
          ) : data.inside.length === 0 ? (
            <Typography color="textSecondary">
              Nothing lies in it. Put things here from the stockroom, or count it and say what you see.
            </Typography>
          ) : (
            <Box component="ul" aria-label="What lies in it" sx={{ m: 0, p: 0, listStyle: "none" }}>
              {data.inside.map((thing, i) => (
                <Inside key={thing.id} thing={thing} place={i} />
              ))}
            </Box>
          )}
        </Box>
      </Box>
      {opened === "change" && (
        <BoxDialog
          box={data}
          places={places}
          onDone={(kept) => {
            close();
            if (kept.number !== number) void navigate(`/boxes/${kept.number}`, { replace: true });
          }}
          onClose={close}
        />
      )}
      {opened === "label" && <LabelsDialog boxes={[data]} onClose={close} />}
    </>
  );
}
