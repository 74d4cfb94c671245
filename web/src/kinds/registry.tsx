import AutoAwesomeOutlined from "@mui/icons-material/AutoAwesomeOutlined";
import LocalFloristOutlined from "@mui/icons-material/LocalFloristOutlined";
import LocalCafeOutlined from "@mui/icons-material/LocalCafeOutlined";
import AutoStoriesOutlined from "@mui/icons-material/AutoStoriesOutlined";
import WeekendOutlined from "@mui/icons-material/WeekendOutlined";
import RedeemOutlined from "@mui/icons-material/RedeemOutlined";
import TableRestaurantOutlined from "@mui/icons-material/TableRestaurantOutlined";
import ParkOutlined from "@mui/icons-material/ParkOutlined";
import TripOriginOutlined from "@mui/icons-material/TripOriginOutlined";
import GridViewOutlined from "@mui/icons-material/GridViewOutlined";
import SpaOutlined from "@mui/icons-material/SpaOutlined";
import { lazy, type ComponentType, type ElementType, type LazyExoticComponent } from "react";
import type { Schemas } from "../api/client";
import type { DrawnInRoom } from "../drawing/room/pieceFrame";
import type { Turn } from "../drawing/tree/turn";
import { length, type Units } from "../units/format";
import type { Kind, PieceOf, PlanOf } from "./kind";

export interface DrawnPlan<K extends Kind> {
  plan: PlanOf<K>;
  name: string;
  styles: Schemas["Style"][];
  dusk: boolean;
  units: Units;
  turn: Turn;
}

/** How a kind of piece shows itself outside its own bench. */
interface ShownKind<K extends Kind> {
  /** What one is called: "Delete this tree". */
  noun: string;
  /** What may be put into a room. */
  label: string;
  /** What a new one is called in a room. */
  nameIn: (room: string) => string;
  icon: ElementType;
  /** Whether it stands in one of the room's places. */
  stands: boolean;
  /** What it is known by in a list. */
  told: (piece: Schemas["PieceOfRoom"], units: Units) => string;
  Bench: LazyExoticComponent<ComponentType<{ piece: PieceOf<K> }>>;
  /** As it looks beside another version of itself. */
  Drawing: LazyExoticComponent<ComponentType<DrawnPlan<K>>>;
  /** As it looks before a wall of its room. */
  InRoom: LazyExoticComponent<ComponentType<DrawnInRoom<K>>>;
}

const place = (piece: Schemas["PieceOfRoom"]) => piece.place?.toLowerCase() ?? "no place yet";

