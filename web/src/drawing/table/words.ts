import type { Schemas } from "../../api/client";

/** What lies at a place. */
export const LAYERS: Record<Schemas["TableSettings"]["setting"]["layers"][number]["layer"], string> = {
  mat: "place mat",
  charger: "charger",
  plate: "plate",
  salad_plate: "salad plate",
  napkin: "napkin",
  ring: "napkin ring",
  name: "name card",
};
