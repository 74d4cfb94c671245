import { useParams } from "react-router";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { BenchScreen } from "./BenchScreen";
import { useBenchPiece } from "./useBench";

/** A tree on the bench. */
export function TreeBench() {
  const { pieceId = "" } = useParams();
  const piece = useBenchPiece(pieceId);
  if (piece.isPending) return <Loading what="the tree" />;
  if (piece.isError) return <Failed error={piece.error} retry={() => void piece.refetch()} />;
  return <BenchScreen key={piece.data.id} piece={piece.data} />;
}
