import { createBrowserRouter, type RouteObject } from "react-router";
import { knowMe } from "../api/queries";
import { Shell } from "../shell/Shell";
import { Loading } from "../parts/Loading";
import { Lost } from "./Lost";
import { OUTSIDE, SCREENS, screenAt, type Screen } from "./screens";

/** Until the first screen's own script is there. */
function Opening() {
  return <Loading what="Deck Bough" />;
}

/**
 * The way to every screen. The one that is opened first is there already, so that nothing has to stand in for it; what did
 * not come is fetched again by its route, which says so.
 */
export async function openRouter() {
  const opened = screenAt(location.pathname);
  const [there] = await Promise.all([opened?.load().catch(() => null), knowMe()]);
  const routeTo = ({ path, load }: Screen): RouteObject => ({
    ...(path === "" ? { index: true } : { path }),
    ...(there && path === opened?.path ? there : { lazy: load }),
  });
  return createBrowserRouter([
    ...OUTSIDE.map((screen) => ({ ...routeTo(screen), HydrateFallback: Opening })),
    {
      path: "/",
      element: <Shell />,
      HydrateFallback: Opening,
      errorElement: <Lost />,
      children: [...SCREENS.map(routeTo), { path: "*", element: <Lost /> }],
    },
  ]);
}
