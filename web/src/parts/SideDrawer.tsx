import Close from "@mui/icons-material/Close";
import Box from "@mui/material/Box";
import Drawer from "@mui/material/Drawer";
import IconButton from "@mui/material/IconButton";
import Typography from "@mui/material/Typography";
import { useId, type ReactNode } from "react";

interface Props {
  title: string;
  /** What its button closes: "Close the history". */
  closes: string;
  onClose: () => void;
  children: ReactNode;
}

/** What is looked up beside the work, over its right edge; on a phone over all of it. */
export function SideDrawer({ title, closes, onClose, children }: Props) {
  const id = useId();
  return (
    <Drawer
      anchor="right"
      open
      onClose={onClose}
      slotProps={{ paper: { sx: { width: { xs: "100%", sm: 420 } }, role: "dialog", "aria-labelledby": id } }}
    >
      <Box sx={{ p: 2.5, overflow: "auto" }}>
        <Box sx={{ display: "flex", alignItems: "flex-start", mb: 1 }}>
          <Typography id={id} variant="h2" sx={{ flex: 1 }}>
            {title}
          </Typography>
          <IconButton onClick={onClose} aria-label={closes} size="small" autoFocus>
            <Close fontSize="small" />
          </IconButton>
        </Box>
        {children}
      </Box>
    </Drawer>
  );
}
