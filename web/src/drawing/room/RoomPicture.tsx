import type { Schemas } from "../../api/client";
import type { AnyPlan } from "../../kinds/kind";
import type { Units } from "../../units/format";
import type { StripAt } from "./layStrip";
import { frameOf } from "./pieceFrame";
import { PieceShown } from "./PieceShown";
import { WallsDrawn } from "./WallsDrawn";

interface Props {
  view: Schemas["RoomView"];
  plans: Map<string, AnyPlan>;
  styles: Schemas["Style"][];
  dusk: boolean;
  units: Units;
  at: StripAt;
}

/** A room as a picture to be shown around: nothing on it can be taken hold of, nothing is measured. */
export function RoomPicture({ view, plans, styles, dusk, units, at }: Props) {
  const { scale, floor } = at;
  return (
    <>
      <WallsDrawn at={at} standings={view.standings} dusk={dusk} />
      {at.walls.flatMap(({ wall, left }) =>
        view.standings
          .filter((one) => one.piece && one.wall === wall.key)
          .sort((a, b) => a.out_m - b.out_m)
          .map((piece) => {
            const plan = plans.get(piece.id);
            const top = Math.max(piece.top_m, wall.ceiling_left_m, wall.ceiling_right_m);
            const reach = { middle: piece.middle_m, left: piece.left_m, right: piece.right_m, top };
            const frame = frameOf({ scale, ...reach });
            return (
              plan && (
                <div
                  key={piece.id}
                  style={{
                    position: "absolute",
                    left: left + piece.at_m * scale + frame.offset,
                    top: floor - frame.height,
                    width: frame.width,
                    height: frame.height,
                  }}
                >
                  <PieceShown {...{ plan, styles, dusk, units, scale }} {...reach} />
                </div>
              )
            );
          }),
      )}
    </>
  );
}
