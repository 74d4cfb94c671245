import { Suspense, useEffect, useRef, type ReactNode } from "react";
import { expose } from "../../drawing/shared/expose";

/** One picture that is to be made. */
export interface Shot {
  /** What it is of, as the server names it. */
  slot: string;
  /** As it is told while it is made. */
  label: string;
  width: number;
  height: number;
  /** Behind everything. */
  ground: string;
  drawn: ReactNode;
}

interface Props {
  shot: Shot;
  onTaken: (picture: Blob) => void;
  onFailed: (error: unknown) => void;
}

/** Stands there once all beside it is drawn. */
function Ready({ onReady }: { onReady: () => void }) {
  useEffect(onReady, [onReady]);
  return null;
}

/** Draws what nobody sees, and makes a picture of it. */
export function Darkroom({ shot, onTaken, onFailed }: Props) {
  const stage = useRef<HTMLDivElement>(null);
  const taken = useRef(false);
  function take() {
    if (taken.current || !stage.current) return;
    taken.current = true;
    expose(stage.current, shot.ground).then(onTaken, onFailed);
  }
  return (
    <div
      aria-hidden
      style={{ position: "fixed", left: 0, top: 0, width: 0, height: 0, overflow: "hidden", visibility: "hidden" }}
    >
      <div ref={stage} style={{ position: "absolute", width: shot.width, height: shot.height }}>
        <Suspense>
          {shot.drawn}
          <Ready onReady={take} />
        </Suspense>
      </div>
    </div>
  );
}
