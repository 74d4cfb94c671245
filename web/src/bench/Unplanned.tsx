import Button from "@mui/material/Button";
import { useNavigate } from "react-router";
import type { Schemas } from "../api/client";
import type { Kind } from "../kinds/kind";
import { Failed } from "../parts/Failed";
import { Loading } from "../parts/Loading";
import { Notice } from "../parts/Notice";
import type { Bench } from "./useBench";

interface Props<K extends Kind> {
  bench: Pick<Bench<K>, "problem" | "planAgain" | "putBack">;
  piece: Pick<Schemas["PieceOnBench"], "name">;
}

/** The bench before its first plan: on its way, out of reach, or kept in a way no plan can be made from and so to be mended here. */
export function Unplanned<K extends Kind>({ bench, piece }: Props<K>) {
  const navigate = useNavigate();
  const { problem } = bench;
  if (!problem) return <Loading what="the plan" />;
  const faults = (problem.details.errors ?? []).filter((fault) => fault.pointer.startsWith("/settings/"));
  if (faults.length === 0) return <Failed error={problem} retry={bench.planAgain} />;
  return (
    <Notice
      title={`${piece.name} cannot be planned as it was kept`}
      action={
        <>
          <Button variant="contained" onClick={() => void bench.putBack(faults.map((fault) => fault.pointer))}>
            Put it back to its default
          </Button>
          <Button onClick={() => void navigate(-1)} sx={{ ml: 1 }}>
            Leave it
          </Button>
        </>
      }
    >
      {faults.map((fault) => fault.message).join(" ")}
    </Notice>
  );
}
