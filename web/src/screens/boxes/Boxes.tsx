import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { useSeasonYear } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { MoreMenu } from "../../parts/MoreMenu";
import { Notice } from "../../parts/Notice";
import { Strip } from "../../shell/Strip";
import { counted, date, mass } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { BoxDialog } from "./BoxDialog";
import { Carton, cartonWidth } from "./Carton";
import { LabelsDialog } from "./LabelsDialog";
import { OpenDialog } from "./OpenDialog";
import { PackDialog } from "./PackDialog";
import { takeAlong, useBoxes } from "./useBoxes";

type Shown = Schemas["Box"];

function shelves(boxes: Shown[]): [string, Shown[]][] {
  const found = new Map<string, Shown[]>();
  for (const box of boxes) found.set(box.place, [...(found.get(box.place) ?? []), box]);
  return [...found];
}

function BoxOnShelf({ box }: { box: Shown }) {
  const units = useUnits();
  const heavy = box.kg > box.most_kg;
  return (
    <ButtonBase
      component={Link}
      to={`/boxes/${box.number}`}
      sx={{ display: "block", width: Math.max(cartonWidth(box.litres), 112), textAlign: "left", verticalAlign: "top" }}
    >
      <Box sx={{ display: "flex", justifyContent: "center" }}>
        <Carton box={box} />
      </Box>
      <Box sx={(theme) => ({ height: 7, bgcolor: theme.palette.tokens.kraftLid, mx: -1.25 })} />
      <Typography noWrap variant="body2" sx={{ fontWeight: 600, mt: 0.75 }}>
        <Box
          component="span"
          sx={{ position: "absolute", width: 1, height: 1, overflow: "hidden", clipPath: "inset(50%)" }}
        >
          Box {box.number},{" "}
        </Box>
        {box.name || (box.things === 0 ? "empty" : counted(box.things, "thing"))}
      </Typography>
      <Typography noWrap variant="body2" color={heavy ? "error" : "textSecondary"}>
        {mass(box.kg, units)}
        {heavy && `, over ${mass(box.most_kg, units)}`}
      </Typography>
      <Typography noWrap variant="body2" color="textSecondary">
        {box.seen_at ? `seen ${date(box.seen_at.slice(0, 10))}` : "not yet counted"}
      </Typography>
    </ButtonBase>
  );
}

/** Boxes as they stand: shelf by shelf, how full and heavy each is, and when somebody last looked. */
export function Boxes() {
  const year = useSeasonYear();
  const boxes = useBoxes();
  const units = useUnits();
  const navigate = useNavigate();
  const [opened, setOpened] = useState<"add" | "labels" | "open" | "pack" | null>(null);
  const items = boxes.data?.items;
  useEffect(() => {
    if (items) void takeAlong(items.map(({ id }) => id));
  }, [items]);

  if (boxes.isPending) return <Loading what="the boxes" />;
  if (!items) return <Failed error={boxes.error} retry={() => void boxes.refetch()} />;
  const close = () => setOpened(null);
  const places = shelves(items).map(([place]) => place);
  return (
    <>
      <Strip
        crumbs={[{ label: `Season ${year}`, to: "/" }, { label: "Stockroom", to: "/stock" }, { label: "Boxes" }]}
        of="Stockroom"
      >
        <Button onClick={() => setOpened("open")} disabled={items.length === 0}>
          Open by its label
        </Button>
        <Button variant="contained" startIcon={<Add />} onClick={() => setOpened("add")}>
          Add a box
        </Button>
        <MoreMenu
          label="More about boxes"
          entries={[
            { label: "Pack what lies loose", run: () => setOpened("pack") },
            { label: "Print labels", disabled: items.length === 0, run: () => setOpened("labels") },
          ]}
        />
      </Strip>
      <Box sx={{ flex: 1, overflow: "auto", p: { xs: 2, sm: 3 } }}>
        {items.length === 0 && (
          <Notice
            title="No boxes yet"
            action={
              <Button variant="contained" onClick={() => setOpened("pack")}>
                Pack what lies loose
              </Button>
            }
          >
            A box has a number on its label and stands on a shelf. What lies in it is found by one search.
          </Notice>
        )}
        {shelves(items).map(([place, inPlace]) => (
          <Box component="section" key={place} aria-label={place || "Nowhere said"} sx={{ mb: 5 }}>
            <Box sx={{ display: "flex", alignItems: "baseline", gap: 1.5, mb: 1.5 }}>
              <Typography variant="h2">{place || "Nowhere said"}</Typography>
              <Typography variant="body2" color="textSecondary">
                {counted(inPlace.length, "box", "boxes")},{" "}
                {mass(
                  inPlace.reduce((sum, { kg }) => sum + kg, 0),
                  units,
                )}
              </Typography>
            </Box>
            <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2.5, rowGap: 3 }}>
              {inPlace.map((box) => (
                <BoxOnShelf key={box.id} box={box} />
              ))}
            </Box>
          </Box>
        ))}
      </Box>
      {opened === "add" && (
        <BoxDialog places={places} onDone={(box) => void navigate(`/boxes/${box.number}`)} onClose={close} />
      )}
      {opened === "labels" && <LabelsDialog boxes={items} onClose={close} />}
      {opened === "open" && <OpenDialog boxes={items} onClose={close} />}
      {opened === "pack" && <PackDialog places={places} onClose={close} />}
    </>
  );
}
