import { Suspense } from "react";
import { useParams } from "react-router";
import type { Schemas } from "../../api/client";
import { useBenchPiece } from "../../bench/useBench";
import { isBenched, type Kind } from "../../kinds/kind";
import { KINDS } from "../../kinds/registry";
import { Failed } from "../../parts/Failed";
import { Gently } from "../../parts/Gently";
import { Loading } from "../../parts/Loading";

// What every bench is made of comes while the piece is still asked for; where it does not, the bench itself says so.
import("../../bench/KindBench").catch(() => undefined);

function BenchOf<K extends Kind>({ kind, piece }: { kind: K; piece: Schemas["PieceOnBench"] }) {
  const { Bench } = KINDS[kind];
  return isBenched(kind, piece) ? <Bench key={piece.id} piece={piece} /> : null;
}

/** A piece on the bench of its kind. */
export function PieceBench() {
  const { pieceId = "" } = useParams();
  const piece = useBenchPiece(pieceId);
  if (piece.isPending) return <Loading what="the piece" />;
  if (piece.isError) return <Failed error={piece.error} retry={() => void piece.refetch()} />;
  return (
    <Gently what="the bench">
      <Suspense fallback={<Loading what="the bench" />}>
        <BenchOf kind={piece.data.kind} piece={piece.data} />
      </Suspense>
    </Gently>
  );
}
