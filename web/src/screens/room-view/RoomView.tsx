import { useParams } from "react-router";
import { Failed } from "../../parts/Failed";
import { Gently } from "../../parts/Gently";
import { Loading } from "../../parts/Loading";
import { RoomDesk } from "./RoomDesk";
import { useRoomView } from "./useRoomView";

/** A room as a whole: its walls with everything on them, what leads from where, and the ways left. */
export function RoomView() {
  const { roomId = "" } = useParams();
  const view = useRoomView(roomId);
  if (view.isPending) return <Loading what="the room" />;
  if (view.isError) return <Failed error={view.error} retry={() => void view.refetch()} />;
  return (
    <Gently what="the room">
      <RoomDesk key={roomId} view={view.data} />
    </Gently>
  );
}
