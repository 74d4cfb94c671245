import type { ComponentType } from "react";

export interface Screen {
  /** As in the address, with `:names`. */
  path: string;
  /** Its own script, with all that this needs. */
  load: () => Promise<{ Component: ComponentType }>;
  /** What it asks for first, as it asks for it, with what the address says. */
  asks?: string[];
}

/** Before anybody is in. */
export const OUTSIDE: Screen[] = [
  { path: "sign-in", load: async () => ({ Component: (await import("../screens/sign-in/SignIn")).SignIn }) },
  { path: "found", load: async () => ({ Component: (await import("../screens/founding/Founding")).Founding }) },
];

/** In the shell, one script for each. */
export const SCREENS: Screen[] = [
  {
    path: "",
    asks: ["/api/season?page=1", "/api/buying?page=1"],
    load: async () => ({ Component: (await import("../screens/season/Season")).Season }),
  },
  {
    path: "homes/:homeId",
    asks: ["/api/homes/:homeId"],
    load: async () => ({ Component: (await import("../screens/home/Home")).Home }),
  },
  {
    path: "season-summary",
    asks: ["/api/season-summary"],
    load: async () => ({ Component: (await import("../screens/season-summary/SeasonSummary")).SeasonSummary }),
  },
  {
    path: "seasons/:season",
    asks: ["/api/seasons/:season"],
    load: async () => ({ Component: (await import("../screens/season-summary/ClosedSeason")).ClosedSeason }),
  },
  {
    path: "season-opening",
    asks: ["/api/season-opening?page=1"],
    load: async () => ({ Component: (await import("../screens/season-opening/SeasonOpening")).SeasonOpening }),
  },
  {
    path: "homes/:homeId/kept",
    load: async () => ({ Component: (await import("../screens/clients-data/ClientsData")).ClientsData }),
  },
  {
    path: "homes/:homeId/book",
    asks: ["/api/homes/:homeId/book"],
    load: async () => ({ Component: (await import("../screens/home-book/HomeBook")).HomeBook }),
  },
  {
    path: "homes/:homeId/proposal",
    asks: ["/api/homes/:homeId/proposal"],
    load: async () => ({ Component: (await import("../screens/proposal/Proposal")).Proposal }),
  },
  {
    path: "homes/:homeId/season-end",
    asks: ["/api/homes/:homeId/season-end"],
    load: async () => ({ Component: (await import("../screens/season-end/SeasonEnd")).SeasonEnd }),
  },
  {
    path: "homes/:homeId/rooms/new",
    load: async () => ({ Component: (await import("../screens/survey/Survey")).NewSurvey }),
  },
  {
    path: "rooms/:roomId",
    asks: ["/api/rooms/:roomId"],
    load: async () => ({ Component: (await import("../screens/survey/Survey")).Survey }),
  },
  {
    path: "rooms/:roomId/view",
    asks: ["/api/rooms/:roomId/view"],
    load: async () => ({ Component: (await import("../screens/room-view/RoomView")).RoomView }),
  },
  {
    path: "pieces/:pieceId",
    asks: ["/api/pieces/:pieceId"],
    load: async () => ({ Component: (await import("../screens/piece-bench/PieceBench")).PieceBench }),
  },
  {
    path: "pieces/:pieceId/map",
    asks: ["/api/pieces/:pieceId/hanging"],
    load: async () => ({ Component: (await import("../screens/hanging-map/HangingMap")).HangingMap }),
  },
  {
    path: "pieces/:pieceId/cuts",
    asks: ["/api/pieces/:pieceId/cut-plan", "/api/styles?page=1"],
    load: async () => ({ Component: (await import("../screens/cut-plan/CutPlan")).CutPlan }),
  },
  {
    path: "pieces/:pieceId/versions",
    asks: ["/api/pieces/:pieceId/variants", "/api/pieces/:pieceId"],
    load: async () => ({ Component: (await import("../screens/versions/Versions")).Versions }),
  },
  {
    path: "stock",
    asks: ["/api/stock?q=&page=1"],
    load: async () => ({ Component: (await import("../screens/stock/Stockroom")).Stockroom }),
  },
  {
    path: "looks",
    asks: ["/api/looks?page=1"],
    load: async () => ({ Component: (await import("../screens/looks/Looks")).Looks }),
  },
  {
    path: "looks/:lookId",
    asks: ["/api/looks/:lookId/board"],
    load: async () => ({ Component: (await import("../screens/looks/LookBoard")).LookBoard }),
  },
  {
    path: "recipes",
    asks: ["/api/recipes"],
    load: async () => ({ Component: (await import("../screens/recipes/Recipes")).Recipes }),
  },
  {
    path: "days",
    asks: ["/api/days?page=1&past=false"],
    load: async () => ({ Component: (await import("../screens/days/Days")).Days }),
  },
  {
    path: "visits/:visitId",
    asks: ["/api/visits/:visitId/run-sheet"],
    load: async () => ({ Component: (await import("../screens/run-sheet/RunSheet")).RunSheet }),
  },
  {
    path: "visits/:visitId/log",
    asks: ["/api/visits/:visitId/log"],
    load: async () => ({ Component: (await import("../screens/visit-log/VisitLog")).VisitLog }),
  },
  {
    path: "ideas",
    asks: ["/api/ideas?page=1"],
    load: async () => ({ Component: (await import("../screens/ideas/Ideas")).Ideas }),
  },
  {
    path: "buying",
    asks: ["/api/buying?page=1"],
    load: async () => ({ Component: (await import("../screens/buying/Buying")).Buying }),
  },
  {
    path: "boxes",
    asks: ["/api/boxes"],
    load: async () => ({ Component: (await import("../screens/boxes/Boxes")).Boxes }),
  },
  { path: "boxes/:number", load: async () => ({ Component: (await import("../screens/boxes/BoxPage")).BoxPage }) },
  {
    path: "house-rules",
    asks: ["/api/house-rules"],
    load: async () => ({ Component: (await import("../screens/house-rules/HouseRules")).HouseRules }),
  },
  {
    path: "house-rules/log/:rule?",
    asks: ["/api/lessons"],
    load: async () => ({ Component: (await import("../screens/lessons/Lessons")).Lessons }),
  },
  {
    path: "deleted",
    asks: ["/api/deleted?page=1"],
    load: async () => ({ Component: (await import("../screens/deleted/Deleted")).Deleted }),
  },
];

/**
 * The screen of an address; nothing for one that leads nowhere.
 *
 *   screenAt("/homes/9c…")?.asks; // ["/api/homes/9c…"]
 */
export function screenAt(address: string): Required<Screen> | null {
  for (const screen of [...OUTSIDE, ...SCREENS]) {
    const found = pattern(screen.path).exec(address);
    if (!found) continue;
    const said = (_: string, name: string) => found.groups?.[name] ?? "";
    return { ...screen, asks: (screen.asks ?? []).map((path) => path.replace(/:(\w+)/g, said)) };
  }
  return null;
}

function pattern(path: string): RegExp {
  return new RegExp(`^/${path.replace(/\/:(\w+)\?/g, "(?:/(?<$1>[^/]+))?").replace(/:(\w+)/g, "(?<$1>[^/]+)")}/?$`);
}
