import type { Schemas } from "../api/client";
import type { Kind } from "../kinds/kind";
import { ConflictDialog } from "../parts/ConflictDialog";
import { StyleDialog } from "./StyleDialog";
import type { Bench } from "./useBench";
import type { StyleOpen } from "./useStyleOpen";

interface Props<K extends Kind> {
  bench: Pick<Bench<K>, "clash" | "keepMine" | "takeTheirs">;
  styles: Schemas["Style"][];
  open: StyleOpen;
  onClose: () => void;
}

/** What may open over any bench: a style to be counted or added, and a dial somebody else turned too. */
export function BenchDialogs<K extends Kind>({ bench, styles, open, onClose }: Props<K>) {
  return (
    <>
      {open && <StyleDialog style={styles.find((style) => style.id === open.id)} kind={open.kind} onClose={onClose} />}
      {bench.clash && (
        <ConflictDialog
          rows={bench.clash.differences.map(({ title, yours, theirs }) => ({ label: title, mine: yours, theirs }))}
          keepMine={() => void bench.keepMine()}
          takeTheirs={bench.takeTheirs}
        />
      )}
    </>
  );
}
