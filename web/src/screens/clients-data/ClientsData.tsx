import DownloadOutlined from "@mui/icons-material/DownloadOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useParams } from "react-router";
import { useHome, useMe } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Strip } from "../../shell/Strip";
import { Accesses } from "./Accesses";
import { ForgetDialog } from "./ForgetDialog";
import { KeptAndWhy } from "./KeptAndWhy";

/** What is kept of a home and its client: who saw it, for how long it stays, all of it to take out, and forgotten. */
export function ClientsData() {
  const { homeId = "" } = useParams();
  const home = useHome(homeId);
  const me = useMe().data;
  const [forgetting, setForgetting] = useState(false);
  if (home.isPending) return <Loading what="the home" />;
  if (home.isError) return <Failed error={home.error} retry={() => void home.refetch()} />;
  const { id, name } = home.data;
  const owner = me?.account.role === "owner";
  return (
    <>
      <Strip
        crumbs={[
          { label: `Season ${me?.season.season ?? ""}`, to: "/" },
          { label: name, to: `/homes/${id}` },
          { label: "What is kept" },
        ]}
        of={name}
      >
        {owner && (
          <>
            <Button startIcon={<DownloadOutlined />} href={`/api/homes/${id}/everything.zip`}>
              Take all of it out
            </Button>
            <Button color="error" onClick={() => setForgetting(true)}>
              Forget this client …
            </Button>
          </>
        )}
      </Strip>
      <Box
        role="region"
        aria-label="What is kept of them"
        tabIndex={0}
        sx={{ flex: 1, overflow: "auto", p: { xs: 2, md: 3 } }}
      >
        <Box sx={{ maxWidth: 1160, display: "grid", gap: 4, gridTemplateColumns: { md: "2fr 3fr" } }}>
          {owner ? (
            <Accesses homeId={id} />
          ) : (
            <Typography color="textSecondary">
              An owner of the studio sees who opened this home, takes all of it out for the client and forgets it.
            </Typography>
          )}
          <KeptAndWhy />
        </Box>
      </Box>
      {forgetting && <ForgetDialog home={home.data} onClose={() => setForgetting(false)} />}
    </>
  );
}
