import ChecklistRounded from "@mui/icons-material/ChecklistRounded";
import FormatListBulleted from "@mui/icons-material/FormatListBulleted";
import LocalShippingOutlined from "@mui/icons-material/LocalShippingOutlined";
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";

export type View = "load" | "now" | "all";

const VIEWS = [
  { view: "load" as const, label: "To load", icon: LocalShippingOutlined },
  { view: "now" as const, label: "Now", icon: ChecklistRounded },
  { view: "all" as const, label: "All steps", icon: FormatListBulleted },
];

/** Before leaving, now, and all of it. */
export function Views({
  view,
  strike,
  onView,
}: {
  view: View;
  /** Whether a home is taken down: boxes are brought empty. */
  strike: boolean;
  onView: (view: View) => void;
}) {
  return (
    <Box
      component="nav"
      aria-label="Run sheet"
      sx={{ display: "flex", borderTop: 1, borderColor: "divider", bgcolor: "background.default", flexShrink: 0 }}
    >
      {VIEWS.map(({ view: one, label, icon: Icon }) => (
        <ButtonBase
          key={one}
          onClick={() => onView(one)}
          aria-current={view === one ? "page" : undefined}
          sx={(theme) => ({
            flex: 1,
            minHeight: 52,
            flexDirection: { xs: "column", md: "row" },
            gap: { xs: 0.25, md: 1 },
            color: view === one ? "secondary.main" : "text.secondary",
            boxShadow: view === one ? `inset 0 3px ${theme.palette.secondary.main}` : "none",
          })}
        >
          <Icon aria-hidden sx={{ fontSize: 22 }} />
          <Typography
            component="span"
            sx={{
              fontSize: "0.8rem",
              fontWeight: view === one ? 700 : 500,
              color: view === one ? "text.primary" : "inherit",
            }}
          >
            {strike && one === "load" ? "To bring" : label}
          </Typography>
        </ButtonBase>
      ))}
    </Box>
  );
}
