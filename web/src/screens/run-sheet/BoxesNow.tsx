import PrintOutlined from "@mui/icons-material/PrintOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect } from "react";
import { keys, queryClient, useMe } from "../../api/queries";
import { useUnits } from "../../units/useUnits";
import { BoxGlyph } from "./BoxGlyph";
import type { Sheet } from "./progress";
import { boxesOf } from "./strike";
import { amountOf } from "./words";

/** What lies in each box now that the home is down, and the way to new labels. */
export function BoxesNow({ sheet }: { sheet: Sheet }) {
  const units = useUnits();
  const paper = useMe().data?.studio.paper ?? "a4";
  const boxes = boxesOf(sheet);
  // What broke and what was carried over counts here as well.
  useEffect(() => {
    void queryClient.invalidateQueries({ queryKey: keys.runSheet(sheet.visit.id) });
  }, [sheet.visit.id]);
  if (boxes.length === 0) return null;
  return (
    <Box component="section" aria-label="What lies in the boxes now" sx={{ mt: 3, textAlign: "left" }}>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, flexWrap: "wrap" }}>
        <Typography variant="h3" sx={{ flex: 1 }}>
          What lies in the boxes now
        </Typography>
        <Button
          component="a"
          href={`/api/boxes/labels.pdf?paper=${paper}&boxes=${boxes.map(({ box }) => box).join(",")}`}
          startIcon={<PrintOutlined />}
          sx={{ minHeight: 44 }}
        >
          Print their labels
        </Button>
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {boxes.map(({ box, number, place, things }) => (
          <Box component="li" key={box} sx={{ borderTop: 1, borderColor: "divider", py: 0.75 }}>
            <Typography sx={{ display: "flex", gap: 1, alignItems: "center", fontWeight: 700 }}>
              <BoxGlyph /> Box {number}
              <Box component="span" sx={{ fontWeight: 400, color: "text.secondary" }}>
                {place}
              </Box>
            </Typography>
            <Typography variant="body2" color="textSecondary">
              {things.map((thing) => `${amountOf(thing.quantity, thing, units)} ${thing.label}`).join(" · ")}
            </Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
