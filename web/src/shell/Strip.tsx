import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { Fragment, useEffect, type ReactNode } from "react";
import { Link as RouterLink } from "react-router";

interface StripProps {
  /** Where one is: season, home, room; the last one is the screen's own title. */
  crumbs: { label: string; to?: string }[];
  children?: ReactNode;
}

/** The top of every screen: where one is at the left, its state at the right. */
export function Strip({ crumbs, children }: StripProps) {
  const title = crumbs.at(-1)?.label ?? "Deck Bough";
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
          alignItems: "baseline",
          gap: 1,
          minWidth: { xs: 150, sm: 0 },
          flex: 1,
          whiteSpace: "nowrap",
          overflow: "hidden",
        }}
      >
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
        <Typography variant="h2" component="h1" noWrap>
          {title}
        </Typography>
      </Box>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>{children}</Box>
    </Box>
  );
}
