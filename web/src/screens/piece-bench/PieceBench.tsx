import { lazy, Suspense } from "react";
import { useParams } from "react-router";
import { isOf } from "../../bench/kinds";
import { useBenchPiece } from "../../bench/useBench";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";

const TreeBench = lazy(async () => ({ default: (await import("../tree-bench/BenchScreen")).BenchScreen }));
const RunBench = lazy(async () => ({ default: (await import("../run-bench/RunScreen")).RunScreen }));

/** A piece on the bench of its kind. */
export function PieceBench() {
  const { pieceId = "" } = useParams();
  const piece = useBenchPiece(pieceId);
  if (piece.isPending) return <Loading what="the piece" />;
  if (piece.isError) return <Failed error={piece.error} retry={() => void piece.refetch()} />;
  const tree = isOf("tree", piece.data);
  const run = isOf("run", piece.data);
  return (
    <Suspense fallback={<Loading what="the bench" />}>
      {tree && <TreeBench key={tree.id} piece={tree} />}
      {run && <RunBench key={run.id} piece={run} />}
    </Suspense>
  );
}
