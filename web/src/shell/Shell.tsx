import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import { lazy, Suspense, useState } from "react";
import { Navigate, Outlet, useLocation } from "react-router";
import { asProblem } from "../api/client";
import { useMe } from "../api/queries";
import { Failed } from "../parts/Failed";
import { Loading } from "../parts/Loading";
import { UndoProvider } from "../parts/undo";
import { NavRail } from "./NavRail";
import { ShortcutProvider, useShortcuts } from "./shortcuts";
import { SignInAgain } from "./SignInAgain";

const Finder = lazy(async () => ({ default: (await import("./Finder")).Finder }));

/** The finder comes when it is first asked for and stays from then on. */
function FinderWhenAsked() {
  const { finderOpen } = useShortcuts();
  const [asked, setAsked] = useState(false);
  if (finderOpen && !asked) setAsked(true);
  return asked ? (
    <Suspense fallback={null}>
      <Finder />
    </Suspense>
  ) : null;
}

/** The first thing the keyboard comes to: past the rail, to what the screen is about. */
function SkipLink() {
  return (
    <Link
      href="#work"
      onClick={(event) => {
        event.preventDefault();
        (document.getElementById("step-dials") ?? document.getElementById("work"))?.focus();
      }}
      sx={(theme) => ({
        position: "fixed",
        zIndex: theme.zIndex.tooltip,
        top: 8,
        left: 8,
        px: 2,
        py: 1,
        bgcolor: "background.paper",
        "&:not(:focus)": { clipPath: "inset(50%)", height: 1, width: 1, overflow: "hidden", p: 0 },
      })}
    >
      Skip to the work
    </Link>
  );
}

/** What surrounds every screen of somebody signed in. */
export function Shell() {
  const me = useMe();
  const location = useLocation();

  if (me.isPending) return <Loading what="the studio" />;
  if (me.isError && !me.data) {
    if (asProblem(me.error).status === 401)
      return <Navigate to="/sign-in" replace state={{ from: location.pathname }} />;
    return <Failed error={me.error} retry={() => void me.refetch()} />;
  }
  return (
    <UndoProvider>
      <ShortcutProvider>
        <Box
          sx={{
            display: "flex",
            flexDirection: { xs: "column-reverse", sm: "row" },
            height: "100dvh",
            overflow: "hidden",
            "@media print": { height: "auto", overflow: "visible" },
          }}
        >
          <SkipLink />
          <NavRail />
          <Box
            component="main"
            id="work"
            tabIndex={-1}
            sx={{ outline: "none", flex: 1, minWidth: 0, minHeight: 0, display: "flex", flexDirection: "column" }}
          >
            <Outlet />
          </Box>
        </Box>
        <FinderWhenAsked />
        <SignInAgain email={me.data.account.email} />
      </ShortcutProvider>
    </UndoProvider>
  );
}
