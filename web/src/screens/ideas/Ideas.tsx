import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextLink from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { keys, queryClient, useSeasonYear } from "../../api/queries";
import { ChoiceDial } from "../../parts/ChoiceDial";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { Pages } from "../../parts/Pages";
import { Photographs } from "../../parts/Photographs";
import { useOnce } from "../../parts/useOnce";
import { useUndo } from "../../parts/undo";
import { Strip } from "../../shell/Strip";
import { shortDay } from "../../units/format";

type Idea = Schemas["LogRemark"];
type Sort = keyof Schemas["IdeaPage"]["open"];

const SORTS: Record<Sort, string> = { buy: "Buy", move: "Move", make: "Make", retire: "Retire" };
const LETTERS: Sort[] = ["buy", "move", "make", "retire"];

function reread() {
  return Promise.all([
    queryClient.invalidateQueries({ queryKey: keys.ideas }),
    queryClient.invalidateQueries({ queryKey: keys.sightings }),
    queryClient.invalidateQueries({ queryKey: keys.days }),
  ]);
}

/** What is to be bought, moved, made and retired next year, over all homes. */
export function Ideas() {
  const [sort, setSort] = useState<Sort | "all">("all");
  const [page, setPage] = useState(1);
  const year = useSeasonYear();
  const ideas = useQuery({
    queryKey: [...keys.ideas, sort, page],
    queryFn: () => ask(client.GET("/api/ideas", { params: { query: { page, ...(sort === "all" ? {} : { sort }) } } })),
    placeholderData: (before) => before,
  });
  if (ideas.isPending) return <Loading what="the notes" />;
  if (!ideas.data) return <Failed error={ideas.error} retry={() => void ideas.refetch()} />;
  const { items, open, pages, total } = ideas.data;
  return (
    <>
      <Strip crumbs={[{ label: `Season ${year}`, to: "/" }, { label: "Next year’s notes" }]}>
        <Button component={Link} to="/house-rules/log">
          What the log teaches
        </Button>
      </Strip>
      <Box sx={{ flex: 1, overflow: "auto", p: { xs: 2, sm: 3 } }}>
        <Box sx={{ maxWidth: 860 }}>
          <ChoiceDial
            label="Show"
            value={sort}
            onChange={(next: Sort | "all") => {
              setSort(next);
              setPage(1);
            }}
            choices={[
              { value: "all", label: "All" },
              ...LETTERS.map((one) => ({ value: one, label: `${SORTS[one]} ${open[one]}` })),
            ]}
          />
          {total === 0 && (
            <Notice
              title={sort === "all" ? "Nothing is noted for next year" : `Nothing to ${SORTS[sort].toLowerCase()}`}
            >
              Ideas are noted in the log of a visit, with the piece they are about; here they come together.
            </Notice>
          )}
          <Box component="ul" sx={{ m: 0, mt: 2, p: 0, listStyle: "none" }}>
            {items.map((idea) => (
              <Row key={idea.id} idea={idea} />
            ))}
          </Box>
          <Pages pages={pages} page={page} onPage={setPage} />
        </Box>
      </Box>
    </>
  );
}

function Row({ idea }: { idea: Idea }) {
  const { say } = useUndo();
  const { busy, once } = useOnce();
  const params = { path: { id: idea.id } };
  const place = [idea.piece_name, idea.home_name].filter(Boolean).join(", ");

  async function settle(settled: boolean, told?: string) {
    try {
      await ask(client.POST("/api/remarks/{id}/settled", { params, body: { settled } }));
      await reread();
      if (told) say(told, () => settle(!settled));
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  async function wish() {
    try {
      await ask(client.POST("/api/remarks/{id}/wish", { params, body: {} }));
      await reread();
      say("It stands among the wishes in Buying.");
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  return (
    <Box component="li" sx={{ py: 1.5, borderTop: 1, borderColor: "divider" }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "flex-start" }}>
        <Box sx={{ flex: 1, minWidth: 220 }}>
          <Typography
            sx={{
              overflowWrap: "anywhere",
              textDecoration: idea.settled_on ? "line-through" : "none",
              color: idea.settled_on ? "text.secondary" : "inherit",
            }}
          >
            <Box component="strong" sx={{ color: "secondary.main" }}>
              {SORTS[idea.sort as Sort]}
            </Box>{" "}
            {idea.says}
          </Typography>
          <Typography variant="body2" color="textSecondary">
            {idea.piece ? (
              <TextLink component={Link} to={`/pieces/${idea.piece}`}>
                {place}
              </TextLink>
            ) : (
              place
            )}
            {` · season ${idea.season}`}
            {idea.settled_on && ` · settled ${shortDay(idea.settled_on)}`}
          </Typography>
          {idea.photographs.length > 0 && (
            <Photographs of="remark" id={idea.id} name={idea.says} photographs={idea.photographs} />
          )}
        </Box>
        {idea.sort === "buy" && !idea.settled_on && (
          <Button
            variant="outlined"
            size="small"
            disabled={busy}
            onClick={() => void once(wish)}
            aria-label={`To the wishes: ${idea.says}`}
          >
            To the wishes
          </Button>
        )}
        <Button
          size="small"
          disabled={busy}
          onClick={() =>
            void once(() => settle(!idea.settled_on, idea.settled_on ? undefined : `“${idea.says}” is settled.`))
          }
          aria-label={`${idea.settled_on ? "Open again" : "Done"}: ${idea.says}`}
        >
          {idea.settled_on ? "Open again" : "Done"}
        </Button>
      </Box>
    </Box>
  );
}
