import type { Schemas } from "../api/client";
import { ConflictDialog } from "../parts/ConflictDialog";
import { differences } from "./differences";
import type { Kind, PieceOf } from "./kinds";
import { StyleDialog } from "./StyleDialog";
import type { Bench } from "./useBench";
import type { StyleOpen } from "./useStyleOpen";

interface Props<K extends Kind> {
  bench: Pick<Bench<K>, "draft" | "theirs" | "keepMine" | "takeTheirs">;
  piece: Pick<PieceOf<K>, "places">;
  styles: Schemas["Style"][];
  open: StyleOpen;
  onClose: () => void;
}

/** What may open over any bench: a style to be counted or added, and the change somebody else made meanwhile. */
export function BenchDialogs<K extends Kind>({ bench, piece, styles, open, onClose }: Props<K>) {
  return (
    <>
      {open && <StyleDialog style={styles.find((style) => style.id === open.id)} kind={open.kind} onClose={onClose} />}
      {bench.theirs && (
        <ConflictDialog
          rows={differences<K>(bench.draft, bench.theirs, piece.places, styles)}
          keepMine={() => void bench.keepMine()}
          takeTheirs={bench.takeTheirs}
        />
      )}
    </>
  );
}
