import Box from "@mui/material/Box";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, client } from "../../api/client";
import { newKey } from "../../api/key";
import { useObjections } from "../../api/useObjections";
import { useVersioned } from "../../api/useVersioned";
import { conflictRows } from "../../parts/ConflictDialog";
import { FormDialog } from "../../parts/FormDialog";
import { NumberField } from "../../parts/NumberField";
import { WordField } from "../../parts/WordField";
import { useCurrency } from "../../units/useUnits";
import { RemarkHistory } from "./RemarkHistory";
import { FIXINGS, GROUPS, PICTURES, SORTS, type Remark, type Sort } from "./remarkWords";

interface Props {
  visit: string;
  /** Of which piece; of the whole visit without one. */
  piece: { id: string; name: string } | null;
  remark?: Remark;
  onKept: () => Promise<unknown>;
  onClose: () => void;
}

interface Said {
  sort: Sort;
  says: string;
  finish: string;
  price_cents: number | null;
}

function saidOf(remark: Remark | undefined): Said {
  return {
    sort: remark?.sort ?? "fell_off",
    says: remark?.says ?? "",
    finish: remark?.finish ?? "",
    price_cents: remark?.price_cents ?? null,
  };
}

const inWords = ({ sort, says, finish }: Said) => ({ "What it is": SORTS[sort], "In words": says, "On what": finish });

/** Something to be remembered of a visit or one of its pieces. */
export function RemarkDialog({ visit, piece, remark, onKept, onClose }: Props) {
  const currency = useCurrency();
  const [key] = useState(newKey);
  const [said, setSaid] = useState(() => saidOf(remark));
  const [busy, setBusy] = useState(false);
  const { clash, problem, refused, settle, version } = useVersioned(remark);
  const objections = useObjections(problem, said);
  const change = (part: Partial<Said>) => setSaid((before) => ({ ...before, ...part }));

  async function keep(at = version) {
    if (busy) return;
    setBusy(true);
    try {
      if (remark)
        await ask(
          client.PUT("/api/remarks/{id}", { params: { path: { id: remark.id } }, body: { ...said, version: at } }),
        );
      else
        await ask(
          client.POST("/api/visits/{id}/remarks", {
            params: { path: { id: visit } },
            body: { ...said, key, piece: piece?.id ?? null },
          }),
        );
      await onKept();
      onClose();
    } catch (error) {
      refused(error);
    }
    setBusy(false);
  }

  return (
    <FormDialog
      title={remark ? "Change the note" : `Note of ${piece?.name ?? "the visit"}`}
      keeps={remark ? "Keep it" : "Note it"}
      busy={busy}
      objections={objections}
      conflict={
        clash && {
          rows: conflictRows(inWords(said), inWords(saidOf(clash.theirs))),
          keepMine: () => {
            settle();
            void keep(clash.theirs.version);
          },
          takeTheirs: () => {
            setSaid(saidOf(clash.theirs));
            settle();
          },
        }
      }
      onKeep={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ display: "grid", gap: 1.5 }}>
        {GROUPS.map(({ label, sorts }) => (
          <Box key={label}>
            <Typography variant="body2" sx={{ fontWeight: 600, mb: 0.5, color: "text.secondary" }}>
              {label}
            </Typography>
            <ToggleButtonGroup
              exclusive
              size="small"
              value={said.sort}
              onChange={(_, sort: Sort | null) => sort && change({ sort })}
              aria-label={label}
              sx={{ flexWrap: "wrap" }}
            >
              {Object.entries(sorts).map(([sort, name]) => (
                <ToggleButton key={sort} value={sort}>
                  {name}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          </Box>
        ))}
        {said.sort === "price" && (
          <NumberField
            label={`Paid, ${currency}`}
            value={said.price_cents === null ? null : said.price_cents / 100}
            onChange={(paid) => change({ price_cents: paid === null ? null : Math.round(paid * 100) })}
            error={objections.field("/price_cents")}
          />
        )}
        {FIXINGS.includes(said.sort) && (
          <WordField
            label="On what, such as painted plaster"
            value={said.finish}
            most={60}
            error={objections.field("/finish")}
            onChange={(finish) => change({ finish })}
          />
        )}
        <WordField
          label="In words"
          value={said.says}
          most={500}
          error={objections.field("/says")}
          onChange={(says) => change({ says })}
        />
        {PICTURES.includes(said.sort) && (
          <Typography variant="body2" color="textSecondary">
            The picture is added to the note once it is there.
          </Typography>
        )}
      </Box>
      {remark && <RemarkHistory remark={remark} />}
    </FormDialog>
  );
}
