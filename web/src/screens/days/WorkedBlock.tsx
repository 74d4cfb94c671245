import CheckRounded from "@mui/icons-material/CheckRounded";
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import { useTheme } from "@mui/material/styles";
import { minutes } from "../../units/format";
import { BlockFace, LYING } from "./BlockFace";
import { clockOf, ROW, stepName, type Span, type Step, type WorkedOn } from "./dayLayout";

/** Wide enough for the mark that all of it is done. */
const LEAST_FOR_MARK = 22;

/** What was worked on a step, where it was worked: it stays where it is. */
export function WorkedBlock({
  block,
  piece,
  left,
  wide,
  chosen,
  onChoose,
}: {
  block: WorkedOn;
  piece: Span["pieces"][number] | undefined;
  /** Pixels. */
  left: number;
  wide: number;
  chosen: boolean;
  onChoose: (step: Step) => void;
}) {
  const { palette } = useTheme();
  const { step, from, to, top, by } = block;
  const who = by === null ? "" : ` by ${by}`;
  const how = `${step.done ? "done" : "begun"}${who}`;
  return (
    <ButtonBase
      onClick={() => onChoose(step)}
      onFocus={() => onChoose(step)}
      aria-pressed={chosen}
      aria-label={`${clockOf(from)} ${stepName(step)}, ${piece?.name ?? "the room"}, ${how}, ${minutes(to - from)}`}
      title={`${clockOf(from)} to ${clockOf(to)} ${stepName(step)}${piece ? `, ${piece.name}` : ""}, ${how}`}
      sx={{
        ...LYING,
        left,
        top: top * ROW,
        width: wide,
        height: ROW - 6,
        bgcolor: palette.tokens.frost,
        borderBottom: `3px solid ${palette.primary.main}`,
        outline: chosen ? `2px solid ${palette.secondary.main}` : "none",
        zIndex: chosen ? 2 : 1,
      }}
    >
      <BlockFace says={step.title} step={step} piece={piece} wide={wide} tall={ROW - 8} />
      {step.done && wide >= LEAST_FOR_MARK && (
        <Box
          component="span"
          aria-hidden
          sx={{
            position: "absolute",
            right: 2,
            bottom: 2,
            display: "flex",
            borderRadius: "50%",
            bgcolor: "primary.main",
            color: "primary.contrastText",
          }}
        >
          <CheckRounded sx={{ fontSize: 14 }} />
        </Box>
      )}
    </ButtonBase>
  );
}
