import { useTheme } from "@mui/material/styles";

/** A small cardboard box, to be found at a glance. */
export function BoxGlyph() {
  const { tokens } = useTheme().palette;
  return (
    <svg width={26} height={20} aria-hidden style={{ flexShrink: 0 }}>
      <rect x={2} y={5} width={22} height={14} fill={tokens.kraft} stroke={tokens.edge} strokeWidth={0.8} />
      <rect x={1} y={2} width={24} height={5} fill={tokens.kraftLid} stroke={tokens.edge} strokeWidth={0.8} />
      <rect x={10} y={10} width={6} height={4} fill={tokens.card} />
    </svg>
  );
}
