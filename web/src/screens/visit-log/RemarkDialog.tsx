import Box from "@mui/material/Box";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, client } from "../../api/client";
import { newKey } from "../../api/key";
import { FormDialog } from "../../parts/FormDialog";
import { NumberField } from "../../parts/NumberField";
import { useKeptForm, type InWords } from "../../parts/useKeptForm";
import { WordField } from "../../parts/WordField";
import { money, type Money } from "../../units/format";
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

function inWords({ sort, says, finish, price_cents }: Said, currency: Money): InWords<Said> {
  return {
    sort: ["What it is", SORTS[sort]],
    says: ["In words", says],
    finish: ["On what", finish],
    price_cents: ["Price", price_cents === null ? "" : money(price_cents, currency)],
  };
}

/** Something to be remembered of a visit or one of its pieces. */
export function RemarkDialog({ visit, piece, remark, onKept, onClose }: Props) {
  const currency = useCurrency();
  const [key] = useState(newKey);
  const { said, change, objections, form } = useKeptForm<Remark, Said>({
    thing: remark,
    saidOf,
    inWords: (one) => inWords(one, currency),
    send: async (one, version) => {
      if (remark)
        await ask(client.PUT("/api/remarks/{id}", { params: { path: { id: remark.id } }, body: { ...one, version } }));
      else
        await ask(
          client.POST("/api/visits/{id}/remarks", {
            params: { path: { id: visit } },
            body: { ...one, key, piece: piece?.id ?? null },
          }),
        );
      await onKept();
      onClose();
    },
  });

  return (
    <FormDialog
      title={remark ? "Change the note" : `Note of ${piece?.name ?? "the visit"}`}
      keeps={remark ? "Keep it" : "Note it"}
      {...form}
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
