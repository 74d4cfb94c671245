import ButtonBase from "@mui/material/ButtonBase";
import type { ReactNode } from "react";
import { FINGERS, reachable } from "../theme/theme";

/** How much is short, as a figure that opens what it is. */
export function ShortButton({ children, onClick }: { children: ReactNode; onClick: () => void }) {
  return (
    <ButtonBase
      onClick={onClick}
      aria-haspopup="dialog"
      sx={(theme) => ({
        position: "relative",
        zIndex: 1,
        font: "inherit",
        fontWeight: 600,
        color: "error.main",
        justifyContent: "flex-start",
        borderBottom: `1px dotted ${theme.palette.text.secondary}`,
        "&:hover": { color: "secondary.main" },
        ...reachable,
        [FINGERS]: { ...reachable[FINGERS], minHeight: 0, minWidth: 0 },
      })}
    >
      {children}
    </ButtonBase>
  );
}
