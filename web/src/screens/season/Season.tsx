import Add from "@mui/icons-material/Add";
import UploadFileOutlined from "@mui/icons-material/UploadFileOutlined";
import DeleteOutlined from "@mui/icons-material/DeleteOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { lazy, Suspense, useState } from "react";
import { Link } from "react-router";
import { useSeason, useSeasonYear } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Gently } from "../../parts/Gently";
import { InTurn } from "../../parts/InTurn";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { Pages } from "../../parts/Pages";
import { Strip } from "../../shell/Strip";
import { useBuying } from "../buying/useBuying";
import { HomeCard } from "./HomeCard";
import { SeasonNotice } from "./SeasonNotice";
import { SeasonSummary } from "./SeasonSummary";

const HomeDialog = lazy(async () => ({ default: (await import("../home/HomeDialog")).HomeDialog }));
const ImportDialog = lazy(async () => ({ default: (await import("./ImportDialog")).ImportDialog }));

/** The desk one comes to in the morning: what is when, what is short, what wants care. */
export function Season() {
  const [page, setPage] = useState(1);
  const season = useSeason(page);
  const year = useSeasonYear();
  const [adding, setAdding] = useState(false);
  const [importing, setImporting] = useState(false);
  const desk = season.data;
  // What is gathered over all homes is one figure, here and there.
  const buying = useBuying(null, 1).data;
  const late = buying?.coming.filter((one) => one.late) ?? [];

  return (
    <>
      <Strip crumbs={[{ label: `Season ${year}` }]}>
        <Box sx={{ display: { xs: "none", sm: "contents" } }}>
          <Button component={Link} to="/season-summary">
            What it came to
          </Button>
          <Button component={Link} to="/deleted">
            Deleted
          </Button>
          <Button startIcon={<UploadFileOutlined />} onClick={() => setImporting(true)}>
            Open a home plan
          </Button>
        </Box>
        <Button variant="contained" startIcon={<Add />} onClick={() => setAdding(true)}>
          Add a home
        </Button>
        <Box sx={{ display: { xs: "contents", sm: "none" } }}>
          <IconButton aria-label="Open a home plan" onClick={() => setImporting(true)}>
            <UploadFileOutlined fontSize="small" />
          </IconButton>
          <IconButton component={Link} to="/deleted" aria-label="Deleted">
            <DeleteOutlined fontSize="small" />
          </IconButton>
        </Box>
      </Strip>
      <Box sx={{ flex: 1, overflow: "auto" }}>
        <SeasonNotice />
        {season.isPending && <Loading what="the season" />}
        {season.isError && <Failed error={season.error} retry={() => void season.refetch()} />}
        {desk?.total === 0 && (
          <Notice
            title="No homes yet"
            action={
              <Button variant="contained" onClick={() => setAdding(true)}>
                Add the first home
              </Button>
            }
          >
            Begin with a home and measure its first room. Sizes, counts and lengths follow from there.
          </Notice>
        )}
        {desk && desk.total > 0 && (
          <Box sx={{ p: { xs: 1.5, sm: 3 }, maxWidth: 1160 }}>
            <Gently what="the season">
              <InTurn>
                <SeasonSummary homes={desk.items} buying={buying?.totals} />
                {desk.items.map((home) => (
                  <HomeCard
                    key={home.id}
                    home={home}
                    late={late.filter(({ homes }) => homes.some(({ id }) => id === home.id))}
                  />
                ))}
                <Pages pages={desk.pages} page={page} onPage={setPage} />
              </InTurn>
            </Gently>
          </Box>
        )}
      </Box>
      <Suspense fallback={null}>
        {adding && <HomeDialog onClose={() => setAdding(false)} />}
        {importing && <ImportDialog onClose={() => setImporting(false)} />}
      </Suspense>
    </>
  );
}
