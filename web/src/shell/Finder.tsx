import Dialog from "@mui/material/Dialog";
import { useNavigate } from "react-router";
import { FindList, type Found } from "../parts/FindList";
import { useShortcuts } from "./shortcuts";

const PATHS: Record<Found["kind"], string> = { home: "/homes/", room: "/rooms/", piece: "/pieces/" };

export function Finder() {
  const { finderOpen, closeFinder } = useShortcuts();
  const navigate = useNavigate();
  return (
    <Dialog
      open={finderOpen}
      onClose={closeFinder}
      maxWidth="sm"
      fullWidth
      aria-label="Find"
      slotProps={{ paper: { sx: { p: 2, alignSelf: "flex-start", mt: 10 } } }}
    >
      {finderOpen && (
        <FindList
          label="Find a home, room or piece"
          onChoose={(item) => {
            closeFinder();
            void navigate(PATHS[item.kind] + item.id);
          }}
        />
      )}
    </Dialog>
  );
}
