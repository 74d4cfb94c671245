import ChevronLeft from "@mui/icons-material/ChevronLeft";
import ChevronRight from "@mui/icons-material/ChevronRight";
import StraightenOutlined from "@mui/icons-material/StraightenOutlined";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useRef, useState } from "react";
import type { Schemas } from "../../api/client";
import { useMe, useStyles } from "../../api/queries";
import { useLight } from "../../app/light";
import { DuskTool, StageTool } from "../../bench/StageTools";
import { useSize } from "../../drawing/shared/useSize";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { drawing as shadesOf } from "../../theme/tokens";
import { counted } from "../../units/format";
import { useUnits } from "../../units/useUnits";
import { BareDrawer } from "./BareDrawer";
import { Beam } from "./Beam";
import { ChosenPiece } from "./ChosenPiece";
import { RoomBelow } from "./RoomBelow";
import { layStrip } from "../../drawing/room/layStrip";
import { Offers } from "./Offers";
import { PositionDialog } from "./PositionDialog";
import { RoomHead } from "./RoomHead";
import { RoomWorking } from "./RoomWorking";
import { useActs } from "./useActs";
import { useMoving } from "./useRoomView";
import { RoundDrawer } from "./RoundDrawer";
import { ViewChoice } from "./ViewChoice";
import { ViewPane } from "./ViewPane";
import { ViewpointDialog } from "./ViewpointDialog";
import { draftOf, type ViewpointDraft } from "./viewpointDraft";
import { WallStrip } from "./WallStrip";

type Room = Schemas["RoomView"];
type View = Schemas["ViewSeen"];
type Shown =
  | { open: "bare" }
  | { open: "position" }
  | { open: "round" }
  | { open: "working"; key: string }
  | { open: "viewpoint"; view: View | null; draft: ViewpointDraft };

