import Box from "@mui/material/Box";
import Skeleton from "@mui/material/Skeleton";

/** While a screen's first answer is on its way. */
export function Loading({ what }: { what: string }) {
  return (
    <Box role="status" aria-label={`Loading ${what}`} sx={{ p: 3 }}>
      <Skeleton width="30%" height={40} />
      <Skeleton height={120} />
      <Skeleton height={120} />
    </Box>
  );
}
