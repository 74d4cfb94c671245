import { createBrowserRouter, type RouteObject } from "react-router";
import { Shell } from "../shell/Shell";
import { Loading } from "../parts/Loading";
import { Lost } from "./Lost";
import { OUTSIDE, SCREENS, type Screen } from "./screens";

/** Until the first screen's own script is there. */
function Opening() {
  return <Loading what="Deck Bough" />;
}

function routeTo({ path, load }: Screen): RouteObject {
  return path === "" ? { index: true, lazy: load } : { path, lazy: load };
}

/** The screen of the address is asked for at once; the shell comes first. */
export function openRouter() {
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
