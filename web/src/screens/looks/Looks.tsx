import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link as RouterLink, useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { useMe } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { Pages } from "../../parts/Pages";
import { Strip } from "../../shell/Strip";
import { LookDialog } from "./LookDialog";
import { LookRibbon } from "./LookRibbon";
import { useLookPage } from "./useLook";

const TALL = 208;

function Card({ look }: { look: Schemas["Look"] }) {
  return (
    <Box
      component={RouterLink}
      to={`/looks/${look.id}`}
      sx={(theme) => ({
        display: "flex",
        gap: 2,
        p: 2,
        border: `1px solid ${theme.palette.divider}`,
        bgcolor: "background.paper",
        color: "inherit",
        textDecoration: "none",
        "&:hover": { borderColor: "text.secondary" },
      })}
    >
      <LookRibbon colours={look.colours} height={TALL} />
      <Box sx={{ minWidth: 0, flex: 1 }}>
        <Typography variant="h2">{look.name}</Typography>
        <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
          {look.season ? `season ${look.season}` : "of no season"}
        </Typography>
        {look.colours.map(({ name, share_percent }) => (
          <Typography key={name} sx={{ display: "flex", gap: 1 }}>
            <Box component="span" sx={{ flex: 1 }}>
              {name}
            </Box>
            <Box component="span" sx={{ color: "text.secondary" }}>
              {share_percent} %
            </Box>
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

/** All looks of the studio, each as its ribbon. */
export function Looks() {
  const [page, setPage] = useState(1);
  const [making, setMaking] = useState(false);
  const looks = useLookPage(page);
  const me = useMe().data;
  const navigate = useNavigate();
  const year = me?.season.season ?? 0;
  if (looks.isPending) return <Loading what="the looks" />;
  if (looks.isError) return <Failed error={looks.error} retry={() => void looks.refetch()} />;
  const { items, pages, total } = looks.data;
  return (
    <>
      <Strip crumbs={[{ label: "Stockroom", to: "/stock" }, { label: "Looks" }]}>
        <Button variant="contained" startIcon={<Add />} onClick={() => setMaking(true)}>
          Make a look
        </Button>
      </Strip>
      <Box sx={{ flex: 1, overflow: "auto", p: { xs: 2, sm: 3 } }}>
        {total === 0 ? (
          <Notice
            title="No look yet"
            action={
              <Button variant="contained" onClick={() => setMaking(true)}>
                Make the first one
              </Button>
            }
          >
            Two or three colours, a metal or two, greens and whites: from a picture, the paint of a room, or a thing you
            have.
          </Notice>
        ) : (
          <Box sx={{ display: "grid", gap: 2, gridTemplateColumns: "repeat(auto-fill, minmax(290px, 1fr))" }}>
            {items.map((look) => (
              <Card key={look.id} look={look} />
            ))}
          </Box>
        )}
        <Pages pages={pages} page={page} onPage={setPage} />
      </Box>
      {making && (
        <LookDialog
          year={year}
          onDone={(look) => void navigate(`/looks/${look.id}`)}
          onClose={() => setMaking(false)}
        />
      )}
    </>
  );
}
