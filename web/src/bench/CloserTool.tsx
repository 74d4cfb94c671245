import ZoomIn from "@mui/icons-material/ZoomIn";
import ZoomOut from "@mui/icons-material/ZoomOut";
import Box from "@mui/material/Box";
import { useState } from "react";
import { useKeys } from "../shell/shortcuts";
import { StageTool } from "./StageTools";

/** Whether the piece fills its stage, or all that is round it is seen. */
export function useCloser() {
  const [closer, setCloser] = useState(false);
  useKeys([{ keys: "z", says: "Closer, and back", run: () => setCloser(!closer) }]);
  return { closer, setCloser };
}

/** A phone has two fingers and the double tap for it. */
export function CloserTool({ closer, setCloser, whole }: ReturnType<typeof useCloser> & { whole: string }) {
  return (
    <Box sx={{ display: { xs: "none", sm: "contents" } }}>
      <StageTool startIcon={closer ? <ZoomOut /> : <ZoomIn />} onClick={() => setCloser(!closer)}>
        {closer ? whole : "Closer"}
      </StageTool>
    </Box>
  );
}
