import type { ReactNode } from "react";
import type { Problem, Schemas } from "../../../api/client";

type Wreath = Schemas["WreathSettings"];

/** How a wreath is dressed, alone or with others on a wall. */
export type Dressed = Pick<Wreath, "greens" | "layers" | "star" | "lights">;

/** What the dials of a wreath's dressing want of a bench, whatever stands on it. */
export interface DressingProps {
  bench: {
    draft: { settings: Dressed };
    dial: {
      (group: "greens", part: Partial<Dressed["greens"]>): void;
      (group: "layers", part: Partial<Dressed["layers"]>): void;
      (group: "star", part: Partial<Dressed["star"]>): void;
      (group: "lights", part: Partial<Dressed["lights"]>): void;
    };
    problem: Problem | null;
  };
  plan: { figures: Schemas["WreathPlan"]["figures"]; closing?: Schemas["WreathPlan"]["closing"] };
  piece: { look_id: string | null };
  styles: Schemas["Style"][];
  /** What the greens could be instead, where somebody tries that. */
  advice?: ReactNode;
  onNewStyle: (kind: Schemas["Style"]["kind"]) => void;
}
