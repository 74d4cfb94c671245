import PrintOutlined from "@mui/icons-material/PrintOutlined";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { ask, client } from "../../api/client";
import { keys } from "../../api/queries";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Strip } from "../../shell/Strip";
import { CameTo } from "./CameTo";
import { Closing } from "./Closing";

const AGAIN = 900;

/** What a season came to: what is still out, what was spent, minutes, what broke, what it taught. */
export function SeasonSummary() {
  const summary = useQuery({
    queryKey: keys.seasonSummary,
    queryFn: () => ask(client.GET("/api/season-summary")),
    refetchInterval: ({ state }) => (state.data?.homes.some(({ pending }) => pending > 0) ? AGAIN : false),
  });
  if (summary.isPending) return <Loading what="the season" />;
  if (!summary.data) return <Failed error={summary.error} retry={() => void summary.refetch()} />;
  const told = summary.data;
  return (
    <>
      <Strip crumbs={[{ label: `Season ${told.season}`, to: "/" }, { label: "What it came to" }]}>
        <Button component={Link} to="/ideas" sx={{ display: { xs: "none", sm: "inline-flex" } }}>
          Next year’s notes
        </Button>
        <Button startIcon={<PrintOutlined />} href="/api/season-summary.pdf">
          On paper
        </Button>
      </Strip>
      <CameTo told={told} beside={<Closing />} />
    </>
  );
}
