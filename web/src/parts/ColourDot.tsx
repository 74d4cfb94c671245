import Box from "@mui/material/Box";

/** The colour of a style beside its name; a square for what comes by the length. */
export function ColourDot({ colour, square = false }: { colour: string | null | undefined; square?: boolean }) {
  return (
    <Box
      component="span"
      aria-hidden
      sx={(theme) => ({
        width: 11,
        height: 11,
        borderRadius: square ? "2px" : "50%",
        flexShrink: 0,
        bgcolor: colour ?? "transparent",
        border: `1px solid ${theme.palette.tokens.edge}`,
      })}
    />
  );
}