/** The room on one desk: walls above, the plan and what each place sees below, the chosen view at the right. */
export function RoomDesk({ view: saved }: { view: Room }) {
  const units = useUnits();
  const { dusk } = useLight();
  const me = useMe().data;
  const styles = useStyles().data ?? [];
  const wide = useMediaQuery("(min-width: 900px)");
  const moving = useMoving(saved);
  const room = moving.shown;
  const [turn, setTurn] = useState(0);
  const [measures, setMeasures] = useState(false);
  const [from, setFrom] = useState<string | null>(null);
  const [piece, setPiece] = useState<string | null>(null);
  const [shown, setShown] = useState<Shown | null>(null);
  const acts = useActs(room);
  const view = room.views.find(({ id }) => id === from) ?? room.views[0];
  const chosen = room.standings.find(({ id }) => id === piece);
  const stage = useRef<HTMLDivElement>(null);
  const size = useSize(stage);
  const count = Math.min(wide ? 2 : 1, room.walls.length);
  const walls = Array.from({ length: count }, (_, i) => room.walls[(turn + i) % room.walls.length]).filter(
    (wall) => wall !== undefined,
  );
  const at = layStrip(walls, size.width, size.height);
  const heaviest = Math.max(
    ...room.walls.flatMap((wall) => (wall.balance?.items ?? []).map(({ weight_m2 }) => weight_m2)),
    0.01,
  );
  const by = (step: number) => setTurn((turn + step + room.walls.length) % room.walls.length);
  const weighed = walls.reduce((sum, wall) => sum + (wall.balance?.items.length ?? 0), 0);
  const begin = () =>
    setShown({
      open: "viewpoint",
      view: null,
      draft: { name: "", kind: "sofa", x_m: room.room.width_m / 2, y_m: room.room.depth_m * 0.8, heading_deg: 0 },
    });
  const change = (one: View) => setShown({ open: "viewpoint", view: one, draft: draftOf(one) });
  return (
    <>
      <RoomHead
        room={room}
        year={String(me?.season.season ?? "")}
        stepBack={view ? () => setShown({ open: "round" }) : null}
        bare={() => setShown({ open: "bare" })}
        begin={begin}
      />
      <Box
        sx={{
          flex: 1,
          minHeight: 0,
          display: { xs: "block", md: "grid" },
          overflow: { xs: "auto", md: "hidden" },
          gridTemplateColumns: { md: "minmax(0, 1fr) 300px", lg: "minmax(0, 1fr) 328px" },
        }}
      >
        <Box sx={{ display: "flex", flexDirection: "column", minHeight: 0, minWidth: 0 }}>
          <Box
            sx={{
              position: "relative",
              flex: { md: 1 },
              height: { xs: 330, md: "auto" },
              minHeight: { md: 200 },
              bgcolor: shadesOf[dusk ? "dusk" : "day"].wallBottom,
            }}
          >
            <Box sx={{ display: "flex", gap: 1, px: 1.5, pt: 1.25, flexWrap: "wrap", alignItems: "center" }}>
              <DuskTool />
              <StageTool
                startIcon={<StraightenOutlined />}
                aria-pressed={measures}
                onClick={() => setMeasures(!measures)}
                sx={{ display: { xs: "none", sm: "inline-flex" } }}
              >
                Measures
              </StageTool>
              <StageTool aria-label="Turn to the left" onClick={() => by(-1)} sx={{ minWidth: 0 }}>
                <ChevronLeft fontSize="small" />
              </StageTool>
              <StageTool aria-label="Turn to the right" onClick={() => by(1)} sx={{ minWidth: 0 }}>
                <ChevronRight fontSize="small" />
              </StageTool>
              <Box sx={{ flex: 1 }} />
              {chosen ? (
                <ChosenPiece piece={chosen} room={room} dusk={dusk} say={() => setShown({ open: "position" })} />
              ) : (
                <Typography variant="body2" sx={{ color: shadesOf[dusk ? "dusk" : "day"].label }}>
                  {counted(count, "wall")} to one scale · {counted(weighed, "thing")} weighed
                </Typography>
              )}
            </Box>
            <Box
              ref={stage}
              sx={{ position: "absolute", inset: { xs: "64px 0 0 0", sm: "52px 0 0 0" }, overflow: "hidden" }}
            >
              {size.width > 0 && (
                <WallStrip
                  at={at}
                  standings={room.standings}
                  {...{ styles, dusk, units, measures }}
                  chosen={piece}
                  choose={setPiece}
                  drag={moving.drag}
                  put={moving.put}
                />
              )}
            </Box>
          </Box>
          <Box
            sx={{
              display: "flex",
              justifyContent: "center",
              pt: 0.5,
              bgcolor: "background.default",
              position: "relative",
              overflow: "hidden",
            }}
          >
            {size.width > 0 &&
              walls.map((wall) => (
                <Beam
                  key={wall.key}
                  wall={wall}
                  standings={room.standings}
                  bounds={room.bounds}
                  scale={at.scale}
                  heaviest={heaviest}
                  units={units}
                  open={() => setShown({ open: "working", key: `balance:${wall.key}` })}
                />
              ))}
          </Box>
          <ProblemAlert problem={moving.problem ?? acts.problem} />
          <RoomBelow
            room={room}
            view={view}
            choose={setFrom}
            put={(one, spot) => void acts.moveEye(one, spot)}
            add={acts.add}
            change={change}
            begin={begin}
          />
        </Box>
        <Box
          sx={(theme) => ({
            bgcolor: "background.paper",
            borderLeft: { md: `1px solid ${theme.palette.divider}` },
            overflow: { md: "auto" },
            display: "flex",
            flexDirection: "column",
          })}
        >
          <ViewChoice room={room} view={view} choose={setFrom} />
          <ViewPane
            room={room}
            view={view}
            units={units}
            open={(key) => setShown({ open: "working", key })}
            apply={acts.apply}
            busy={acts.busy}
          />
        </Box>
      </Box>
      {shown?.open === "bare" && (
        <BareDrawer
          roomId={room.room.id}
          pieces={room.standings.filter((one) => one.piece)}
          onClose={() => setShown(null)}
        />
      )}
      {shown?.open === "round" && view && (
        <RoundDrawer
          key={view.id}
          view={view}
          next={room.views[room.views.indexOf(view) + 1]}
          goOn={setFrom}
          offers={
            view.verdict === "competing" && <Offers view={view} apply={acts.apply} busy={acts.busy} units={units} />
          }
          onClose={() => setShown(null)}
        />
      )}
      {shown?.open === "position" && chosen && (
        <PositionDialog
          piece={chosen}
          walls={room.walls}
          onPut={(position) => void moving.put(chosen, position)}
          onClose={() => setShown(null)}
        />
      )}
      {shown?.open === "viewpoint" && (
        <ViewpointDialog
          roomId={room.room.id}
          id={shown.view?.id ?? null}
          version={shown.view?.version ?? 0}
          draft={shown.draft}
          onKept={async (id) => {
            await acts.reread();
            setFrom(id);
          }}
          onDelete={shown.view ? () => acts.remove(shown.view) : null}
          onClose={() => setShown(null)}
        />
      )}
      <RoomWorking
        roomId={room.room.id}
        opened={shown?.open === "working" ? shown.key : null}
        onClose={() => setShown(null)}
      />
    </>
  );
}
