import AcUnitOutlined from "@mui/icons-material/AcUnitOutlined";
import Inventory2Outlined from "@mui/icons-material/Inventory2Outlined";
import ShoppingBasketOutlined from "@mui/icons-material/ShoppingBasketOutlined";
import SearchOutlined from "@mui/icons-material/SearchOutlined";
import TodayOutlined from "@mui/icons-material/TodayOutlined";
import TuneOutlined from "@mui/icons-material/TuneOutlined";
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { type ElementType } from "react";
import { Link, useLocation } from "react-router";
import { AccountMenu } from "./AccountMenu";
import { useShortcuts } from "./shortcuts";
import { fonts } from "../theme/tokens";

const ENTRIES = [
  {
    to: "/",
    label: "Season",
    icon: AcUnitOutlined,
    here: (path: string) => path === "/" || /^\/(homes|rooms|pieces|season)/.test(path),
  },
  {
    to: "/stock",
    label: "Stock",
    icon: Inventory2Outlined,
    here: (path: string) => /^\/(stock|boxes|recipes)/.test(path),
  },
  {
    to: "/buying",
    label: "Buying",
    icon: ShoppingBasketOutlined,
    here: (path: string) => /^\/(buying|suppliers)/.test(path),
  },
  {
    to: "/days",
    label: "Days",
    icon: TodayOutlined,
    here: (path: string) => /^\/(days|visits)/.test(path),
  },
  {
    to: "/house-rules",
    label: "House rules",
    short: "Rules",
    icon: TuneOutlined,
    here: (path: string) => /^\/(house-rules|ideas)/.test(path),
  },
];

function Entry({
  label,
  short,
  icon: Icon,
  current,
  ...rest
}: {
  label: string;
  /** Where there is little room. */
  short?: string;
  icon: ElementType;
  current?: boolean;
  to?: string;
  onClick?: () => void;
}) {
  return (
    <ButtonBase
      component={rest.to ? Link : "button"}
      {...rest}
      aria-current={current ? "page" : undefined}
      sx={(theme) => ({
        flexDirection: "column",
        gap: 0.25,
        width: { xs: "auto", sm: "100%" },
        flex: { xs: 1, sm: "none" },
        py: 1,
        color: current ? theme.palette.secondary.main : theme.palette.text.secondary,
        boxShadow: current
          ? { xs: `inset 0 3px ${theme.palette.secondary.main}`, sm: `inset 3px 0 ${theme.palette.secondary.main}` }
          : "none",
      })}
    >
      <Icon aria-hidden sx={{ fontSize: 22 }} />
      <Typography
        component="span"
        sx={{ fontSize: "0.72rem", fontWeight: current ? 700 : 500, color: current ? "text.primary" : "inherit" }}
      >
        {short ? (
          <>
            <Box component="span" sx={{ display: { xs: "none", sm: "inline" } }}>
              {label}
            </Box>
            <Box component="span" sx={{ display: { xs: "inline", sm: "none" } }}>
              {short}
            </Box>
          </>
        ) : (
          label
        )}
      </Typography>
    </ButtonBase>
  );
}

/** Where one can go: a rail at the left, on a phone a bar at the foot, which is folded away during a visit. */
export function NavRail() {
  const { pathname } = useLocation();
  const working = pathname.startsWith("/visits/");
  const { openFinder } = useShortcuts();
  return (
    <Box
      component="nav"
      aria-label="Main"
      sx={(theme) => ({
        width: { xs: "100%", sm: 80 },
        flexShrink: 0,
        display: { xs: working ? "none" : "flex", sm: "flex" },
        flexDirection: { xs: "row", sm: "column" },
        alignItems: "center",
        gap: { xs: 0, sm: 0.5 },
        borderRight: { sm: `1px solid ${theme.palette.divider}` },
        borderTop: { xs: `1px solid ${theme.palette.divider}`, sm: "none" },
        bgcolor: "background.default",
        "@media print": { display: "none" },
      })}
    >
      <Typography
        component={Link}
        to="/"
        sx={{
          display: { xs: "none", sm: "block" },
          fontFamily: fonts.heading,
          fontWeight: 600,
          fontSize: "1.12rem",
          lineHeight: 1.05,
          color: "primary.main",
          textDecoration: "none",
          pt: 1.25,
          pb: 1.5,
          textAlign: "center",
        }}
      >
        Deck
        <br />
        Bough
      </Typography>
      {ENTRIES.map(({ here, ...entry }) => (
        <Entry key={entry.to} {...entry} current={here(pathname)} />
      ))}
      <Entry label="Find" icon={SearchOutlined} onClick={openFinder} />
      <Box sx={{ flex: { xs: "none", sm: 1 } }} />
      <AccountMenu />
    </Box>
  );
}