/** Every kind once; a new kind is a line here and a folder of its own for bench and drawing. */
export const KINDS: { [K in Kind]: ShownKind<K> } = {
  tree: {
    noun: "tree",
    label: "a tree",
    nameIn: (room) => `${room} tree`,
    icon: ParkOutlined,
    stands: true,
    told: (piece, units) => `${piece.height_m ? length(piece.height_m, units) : "no tree chosen yet"}, ${place(piece)}`,
    Bench: lazy(async () => ({ default: (await import("../screens/tree-bench/BenchScreen")).BenchScreen })),
    Drawing: lazy(async () => ({ default: (await import("../screens/tree-bench/TreeVersion")).TreeVersion })),
    InRoom: lazy(async () => ({ default: (await import("../drawing/room/TreeInRoom")).TreeInRoom })),
  },
  run: {
    noun: "run",
    label: "a greenery run",
    nameIn: (room) => `${room} greens`,
    icon: SpaOutlined,
    stands: false,
    told: (piece, units) => (piece.length_m ? `greens, ${length(piece.length_m, units)}` : "greens, not measured yet"),
    Bench: lazy(async () => ({ default: (await import("../screens/run-bench/RunScreen")).RunScreen })),
    Drawing: lazy(async () => ({ default: (await import("../screens/run-bench/RunVersion")).RunVersion })),
    InRoom: lazy(async () => ({ default: (await import("../drawing/room/RunInRoom")).RunInRoom })),
  },
  wreath: {
    noun: "wreath",
    label: "a wreath",
    nameIn: (room) => `${room} wreath`,
    icon: TripOriginOutlined,
    stands: false,
    told: (piece, units) =>
      piece.length_m ? `wreath, on ${length(piece.length_m, units)} of width` : "wreath, not measured yet",
    Bench: lazy(async () => ({ default: (await import("../screens/wreath-bench/WreathScreen")).WreathScreen })),
    Drawing: lazy(async () => ({ default: (await import("../screens/wreath-bench/WreathVersion")).WreathVersion })),
    InRoom: lazy(async () => ({ default: (await import("../drawing/room/WreathInRoom")).WreathInRoom })),
  },
  wall: {
    noun: "wall of wreaths",
    label: "a wall of wreaths",
    nameIn: (room) => `${room} wreaths`,
    icon: GridViewOutlined,
    stands: false,
    told: (piece, units) =>
      piece.length_m ? `wreaths, on ${length(piece.length_m, units)} of wall` : "wreaths, not measured yet",
    Bench: lazy(async () => ({ default: (await import("../screens/wall-bench/WallScreen")).WallScreen })),
    Drawing: lazy(async () => ({ default: (await import("../screens/wall-bench/WallVersion")).WallVersion })),
    InRoom: lazy(async () => ({ default: (await import("../drawing/room/WallInRoom")).WallInRoom })),
  },
  grouping: {
    noun: "grouping",
    label: "a grouping",
    nameIn: (room) => `${room} grouping`,
    icon: LocalFloristOutlined,
    stands: false,
    told: (piece, units) =>
      piece.length_m ? `grouping, on ${length(piece.length_m, units)}` : "grouping, not measured yet",
    Bench: lazy(async () => ({ default: (await import("../screens/grouping-bench/GroupingScreen")).GroupingScreen })),
    Drawing: lazy(async () => ({
      default: (await import("../screens/grouping-bench/GroupingVersion")).GroupingVersion,
    })),
    InRoom: lazy(async () => ({ default: (await import("../drawing/room/GroupingInRoom")).GroupingInRoom })),
  },
  drops: {
    noun: "set of hanging things",
    label: "hanging things",
    nameIn: (room) => `${room} stars`,
    icon: AutoAwesomeOutlined,
    stands: false,
    told: (piece, units) =>
      piece.length_m ? `hanging things, along ${length(piece.length_m, units)}` : "hanging things, not measured yet",
    Bench: lazy(async () => ({ default: (await import("../screens/drops-bench/DropsScreen")).DropsScreen })),
    Drawing: lazy(async () => ({ default: (await import("../screens/drops-bench/DropsVersion")).DropsVersion })),
    InRoom: lazy(async () => ({ default: (await import("../drawing/room/DropsInRoom")).DropsInRoom })),
  },
  table: {
    noun: "table",
    label: "a table",
    nameIn: (room) => `${room} table`,
    icon: TableRestaurantOutlined,
    stands: false,
    told: (piece, units) => (piece.length_m ? `table, ${length(piece.length_m, units)}` : "table, not measured yet"),
    Bench: lazy(async () => ({ default: (await import("../screens/table-bench/TableScreen")).TableScreen })),
    Drawing: lazy(async () => ({ default: (await import("../screens/table-bench/TableVersion")).TableVersion })),
    InRoom: lazy(async () => ({ default: (await import("../drawing/room/TableInRoom")).TableInRoom })),
  },
  stockings: {
    noun: "row of stockings",
    label: "stockings",
    nameIn: (room) => `${room} stockings`,
    icon: RedeemOutlined,
    stands: false,
    told: (piece, units) =>
      piece.length_m ? `stockings, along ${length(piece.length_m, units)}` : "stockings, not measured yet",
    Bench: lazy(async () => ({
      default: (await import("../screens/stockings-bench/StockingsScreen")).StockingsScreen,
    })),
    Drawing: lazy(async () => ({
      default: (await import("../screens/stockings-bench/StockingsVersion")).StockingsVersion,
    })),
    InRoom: lazy(async () => ({ default: (await import("../drawing/room/StockingsInRoom")).StockingsInRoom })),
  },
  drinks: {
    noun: "drink corner",
    label: "a drink corner",
    nameIn: (room) => `${room} drinks`,
    icon: LocalCafeOutlined,
    stands: false,
    told: (piece, units) =>
      piece.length_m ? `drink corner, along ${length(piece.length_m, units)}` : "drink corner, not measured yet",
    Bench: lazy(async () => ({ default: (await import("../screens/drinks-bench/DrinksScreen")).DrinksScreen })),
    Drawing: lazy(async () => ({ default: (await import("../screens/drinks-bench/DrinksVersion")).DrinksVersion })),
    InRoom: lazy(async () => ({ default: (await import("../drawing/room/DrinksInRoom")).DrinksInRoom })),
  },
  shelves: {
    noun: "set of shelves",
    label: "shelves or a tiered tray",
    nameIn: (room) => `${room} shelves`,
    icon: AutoStoriesOutlined,
    stands: false,
    told: (piece, units) =>
      piece.length_m ? `shelves, ${length(piece.length_m, units)}` : "shelves, not measured yet",
    Bench: lazy(async () => ({ default: (await import("../screens/shelves-bench/ShelvesScreen")).ShelvesScreen })),
    Drawing: lazy(async () => ({ default: (await import("../screens/shelves-bench/ShelvesVersion")).ShelvesVersion })),
    InRoom: lazy(async () => ({ default: (await import("../drawing/room/ShelvesInRoom")).ShelvesInRoom })),
  },
  swaps: {
    noun: "set of swaps",
    label: "soft things, pictures, scents",
    nameIn: (room) => `${room} swaps`,
    icon: WeekendOutlined,
    stands: false,
    told: () => "soft things, pictures, scents",
    Bench: lazy(async () => ({ default: (await import("../screens/swaps-bench/SwapsScreen")).SwapsScreen })),
    Drawing: lazy(async () => ({ default: (await import("../screens/swaps-bench/SwapsVersion")).SwapsVersion })),
    InRoom: lazy(async () => ({ default: (await import("../drawing/room/SwapsInRoom")).SwapsInRoom })),
  },
};

export const KIND_NAMES: Kind[] = [
  "tree",
  "run",
  "wreath",
  "wall",
  "grouping",
  "drops",
  "table",
  "stockings",
  "drinks",
  "shelves",
  "swaps",
];
