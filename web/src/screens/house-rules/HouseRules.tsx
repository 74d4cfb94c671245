import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { Link, useLocation } from "react-router";
import { useMe } from "../../api/queries";
import { ChoiceDial } from "../../parts/ChoiceDial";
import { Failed } from "../../parts/Failed";
import { Gently } from "../../parts/Gently";
import { Loading } from "../../parts/Loading";
import { Strip } from "../../shell/Strip";
import { Region } from "./Region";
import { RuleRow } from "./RuleRow";
import { SampleTree } from "./SampleTree";
import { Schools } from "./Schools";
import { useHouseRules } from "./useHouseRules";

export const CHAPTERS: Record<string, string> = {
  tree: "Tree and room",
  lights: "Lights",
  ornaments: "Ornaments",
  ribbon: "Ribbon",
  picks: "Picks",
  garland: "Greenery runs",
  wreath: "Wreaths",
  stockings: "Stockings",
  balance: "Balance",
  minutes: "Minutes",
  boxes: "Boxes",
  buying: "Buying",
  group: "Groupings",
  bowl: "Vessels",
  table: "Tables",
  stock: "Stock",
};

/** The rule that is asked for comes into view as soon as it stands. */
function InView({ id }: { id: string }) {
  useEffect(() => {
    if (id) document.getElementById(id)?.scrollIntoView({ block: "center" });
  }, [id]);
  return null;
}

/** Every constant by chapter: what it is, why, and what changing it does to a sample tree. */
export function HouseRules() {
  const { rules, set, reset } = useHouseRules();
  const wanted = useLocation().hash.slice(1);
  const [chapter, setChapter] = useState(wanted.split(".")[0] || "tree");
  const [trying, setTrying] = useState<{ key: string; value: number } | null>(null);
  const owner = useMe().data?.account.role === "owner";

  if (rules.isPending) return <Loading what="the house rules" />;
  if (rules.isError) return <Failed error={rules.error} retry={() => void rules.refetch()} />;
  const shown = rules.data.chapters.find((told) => told.chapter === chapter);
  return (
    <>
      <Strip crumbs={[{ label: "House rules" }]}>
        <Typography variant="body2" color="textSecondary" sx={{ display: { xs: "none", md: "block" } }}>
          {owner ? "Yours to set; every plan follows at once" : "An owner sets these"}
        </Typography>
        <Button component={Link} to="/house-rules/log">
          What the log teaches
        </Button>
      </Strip>
      <Gently what="the house rules">
        <Box
          sx={{
            flex: 1,
            minHeight: 0,
            display: "grid",
            gridTemplateColumns: { xs: "1fr", md: "1fr 328px" },
            overflow: { xs: "auto", md: "hidden" },
          }}
        >
          <Box sx={{ overflow: { md: "auto" }, p: { xs: 2, sm: 3 } }}>
            <Schools mayChange={owner} />
            <Region mayChange={owner} />
            <Box sx={{ mb: 2 }}>
              <ChoiceDial
                label="Chapter"
                value={chapter}
                onChange={setChapter}
                choices={rules.data.chapters.map((told) => ({
                  value: told.chapter,
                  label: CHAPTERS[told.chapter] ?? told.chapter,
                }))}
              />
            </Box>
            {shown?.constants.map((rule) => (
              <RuleRow
                key={rule.key}
                rule={rule}
                mayChange={owner}
                onTry={(value) => setTrying(value === null ? null : { key: rule.key, value })}
                onSet={(value) => set.mutateAsync({ key: rule.key, value, was: rule.value })}
                onReset={() => reset.mutateAsync(rule.key)}
              />
            ))}
          </Box>
          <SampleTree trying={trying} />
          <InView id={wanted} />
        </Box>
      </Gently>
    </>
  );
}
