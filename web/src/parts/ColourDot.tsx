import { useTheme } from "@mui/material/styles";

interface Props {
  colour: string | null | undefined;
  /** What comes by the length. */
  square?: boolean;
  className?: string;
}

/** The colour of a style beside its name; a square for what comes by the length. Drawn by the dozen, so it is a plain one. */
export function ColourDot({ colour, square = false, className }: Props) {
  const { edge } = useTheme().palette.tokens;
  return (
    <span
      aria-hidden
      className={className}
      style={{
        display: "inline-block",
        boxSizing: "border-box",
        width: 11,
        height: 11,
        borderRadius: square ? 2 : "50%",
        flexShrink: 0,
        backgroundColor: colour ?? "transparent",
        border: `1px solid ${edge}`,
      }}
    />
  );
}
