import { useTheme } from "@mui/material/styles";
import { ROW, type Block } from "./dayLayout";

/** The steps that decide the end, as one thread through their rows. */
export function Thread({ blocks, x }: { blocks: Block[]; x: (minute: number) => number }) {
  const { palette } = useTheme();
  const colour = palette.secondary.main;
  const level = ({ top, rows }: Block) => (top + rows) * ROW - 7;
  const way = blocks
    .map((block, i) => {
      const before = blocks[i - 1];
      const start = before
        ? `L${x(block.from) - 3} ${level(before)} L${x(block.from) + 3} ${level(block)}`
        : `M${x(block.from)} ${level(block)}`;
      return `${start} L${x(block.to)} ${level(block)}`;
    })
    .join(" ");
  return (
    <>
      <path d={way} fill="none" stroke={colour} strokeWidth={2.5} strokeLinejoin="round" />
      {blocks.map((block) => (
        <circle
          key={`${block.step.id} ${block.top}`}
          cx={x(block.from) + 5}
          cy={level(block)}
          r={3.5}
          fill={palette.background.paper}
          stroke={colour}
          strokeWidth={2}
        />
      ))}
    </>
  );
}
