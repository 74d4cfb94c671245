import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import type { Draft } from "../../bench/useBench";

export type LookAt = Schemas["StepBackQuestion"]["look_at"];
export type Moment = "before" | "after";

/** What the look from the door finds, before and after the mends; asked only while one steps back. */
export function useStepBack(pieceId: string, draft: Draft<"tree">, active: boolean) {
  const [lookAt, setLookAt] = useState<LookAt>("plan");
  const [moment, setMoment] = useState<Moment>("after");
  const mended = draft.settings.step_back.mends.length > 0;
  const before = moment === "before" && mended;
  const settings = before
    ? { ...draft.settings, step_back: { ...draft.settings.step_back, mends: [] } }
    : draft.settings;
  const found = useQuery({
    queryKey: ["piece", pieceId, "step-back", lookAt, draft.place_id, settings],
    queryFn: () =>
      ask(
        client.POST("/api/pieces/{id}/step-back", {
          params: { path: { id: pieceId } },
          body: { look_at: lookAt, place_id: draft.place_id, settings: { ...settings } },
        }),
      ),
    enabled: active && draft.settings.measure.height_m !== null,
    placeholderData: (earlier) => earlier,
    staleTime: 0,
  });
  return { found: active ? found.data : undefined, lookAt, setLookAt, moment, setMoment, mended };
}

export type StepBackLook = ReturnType<typeof useStepBack>;
