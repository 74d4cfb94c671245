import { createBrowserRouter, type RouteObject } from "react-router";
import { Shell } from "../shell/Shell";
import { Loading } from "../parts/Loading";
import { Lost } from "./Lost";

/** Until the first screen's own script is there. */
function Opening() {
  return <Loading what="Deck Bough" />;
}

/** One chunk for each screen; the shell comes first. */
const SCREENS: RouteObject[] = [
  {
    path: "/sign-in",
    HydrateFallback: Opening,
    lazy: async () => ({ Component: (await import("../screens/sign-in/SignIn")).SignIn }),
  },
  {
    path: "/found",
    HydrateFallback: Opening,
    lazy: async () => ({ Component: (await import("../screens/founding/Founding")).Founding }),
  },
  {
    path: "/",
    element: <Shell />,
    HydrateFallback: Opening,
    errorElement: <Lost />,
    children: [
      { index: true, lazy: async () => ({ Component: (await import("../screens/season/Season")).Season }) },
      { path: "homes/:homeId", lazy: async () => ({ Component: (await import("../screens/home/Home")).Home }) },
      {
        path: "season-summary",
        lazy: async () => ({ Component: (await import("../screens/season-summary/SeasonSummary")).SeasonSummary }),
      },
      {
        path: "seasons/:season",
        lazy: async () => ({ Component: (await import("../screens/season-summary/ClosedSeason")).ClosedSeason }),
      },
      {
        path: "season-opening",
        lazy: async () => ({ Component: (await import("../screens/season-opening/SeasonOpening")).SeasonOpening }),
      },
      {
        path: "homes/:homeId/kept",
        lazy: async () => ({ Component: (await import("../screens/clients-data/ClientsData")).ClientsData }),
      },
      {
        path: "homes/:homeId/book",
        lazy: async () => ({ Component: (await import("../screens/home-book/HomeBook")).HomeBook }),
      },
      {
        path: "homes/:homeId/proposal",
        lazy: async () => ({ Component: (await import("../screens/proposal/Proposal")).Proposal }),
      },
      {
        path: "homes/:homeId/season-end",
        lazy: async () => ({ Component: (await import("../screens/season-end/SeasonEnd")).SeasonEnd }),
      },
      {
        path: "homes/:homeId/rooms/new",
        lazy: async () => ({ Component: (await import("../screens/survey/Survey")).NewSurvey }),
      },
      { path: "rooms/:roomId", lazy: async () => ({ Component: (await import("../screens/survey/Survey")).Survey }) },
      {
        path: "rooms/:roomId/view",
        lazy: async () => ({ Component: (await import("../screens/room-view/RoomView")).RoomView }),
      },
      {
        path: "pieces/:pieceId",
        lazy: async () => ({ Component: (await import("../screens/piece-bench/PieceBench")).PieceBench }),
      },
      {
        path: "pieces/:pieceId/map",
        lazy: async () => ({ Component: (await import("../screens/hanging-map/HangingMap")).HangingMap }),
      },
      {
        path: "pieces/:pieceId/cuts",
        lazy: async () => ({ Component: (await import("../screens/cut-plan/CutPlan")).CutPlan }),
      },
      {
        path: "pieces/:pieceId/versions",
        lazy: async () => ({ Component: (await import("../screens/versions/Versions")).Versions }),
      },
      {
        path: "stock",
        lazy: async () => ({ Component: (await import("../screens/stock/Stockroom")).Stockroom }),
      },
      { path: "looks", lazy: async () => ({ Component: (await import("../screens/looks/Looks")).Looks }) },
      {
        path: "looks/:lookId",
        lazy: async () => ({ Component: (await import("../screens/looks/LookBoard")).LookBoard }),
      },
      { path: "recipes", lazy: async () => ({ Component: (await import("../screens/recipes/Recipes")).Recipes }) },
      { path: "days", lazy: async () => ({ Component: (await import("../screens/days/Days")).Days }) },
      {
        path: "visits/:visitId",
        lazy: async () => ({ Component: (await import("../screens/run-sheet/RunSheet")).RunSheet }),
      },
      {
        path: "visits/:visitId/log",
        lazy: async () => ({ Component: (await import("../screens/visit-log/VisitLog")).VisitLog }),
      },
      { path: "ideas", lazy: async () => ({ Component: (await import("../screens/ideas/Ideas")).Ideas }) },
      { path: "buying", lazy: async () => ({ Component: (await import("../screens/buying/Buying")).Buying }) },
      { path: "boxes", lazy: async () => ({ Component: (await import("../screens/boxes/Boxes")).Boxes }) },
      {
        path: "boxes/:number",
        lazy: async () => ({ Component: (await import("../screens/boxes/BoxPage")).BoxPage }),
      },
      {
        path: "house-rules",
        lazy: async () => ({ Component: (await import("../screens/house-rules/HouseRules")).HouseRules }),
      },
      {
        path: "house-rules/log/:rule?",
        lazy: async () => ({ Component: (await import("../screens/lessons/Lessons")).Lessons }),
      },
      { path: "deleted", lazy: async () => ({ Component: (await import("../screens/deleted/Deleted")).Deleted }) },
      { path: "*", element: <Lost /> },
    ],
  },
];

/** The screen of the address is asked for at once. */
export function openRouter() {
  return createBrowserRouter(SCREENS);
}
