import Box from "@mui/material/Box";
import { lazy, Suspense } from "react";
import { Navigate, Outlet, useLocation } from "react-router";
import { asProblem } from "../api/client";
import { useMe } from "../api/queries";
import { Failed } from "../parts/Failed";
import { Gently } from "../parts/Gently";
import { Loading } from "../parts/Loading";
import { UndoProvider } from "../parts/undo";
import { useAsked } from "../parts/useAsked";
import { WaitingNotice } from "../waiting/WaitingNotice";
import { NavRail } from "./NavRail";
import { ShortcutProvider, useShortcuts } from "./shortcuts";
import { SkipLink } from "./SkipLink";
import { SignInAgain } from "./SignInAgain";

const Finder = lazy(async () => ({ default: (await import("./Finder")).Finder }));

/** The finder comes when it is first asked for and stays from then on. */
function FinderWhenAsked() {
  const { finderOpen } = useShortcuts();
  const asked = useAsked(finderOpen);
  return asked ? (
    <Suspense fallback={null}>
      <Finder />
    </Suspense>
  ) : null;
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
    <Gently what="the studio">
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
            <SkipLink says="Skip to the work" />
            <NavRail />
            <Box
              component="main"
              id="work"
              tabIndex={-1}
              sx={{ outline: "none", flex: 1, minWidth: 0, minHeight: 0, display: "flex", flexDirection: "column" }}
            >
              <WaitingNotice />
              <Outlet />
            </Box>
          </Box>
          <FinderWhenAsked />
          <SignInAgain email={me.data.account.email} />
        </ShortcutProvider>
      </UndoProvider>
    </Gently>
  );
}
