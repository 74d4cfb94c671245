import type { PlaceDraft, RoomDraft } from "./roomDraft";

export const HEAT: Record<RoomDraft["heat"], string> = {
  none: "none near",
  radiator: "radiator",
  stove: "stove",
  fireplace: "fireplace",
  underfloor: "under the floor",
};

export const HEAT_NAMES = Object.keys(HEAT) as RoomDraft["heat"][];

export const STANCES: Record<PlaceDraft["stance"], string> = {
  corner: "corner",
  wall: "wall",
  bay: "bay window",
  open: "open",
};
