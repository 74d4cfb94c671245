import ArrowUpward from "@mui/icons-material/ArrowUpward";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Fragment, useEffect, useRef, type ReactNode } from "react";
import { Link as RouterLink, useLocation } from "react-router";

interface StripProps {
  /** Where one is: season, home, room; the last one is the screen's own title. */
  crumbs: { label: string; to?: string }[];
  /** Whose screen it is; a phone, where only the title is shown, tells it above the title. */
  of?: string;
  children?: ReactNode;
}

/** After a way from screen to screen the heading has the focus, unless something of the new screen took it. */
function useHeadingFocus() {
  const heading = useRef<HTMLHeadingElement>(null);
  const { key } = useLocation();
  useEffect(() => {
    const focused = document.activeElement;
    const free = !focused || focused === document.body || focused.closest("nav") !== null;
    if (key !== "default" && free) heading.current?.focus({ preventScroll: true });
  }, [key]);
  return heading;
}

/** The top of every screen: where one is at the left, its state at the right. */
export function Strip({ crumbs, of, children }: StripProps) {
  const title = crumbs.at(-1)?.label ?? "Deck Bough";
  const up = crumbs.at(-2);
  const heading = useHeadingFocus();
  useEffect(() => {
    document.title = `${title} · Deck Bough`;
  }, [title]);
  return (
    <Box
      component="header"
      sx={(theme) => ({
        minHeight: 48,
        px: 2,
        py: 0.5,
        display: "flex",
        alignItems: "center",
        gap: 1,
        flexWrap: "wrap",
        borderBottom: `1px solid ${theme.palette.divider}`,
        bgcolor: "background.default",
        flexShrink: 0,
      })}
    >
      <Box
        sx={{
          display: "flex",
          alignItems: { xs: "center", sm: "baseline" },
          gap: { xs: 0.5, sm: 1 },
          minWidth: { xs: 150, sm: 0 },
          flex: 1,
          whiteSpace: "nowrap",
          overflow: "hidden",
          // The way up reaches to the edge, and so far a finger may press it.
          ml: { xs: up ? -1.5 : 0, sm: 0 },
        }}
      >
        {up && (
          <IconButton
            component={RouterLink}
            to={up.to ?? "/"}
            aria-label={`Up to ${up.label}`}
            sx={{ display: { xs: "inline-flex", sm: "none" }, width: 44, height: 44, alignSelf: "center" }}
          >
            <ArrowUpward fontSize="small" />
          </IconButton>
        )}
        {crumbs.slice(0, -1).map((crumb) => (
          <Fragment key={crumb.label}>
            <Link
              component={RouterLink}
              to={crumb.to ?? "/"}
              color="textSecondary"
              sx={{
                fontSize: "0.875rem",
                overflow: "hidden",
                textOverflow: "ellipsis",
                display: { xs: "none", sm: "inline" },
              }}
            >
              {crumb.label}
            </Link>
            <Typography
              aria-hidden
              color="textSecondary"
              sx={{ fontSize: "0.8rem", display: { xs: "none", sm: "inline" } }}
            >
              ›
            </Typography>
          </Fragment>
        ))}
        <Typography ref={heading} variant="h2" component="h1" noWrap tabIndex={-1} sx={{ outline: "none" }}>
          {of && (
            <Typography
              component="span"
              variant="body2"
              noWrap
              sx={{ display: { xs: "block", sm: "none" }, color: "text.secondary", lineHeight: 1.2 }}
            >
              {of}
            </Typography>
          )}
          {title}
        </Typography>
      </Box>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>{children}</Box>
    </Box>
  );
}
