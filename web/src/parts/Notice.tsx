import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

interface NoticeProps {
  title: string;
  children: ReactNode;
  action?: ReactNode;
}

/** A whole pane that has nothing to show: empty, lost, broken. Says what to do next. */
export function Notice({ title, children, action }: NoticeProps) {
  return (
    <Box sx={{ maxWidth: 460, mx: "auto", py: 8, px: 3, textAlign: "center" }}>
      <Typography variant="h2" component="h1" gutterBottom>
        {title}
      </Typography>
      <Typography color="textSecondary" sx={{ mb: 3 }}>
        {children}
      </Typography>
      {action}
    </Box>
  );
}
