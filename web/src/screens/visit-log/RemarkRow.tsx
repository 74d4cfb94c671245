import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client } from "../../api/client";
import { MoreMenu } from "../../parts/MoreMenu";
import { Photographs } from "../../parts/Photographs";
import { useUndo } from "../../parts/undo";
import { money } from "../../units/format";
import { useCurrency } from "../../units/useUnits";
import { PICTURES, SORTS, WRONG, type Remark } from "./remarkWords";

interface Props {
  remark: Remark;
  onChange: () => void;
  reread: () => Promise<unknown>;
}

/** One note of a visit or a piece, with its pictures. */
export function RemarkRow({ remark, onChange, reread }: Props) {
  const currency = useCurrency();
  const [adding, setAdding] = useState(false);
  const { say } = useUndo();
  const params = { path: { id: remark.id } };
  const title = SORTS[remark.sort];
  const name = `${title}${remark.says ? `: ${remark.says}` : ""}`;
  const facts = [
    remark.price_cents === null ? "" : money(remark.price_cents, currency),
    remark.finish && `on ${remark.finish}`,
    remark.by ?? "",
    remark.settled_on ? "settled" : "",
  ].filter(Boolean);

  async function remove() {
    try {
      await ask(client.DELETE("/api/remarks/{id}", { params }));
      await reread();
      say(`“${name}” was deleted.`, async () => {
        await ask(client.POST("/api/remarks/{id}/restore", { params, body: {} }));
        await reread();
      });
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  return (
    <Box component="li" sx={{ py: 0.75, borderTop: 1, borderColor: "divider", listStyle: "none" }}>
      <Box sx={{ display: "flex", alignItems: "flex-start", gap: 1 }}>
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Typography sx={{ overflowWrap: "anywhere" }}>
            <Box component="strong" sx={{ color: WRONG.includes(remark.sort) ? "error.main" : "secondary.main" }}>
              {title}
            </Box>
            {remark.says && <> {remark.says}</>}
          </Typography>
          <Typography variant="body2" color="textSecondary">
            {facts.join(" · ")}
          </Typography>
        </Box>
        <MoreMenu
          label={`More about “${name}”`}
          entries={[
            { label: "Change it", run: onChange },
            { label: "Add a photograph", run: () => setAdding(true) },
            { label: "Delete it", run: () => void remove() },
          ]}
        />
      </Box>
      {(adding || remark.photographs.length > 0 || PICTURES.includes(remark.sort)) && (
        <Photographs of="remark" id={remark.id} name={name} photographs={remark.photographs} />
      )}
    </Box>
  );
}
