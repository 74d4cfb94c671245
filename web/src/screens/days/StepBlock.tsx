import ButtonBase from "@mui/material/ButtonBase";
import { useTheme } from "@mui/material/styles";
import { minutes } from "../../units/format";
import { BlockFace, LYING } from "./BlockFace";
import { useDrag } from "./useDrag";
import { A_PRESS, FIVES } from "./useMoves";
import { clockOf, ROW, stepName, type Block, type Span, type Step } from "./dayLayout";

/** Narrower than this the name stands without its number. */
const LEAST_FOR_COUNT = 96;

interface Props {
  block: Block;
  piece: Span["pieces"][number] | undefined;
  /** Pixels. */
  left: number;
  wide: number;
  /** Pixels of a minute. */
  scale: number;
  chosen: boolean;
  onChoose: (step: Step) => void;
  /** By so many minutes, and rows down. */
  onShift: (block: Block, minutes: number, rows: number) => void;
}

/** Minutes and rows that a key moves it by. */
const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-A_PRESS, 0],
  ArrowRight: [A_PRESS, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** A step in its row: its name over a band painted with what it puts up. */
export function StepBlock({ block, piece, left, wide, scale, chosen, onChoose, onShift }: Props) {
  const { palette } = useTheme();
  const { step, from, to, top, rows } = block;
  const tall = rows * ROW - 6;
  const drag = useDrag((across, down) => onShift(block, across / scale, Math.round(down / ROW)));
  return (
    <ButtonBase
      onClick={() => {
        if (!drag.wasDragged()) onChoose(step);
      }}
      {...drag.handlers}
      onKeyDown={(event) => {
        const [minutes, down] = KEYS[event.key] ?? [];
        if (!event.shiftKey || minutes === undefined || down === undefined) return;
        event.preventDefault();
        onShift(block, minutes, down);
      }}
      aria-keyshortcuts="Shift+ArrowLeft Shift+ArrowRight Shift+ArrowUp Shift+ArrowDown"
      onFocus={() => onChoose(step)}
      aria-pressed={chosen}
      aria-label={`${clockOf(from)} ${stepName(step)}, ${piece?.name ?? "the room"}, ${minutes(to - from)}`}
      title={`${clockOf(from)} ${stepName(step)}${piece ? `, ${piece.name}` : ""}`}
      sx={{
        ...LYING,
        left,
        top: top * ROW,
        width: wide,
        height: tall,
        bgcolor: "background.default",
        border: 1,
        borderColor: chosen ? "secondary.main" : palette.tokens.lichen,
        outline: chosen ? `2px solid ${palette.secondary.main}` : "none",
        zIndex: drag.by ? 5 : chosen ? 2 : 1,
        cursor: drag.by ? "grabbing" : "grab",
        transform: drag.by ? `translate(${drag.by.across}px, ${drag.by.down}px)` : "none",
        boxShadow: drag.by ? 4 : "none",
        borderStyle: step.pinned ? "double" : "solid",
        borderWidth: step.pinned ? 3 : 1,
      }}
    >
      <BlockFace
        says={
          drag.by
            ? clockOf(Math.round((from + drag.by.across / scale) / FIVES) * FIVES)
            : wide < LEAST_FOR_COUNT
              ? step.title
              : stepName(step)
        }
        step={step}
        piece={piece}
        wide={wide}
        tall={tall}
      />
    </ButtonBase>
  );
}
