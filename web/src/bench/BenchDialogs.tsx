import { lazy, Suspense } from "react";
import type { Schemas } from "../api/client";
import type { Kind } from "../kinds/kind";
import { ConflictDialog } from "../parts/ConflictDialog";
import { StyleDialog } from "./StyleDialog";
import type { Bench } from "./useBench";
import type { useStyleOpen } from "./useStyleOpen";

const ClaimsDrawer = lazy(async () => ({ default: (await import("./ClaimsDrawer")).ClaimsDrawer }));

interface Props<K extends Kind> {
  pieceId: string;
  bench: Pick<Bench<K>, "clash" | "keepMine" | "takeTheirs">;
  styles: Schemas["Style"][];
  style: ReturnType<typeof useStyleOpen>;
}

/** What may open over any bench: a style to be counted, added or asked after, and a dial somebody else turned too. */
export function BenchDialogs<K extends Kind>({ pieceId, bench, styles, style }: Props<K>) {
  const { open, claims, close } = style;
  return (
    <>
      {open && !open.claims && (
        <StyleDialog
          style={styles.find(({ id }) => id === open.id)}
          kind={open.kind}
          onClaims={claims}
          onClose={close}
        />
      )}
      {open?.claims && open.id && (
        <Suspense fallback={null}>
          <ClaimsDrawer pieceId={pieceId} styleId={open.id} onClose={close} />
        </Suspense>
      )}
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
