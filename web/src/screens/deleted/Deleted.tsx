import RestoreOutlined from "@mui/icons-material/RestoreOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { useMe } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { Pages } from "../../parts/Pages";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { Strip } from "../../shell/Strip";
import { clock, date } from "../../units/format";
import { useDeleted } from "./useDeleted";

type Thing = Schemas["DeletedThing"];

interface RowProps {
  thing: Thing;
  /** A home is brought back by an owner. */
  allowed: boolean;
  onRestore: () => void;
}

function Row({ thing, allowed, onRestore }: RowProps) {
  return (
    <Box
      component="li"
      sx={(theme) => ({
        display: "flex",
        gap: 2,
        alignItems: "center",
        flexWrap: "wrap",
        py: 1.5,
        borderTop: `1px solid ${theme.palette.divider}`,
      })}
    >
      <Box sx={{ flex: "1 1 240px", minWidth: 0 }}>
        <Typography sx={{ fontWeight: 600 }}>{thing.name}</Typography>
        <Typography variant="body2" color="textSecondary">
          {thing.kind}
          {thing.within ? ` in ${thing.within}` : ""}
        </Typography>
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ flex: "1 1 260px" }}>
        {thing.by ? `${thing.by}, ` : ""}
        {date(thing.deleted_at.slice(0, 10))} at {clock(thing.deleted_at)}; kept until {date(thing.until)}
      </Typography>
      <Button startIcon={<RestoreOutlined />} disabled={!allowed} onClick={onRestore}>
        Bring {thing.name} back
      </Button>
    </Box>
  );
}

/** What was deleted in the last 30 days, to be brought back. */
export function Deleted() {
  const [page, setPage] = useState(1);
  const { found, problem, restore } = useDeleted(page);
  const me = useMe().data;
  return (
    <>
      <Strip crumbs={[{ label: `Season ${me?.season.season ?? ""}`, to: "/" }, { label: "Deleted" }]} />
      <Box sx={{ flex: 1, overflow: "auto", p: { xs: 1.5, sm: 3 } }}>
        <Box sx={{ maxWidth: 960 }}>
          <ProblemAlert problem={problem} />
          {found.isPending && <Loading what="what was deleted" />}
          {found.isError && <Failed error={found.error} retry={() => void found.refetch()} />}
          {found.data?.total === 0 && (
            <Notice title="Nothing was deleted lately">
              What is deleted waits here for 30 days, in case it is wanted after all.
            </Notice>
          )}
          <Box component="ul" aria-label="Deleted" sx={{ listStyle: "none", m: 0, p: 0 }}>
            {found.data?.items.map((thing) => (
              <Row
                key={thing.id}
                thing={thing}
                allowed={thing.kind !== "home" || me?.account.role === "owner"}
                onRestore={() => void restore(thing)}
              />
            ))}
          </Box>
          <Pages pages={found.data?.pages} page={page} onPage={setPage} />
        </Box>
      </Box>
    </>
  );
}
