import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { Link, useLocation } from "react-router";
import { useMe } from "../../api/queries";
import { ChoiceDial } from "../../parts/ChoiceDial";
import { Failed } from "../../parts/Failed";
import { Gently } from "../../parts/Gently";
import { InTurn } from "../../parts/InTurn";
import { Loading } from "../../parts/Loading";
import { Strip } from "../../shell/Strip";
import { CHAPTERS } from "./chapters";
import { Region } from "./Region";
import { RuleRow } from "./RuleRow";
import { SampleTree } from "./SampleTree";
import { Schools } from "./Schools";
import { useHouseRules, type HouseRule } from "./useHouseRules";

/** The rule that is asked for comes into view as soon as it stands. */
function InView({ id }: { id: string }) {
  useEffect(() => {
    if (id) document.getElementById(id)?.scrollIntoView({ block: "center" });
  }, [id]);
  return null;
}

interface DeskProps {
  chapters: { chapter: string; constants: HouseRule[] }[];
  owner: boolean;
  set: (key: string, value: number, was: number) => Promise<unknown>;
  reset: (key: string) => Promise<unknown>;
}

/** Schools, region and the constants of a chapter, and what they make of a sample tree. */
function RulesDesk({ chapters, owner, set, reset }: DeskProps) {
  const wanted = useLocation().hash.slice(1);
  const [chapter, setChapter] = useState(wanted.split(".")[0] || "tree");
  const [trying, setTrying] = useState<{ key: string; value: number } | null>(null);
  const shown = chapters.find((told) => told.chapter === chapter)?.constants ?? [];
  const parts = [
    <Schools key="schools" mayChange={owner} />,
    <Region key="region" mayChange={owner} />,
    <Box key="chapter" sx={{ mb: 2 }}>
      <ChoiceDial
        label="Chapter"
        value={chapter}
        onChange={setChapter}
        choices={chapters.map((told) => ({ value: told.chapter, label: CHAPTERS[told.chapter] ?? told.chapter }))}
      />
    </Box>,
    ...shown.map((rule) => (
      <RuleRow
        key={rule.key}
        rule={rule}
        mayChange={owner}
        onTry={(value) => setTrying(value === null ? null : { key: rule.key, value })}
        onSet={(value, was) => set(rule.key, value, was)}
        onReset={() => reset(rule.key)}
      />
    )),
  ];
  const [whole, setWhole] = useState(false);
  return (
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
        <InTurn onWhole={() => setWhole(true)}>{parts}</InTurn>
      </Box>
      {/* On a phone it stands below the rules. */}
      <Box sx={{ display: { xs: whole ? "contents" : "none", md: "contents" } }}>
        <SampleTree trying={trying} />
      </Box>
      {whole && <InView id={wanted} />}
    </Box>
  );
}

/** Every constant by chapter: what it is, why, and what changing it does to a sample tree. */
export function HouseRules() {
  const { rules, set, reset } = useHouseRules();
  const owner = useMe().data?.account.role === "owner";

  if (rules.isPending) return <Loading what="the house rules" />;
  if (rules.isError) return <Failed error={rules.error} retry={() => void rules.refetch()} />;
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
        <RulesDesk
          chapters={rules.data.chapters}
          owner={owner}
          set={(key, value, was) => set.mutateAsync({ key, value, was })}
          reset={(key) => reset.mutateAsync(key)}
        />
      </Gently>
    </>
  );
}
