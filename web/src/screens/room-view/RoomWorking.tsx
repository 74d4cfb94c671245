import { useQuery } from "@tanstack/react-query";
import { ask, client } from "../../api/client";
import { WorkingDrawer } from "../../bench/WorkingDrawer";

interface Props {
  roomId: string;
  /** "balance:front" or "weights:…"; nothing is open without. */
  opened: string | null;
  onClose: () => void;
}

/** How a beam or the weights of a view came about. */
export function RoomWorking({ roomId, opened, onClose }: Props) {
  const sheet = useQuery({
    queryKey: ["room", roomId, "working", opened],
    enabled: opened !== null,
    queryFn: () =>
      ask(
        client.POST("/api/rooms/{id}/view/working", { params: { path: { id: roomId } }, body: { key: opened ?? "" } }),
      ),
    gcTime: 0,
  });
  return (
    <WorkingDrawer
      open={opened !== null}
      sheet={opened === null ? undefined : sheet.data}
      error={sheet.error}
      onClose={onClose}
    />
  );
}
