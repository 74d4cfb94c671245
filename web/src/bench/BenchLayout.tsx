import UnfoldLess from "@mui/icons-material/UnfoldLess";
import UnfoldMore from "@mui/icons-material/UnfoldMore";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Drawer from "@mui/material/Drawer";
import IconButton from "@mui/material/IconButton";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useState, type ReactNode } from "react";
import { InTurn } from "../parts/InTurn";
import { useAsked } from "../parts/useAsked";

interface Props {
  stage: ReactNode;
  /** Under the drawing: its colours. */
  colours: ReactNode;
  steps: ReactNode;
  ledger: ReactNode;
  /** On the button that opens the ledger on a phone. */
  ledgerLabel: string;
}

/** What every bench looks like: drawing, the order of work under it, the ledger beside. Panes scroll, the page does not. */
export function BenchLayout({ stage, colours, steps, ledger, ledgerLabel }: Props) {
  const wide = useMediaQuery("(min-width: 900px)");
  const [open, setOpen] = useState(false);
  const asked = useAsked(open);
  const [tall, setTall] = useState(false);
  return (
    <Box
      sx={{
        flex: 1,
        minHeight: 0,
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 300px", lg: "minmax(0, 1fr) 328px" },
        // On paper: the drawing, and under it the ledger in full; dials are for the screen.
        "@media print": { display: "block", "& > :first-of-type": { height: "11cm" }, "& .dials": { display: "none" } },
        gridTemplateRows: {
          xs: "minmax(260px, 46%) auto minmax(0, 1fr) auto",
          md: tall ? "minmax(0, 1fr) auto 56%" : "minmax(0, 1fr) auto 226px",
        },
      }}
    >
      <InTurn>
        <Box sx={{ position: "relative", overflow: "hidden" }}>{stage}</Box>
        <Box sx={{ gridColumn: 1, minWidth: 0 }}>{colours}</Box>
        <Box
          className="dials"
          sx={(theme) => ({
            gridColumn: 1,
            borderTop: `1px solid ${theme.palette.divider}`,
            bgcolor: "background.paper",
            minHeight: 0,
            display: "flex",
            flexDirection: "column",
            position: "relative",
            // The row of steps leaves room for the tool at its end.
            "& > .MuiTabs-root": { mr: { md: 5 } },
          })}
        >
          {steps}
          {wide && (
            <IconButton
              size="small"
              aria-label={tall ? "Make the dials lower" : "Make the dials taller"}
              aria-pressed={tall}
              onClick={() => setTall(!tall)}
              sx={{ position: "absolute", top: 5, right: 6 }}
            >
              {tall ? <UnfoldLess fontSize="small" /> : <UnfoldMore fontSize="small" />}
            </IconButton>
          )}
        </Box>
        {wide && (
          <Box
            sx={(theme) => ({
              gridRow: "1 / span 3",
              gridColumn: 2,
              borderLeft: `1px solid ${theme.palette.divider}`,
              bgcolor: "background.paper",
              minHeight: 0,
            })}
          >
            {ledger}
          </Box>
        )}
        {!wide && (
          <>
            <Button variant="contained" color="primary" sx={{ borderRadius: 0 }} onClick={() => setOpen(true)}>
              {ledgerLabel}
            </Button>
            {asked && (
              <Drawer
                anchor="bottom"
                open={open}
                onClose={() => setOpen(false)}
                slotProps={{ paper: { sx: { height: "82%" } } }}
              >
                {ledger}
              </Drawer>
            )}
          </>
        )}
      </InTurn>
    </Box>
  );
}
