import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { startTransition, useEffect, useRef, useState } from "react";
import { Link as RouterLink, useBlocker, useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { useSeasonYear } from "../../api/queries";
import { ConflictDialog } from "../../parts/ConflictDialog";
import { InTurn } from "../../parts/InTurn";
import { useFieldReadings } from "../../parts/fieldReadings";
import { MoreMenu } from "../../parts/MoreMenu";
import { FormAlert } from "../../parts/ProblemAlert";
import { Strip } from "../../shell/Strip";
import { HouseholdFields } from "./HouseholdFields";
import { Paints } from "./Paints";
import { Meter } from "./Meter";
import { PlacesFields } from "./PlacesFields";
import { OpeningsFields } from "./plan/OpeningsFields";
import { PlanSketch } from "./plan/PlanSketch";
import { ThingsFields } from "./plan/ThingsFields";
import { WallsFields } from "./plan/WallsFields";
import { RoomFields } from "./RoomFields";
import { RoomSheet } from "./RoomSheet";
import { useSurveyForm } from "./useSurvey";

interface Props {
  home: { id: string; name: string };
  room?: Schemas["Room"];
  remove?: () => void;
}

/** The survey on one desk: what is asked at the left, the room drawn from it at the right. */
export function SurveyDesk({ home, room, remove }: Props) {
  const navigate = useNavigate();
  const readings = useFieldReadings();
  const leaving = useRef(false);
  const form = useSurveyForm({ homeId: home.id, room }, readings?.settled ?? (() => Promise.resolve(true)), (made) => {
    leaving.current = true;
    void navigate(`/rooms/${made.id}`, { replace: true });
  });
  const year = useSeasonYear();
  const blocker = useBlocker(() => form.changed && !leaving.current);
  const asked = useRef(false);
  const fields = [
    <Meter key="meter" form={form} room={room?.id ?? `new ${home.id}`} />,
    <RoomFields key="room" form={form} />,
    <WallsFields key="walls" form={form} />,
    <OpeningsFields key="openings" form={form} homeId={home.id} roomId={room?.id} />,
    <ThingsFields key="things" form={form} />,
    <PlacesFields key="places" form={form} />,
    room && <Paints key="paints" roomId={room.id} />,
    <HouseholdFields key="household" homeId={home.id} />,
  ];
  const [whole, setWhole] = useState(false);

  // Keeping waits for fields still being read; what they gave is in the draft only at the next render.
  useEffect(() => {
    if (!asked.current) return;
    asked.current = false;
    void form.keep();
  });

  async function keep() {
    if (!(await form.ready())) return;
    asked.current = true;
    form.change({});
  }

  return (
    <>
      <Strip
        crumbs={[
          { label: `Season ${year}`, to: "/" },
          { label: home.name, to: `/homes/${home.id}` },
          { label: room?.name ?? "A room to measure" },
        ]}
      >
        <Typography variant="body2" color="textSecondary" role="status">
          {form.changed ? "Not kept yet" : room ? "Kept" : ""}
        </Typography>
        <Button variant="contained" onClick={() => void keep()} disabled={form.busy}>
          Keep the survey
        </Button>
        {room && (
          <Button
            component={RouterLink}
            to={`/rooms/${room.id}/view`}
            sx={{ display: { xs: "none", sm: "inline-flex" } }}
          >
            Room view
          </Button>
        )}
        {remove && <MoreMenu label="More for this room" entries={[{ label: "Delete this room", run: remove }]} />}
      </Strip>
      <Box
        sx={{
          flex: 1,
          minHeight: 0,
          overflow: { xs: "auto", md: "hidden" },
          display: { xs: "flex", md: "grid" },
          flexDirection: "column",
          gridTemplateColumns: "minmax(440px, 1fr) minmax(380px, 1fr)",
        }}
      >
        <Box sx={{ overflow: { md: "auto" }, p: { xs: 2, sm: 3 } }}>
          <FormAlert objections={form.objections} />
          {form.unread && (
            <Alert severity="error" variant="outlined" sx={{ mb: 2 }}>
              One length could not be read yet. Mend it below; nothing was kept and nothing is lost.
            </Alert>
          )}
          <InTurn onWhole={() => startTransition(() => setWhole(true))}>{fields}</InTurn>
        </Box>
        <RoomSheet draft={form.draft} room={room} saved={!form.changed} whole={whole}>
          <PlanSketch form={form} />
        </RoomSheet>
      </Box>
      {form.conflict && (
        <ConflictDialog rows={form.conflict} keepMine={() => void form.keepMine()} takeTheirs={form.takeTheirs} />
      )}
      {blocker.state === "blocked" && (
        <Dialog open aria-labelledby="leave-title">
          <DialogTitle id="leave-title">Leave without keeping the survey?</DialogTitle>
          <DialogActions>
            <Button
              onClick={() => {
                form.forget();
                blocker.proceed();
              }}
            >
              Leave it
            </Button>
            <Button variant="contained" autoFocus onClick={() => blocker.reset()}>
              Stay here
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </>
  );
}
