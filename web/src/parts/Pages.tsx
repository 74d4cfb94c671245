import Box from "@mui/material/Box";
import { lazy, Suspense } from "react";

// Most lists are short, and the first screen waits for nothing it does not show.
const Numbers = lazy(() => import("@mui/material/Pagination"));

interface Props {
  /** How many there are; unknown while the list is still on its way. */
  pages: number | undefined;
  page: number;
  onPage: (page: number) => void;
  /** Of what, as it is read aloud. */
  of?: string;
  size?: "small" | "medium";
}

/** The pages of a long list; of a short one nothing. */
export function Pages({ pages = 1, page, onPage, of = "Pages", size = "medium" }: Props) {
  if (pages <= 1) return null;
  return (
    <Box sx={{ minHeight: 32, mt: size === "small" ? 0 : 2 }}>
      <Suspense fallback={null}>
        <Numbers count={pages} page={page} size={size} aria-label={of} onChange={(_, next) => onPage(next)} />
      </Suspense>
    </Box>
  );
}
