import TextField from "@mui/material/TextField";
import type { Schemas } from "../../api/client";
import { keys, queryClient, useMe } from "../../api/queries";
import { useStudio } from "../house-rules/useStudio";

const ORDERS: Record<Schemas["HouseOrder"], string> = {
  tree_first: "the tree first",
  focal_first: "the largest piece first",
  lights_first: "all lights first",
  drinks_first: "the drink corner first",
  arrival: "rooms as one arrives at them",
};
/** In which order a house is gone through; an owner says so. */
export function HouseOrder() {
  const mayChange = useMe().data?.account.role === "owner";
  const { studio, change } = useStudio(mayChange);
  if (!studio) return null;
  return (
    <TextField
      select
      label="In a room"
      value={studio.house_order}
      disabled={!mayChange}
      onChange={async (event) => {
        await change({ house_order: event.target.value as Schemas["HouseOrder"] });
        await queryClient.invalidateQueries({ queryKey: keys.days });
      }}
      slotProps={{ select: { native: true } }}
      sx={{ mt: 3 }}
    >
      {Object.entries(ORDERS).map(([order, says]) => (
        <option key={order} value={order}>
          {says}
        </option>
      ))}
    </TextField>
  );
}
