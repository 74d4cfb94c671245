import { useQueryClient } from "@tanstack/react-query";
import { useNavigate, useParams } from "react-router";
import { ask, client, type Schemas } from "../../api/client";
import { useHome } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Gently } from "../../parts/Gently";
import { FieldReadingsProvider } from "../../parts/fieldReadings";
import { Loading } from "../../parts/Loading";
import { deletedTold } from "../../parts/frees";
import { useUndo } from "../../parts/undo";
import { useUnits } from "../../units/useUnits";
import { SurveyDesk } from "./SurveyDesk";
import { useRoom } from "./useSurvey";

/** A room already measured. */
export function Survey() {
  const { roomId = "" } = useParams();
  const room = useRoom(roomId);
  const navigate = useNavigate();
  const cache = useQueryClient();
  const { say } = useUndo();
  const units = useUnits();

  async function remove(told: Schemas["Room"]) {
    const path = { params: { path: { id: told.id } } };
    const { frees } = await ask(client.DELETE("/api/rooms/{id}", path));
    await navigate(`/homes/${told.home_id}`);
    say(deletedTold(told.name, frees, units), async () => {
      await ask(client.POST("/api/rooms/{id}/restore", path));
      await cache.invalidateQueries();
    });
  }

  if (room.isPending) return <Loading what="the survey" />;
  if (room.isError) return <Failed error={room.error} retry={() => void room.refetch()} />;
  return (
    <FieldReadingsProvider>
      <Gently what="the survey">
        <SurveyDesk
          key={room.data.id}
          home={{ id: room.data.home_id, name: room.data.home_name }}
          room={room.data}
          remove={() => void remove(room.data)}
        />
      </Gently>
    </FieldReadingsProvider>
  );
}

/** A room to be measured. */
export function NewSurvey() {
  const { homeId = "" } = useParams();
  const home = useHome(homeId);
  if (home.isPending) return <Loading what="the home" />;
  if (home.isError) return <Failed error={home.error} retry={() => void home.refetch()} />;
  return (
    <FieldReadingsProvider>
      <SurveyDesk home={{ id: home.data.id, name: home.data.name }} />
    </FieldReadingsProvider>
  );
}
