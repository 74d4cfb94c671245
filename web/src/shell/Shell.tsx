import Box from "@mui/material/Box";
import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Navigate, Outlet, useLocation, useNavigate } from "react-router";
import { asProblem, SIGNED_OUT } from "../api/client";
import { useMe } from "../api/queries";
import { Failed } from "../parts/Failed";
import { Loading } from "../parts/Loading";
import { UndoProvider } from "../parts/undo";
import { Finder } from "./Finder";
import { NavRail } from "./NavRail";
import { ShortcutProvider } from "./shortcuts";

/** What surrounds every screen of somebody signed in. */
export function Shell() {
  const me = useMe();
  const location = useLocation();
  const navigate = useNavigate();
  const cache = useQueryClient();

  useEffect(() => {
    function askToSignIn() {
      cache.clear();
      void navigate("/sign-in", { state: { from: location.pathname } });
    }
    window.addEventListener(SIGNED_OUT, askToSignIn);
    return () => window.removeEventListener(SIGNED_OUT, askToSignIn);
  }, [navigate, location.pathname, cache]);

  if (me.isPending) return <Loading what="the studio" />;
  if (me.isError) {
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
          }}
        >
          <NavRail />
          <Box component="main" sx={{ flex: 1, minWidth: 0, minHeight: 0, display: "flex", flexDirection: "column" }}>
            <Outlet />
          </Box>
        </Box>
        <Finder />
      </ShortcutProvider>
    </UndoProvider>
  );
}
