import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { photograph } from "../../api/photographs";
import { PhotographViewer } from "../../parts/PhotographViewer";
import { clock } from "../../units/format";
import type { Progress, Sheet } from "./progress";

/** What was noted and photographed in this home. */
export function Notes({ sheet, progress }: { sheet: Sheet; progress: Progress }) {
  const [seen, setSeen] = useState<{ name: string; photographs: string[]; one: string } | null>(null);
  const notes = progress.acts.filter(({ kind }) => kind === "note");
  if (notes.length === 0) return null;
  return (
    <Box component="section" aria-label="Notes" sx={{ breakInside: "avoid" }}>
      <Typography variant="h3" component="h3">
        Notes
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {notes.map(({ key, says, by, at, step, photographs }) => (
          <li key={key}>
            {says}{" "}
            <Typography component="span" variant="body2" color="textSecondary">
              {[aboutOf(sheet, step), by, clock(at)].filter(Boolean).join(", ")}
            </Typography>
            {photographs.map((one) => (
              <ButtonBase
                key={one}
                aria-label={says}
                onClick={() => setSeen({ name: says, photographs, one })}
                sx={{ display: "block", my: 0.5 }}
              >
                <Box
                  component="img"
                  src={photograph(one, "small")}
                  alt=""
                  sx={{ width: 96, height: 72, objectFit: "cover", borderRadius: 1 }}
                />
              </ButtonBase>
            ))}
          </li>
        ))}
      </Box>
      {seen && (
        <PhotographViewer
          name={seen.name}
          photographs={seen.photographs}
          seen={seen.one}
          onSee={(one) => setSeen({ ...seen, one })}
          onClose={() => setSeen(null)}
        />
      )}
    </Box>
  );
}

function aboutOf(sheet: Sheet, id: string): string {
  const step = sheet.steps.find((one) => one.id === id);
  const piece = sheet.pieces.find((one) => one.id === (step?.piece ?? id.split("/")[0]));
  return [step?.title, piece?.name].filter(Boolean).join(", ");
}
