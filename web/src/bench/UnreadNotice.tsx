import Alert from "@mui/material/Alert";
import { useState } from "react";
import type { Schemas } from "../api/client";

/** What was kept of a piece and could not be read: it stands at its default until the piece is kept again. */
export function UnreadNotice({ faults }: { faults: Schemas["FieldError"][] }) {
  const [seen, setSeen] = useState(false);
  if (faults.length === 0 || seen) return null;
  return (
    <Alert severity="warning" variant="outlined" onClose={() => setSeen(true)} sx={{ borderRadius: 0 }}>
      Not all that was kept of it can be read; what cannot stands at its default. {faults[0]?.message}
      {faults.length > 1 && ` And ${faults.length - 1} more.`}
    </Alert>
  );
}
