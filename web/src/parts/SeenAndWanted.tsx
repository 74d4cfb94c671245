import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { percent } from "../units/format";
import { ColourBar } from "./ColourBar";

type Share = NonNullable<Schemas["SharesSeen"]>["shares"][number];

/** What is really seen of each colour and what the look wants of it, in words. */
export function sharesTold(shares: Share[]): string {
  return shares.map(({ name, seen, wanted }) => `${name} ${percent(seen)} of ${percent(wanted)}`).join(", ");
}

/** The colours really seen, and thinner below them those the look wants. Told in words by whoever shows them. */
export function SeenAndWanted({ shares, height }: { shares: Share[]; height: number }) {
  const part = ({ name, colour }: Share, share: number) => ({ name, srgb: colour, share });
  return (
    <Box aria-hidden>
      <ColourBar label="" height={height} numbered parts={shares.map((one) => part(one, one.seen))} />
      <Box sx={{ height: 3 }} />
      <ColourBar label="" height={6} parts={shares.map((one) => part(one, one.wanted))} />
    </Box>
  );
}

/** Said to who does not see the bars. */
export const UNSEEN = {
  position: "absolute",
  clipPath: "inset(50%)",
  width: 1,
  height: 1,
  overflow: "hidden",
} as const;
