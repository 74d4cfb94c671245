import Typography from "@mui/material/Typography";
import { FINGERS } from "../../theme/theme";
import { Band, motifOf } from "./Band";
import type { Span, Step } from "./dayLayout";

/** Narrower than this a block shows its picture; its name is told when it has the focus. */
const LEAST_FOR_WORDS = 40;
const BAND = 22;

/** A block in its row; where and how large it is added. */
export const LYING = {
  position: "absolute",
  minWidth: 0,
  minHeight: 0,
  // As wide as it takes long, also under a finger: its neighbours would lie below it.
  [FINGERS]: { minWidth: 0, minHeight: 0 },
  display: "flex",
  flexDirection: "column",
  alignItems: "stretch",
  justifyContent: "space-between",
  overflow: "hidden",
  textAlign: "left",
  borderRadius: "4px",
} as const;

/** What a block shows: words over a band painted with what it puts up. */
export function BlockFace({
  says,
  step,
  piece,
  wide,
  tall,
}: {
  says: string;
  step: Step;
  piece: Span["pieces"][number] | undefined;
  wide: number;
  tall: number;
}) {
  return (
    <>
      {wide >= LEAST_FOR_WORDS && (
        <Typography
          component="span"
          sx={{
            fontSize: "0.75rem",
            fontWeight: 600,
            lineHeight: 1.25,
            px: 0.5,
            pt: 0.25,
            whiteSpace: "nowrap",
            overflow: "hidden",
            textOverflow: "ellipsis",
          }}
        >
          {says}
        </Typography>
      )}
      <Band
        motif={motifOf(step.key)}
        portrait={piece?.portrait ?? null}
        width={wide}
        height={wide >= LEAST_FOR_WORDS ? tall - BAND : tall - 2}
      />
    </>
  );
}
