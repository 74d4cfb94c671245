import Box from "@mui/material/Box";
import { NAMES, ROW } from "./dayLayout";
import type { Ghost as Stood } from "./useMoves";

/** Where a step stood before it was moved. */
export function Ghost({ ghost, x }: { ghost: Stood; x: (minute: number) => number }) {
  return (
    <Box
      role="note"
      sx={{
        position: "absolute",
        left: NAMES + x(ghost.from) + 1,
        top: ghost.top * ROW,
        width: Math.max(x(ghost.to) - x(ghost.from) - 2, 5),
        height: ghost.rows * ROW - 6,
        border: "2px dashed",
        borderColor: "secondary.main",
        borderRadius: "4px",
        pointerEvents: "none",
        zIndex: 4,
      }}
    >
      <Box
        component="span"
        sx={{
          position: "absolute",
          bottom: 0,
          left: 0,
          px: 0.5,
          fontSize: "0.72rem",
          lineHeight: 1.3,
          whiteSpace: "nowrap",
          color: "secondary.main",
          bgcolor: "background.paper",
        }}
      >
        {ghost.says}
      </Box>
    </Box>
  );
}
