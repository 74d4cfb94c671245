import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useState } from "react";
import { Link as RouterLink, useNavigate, useParams } from "react-router";
import { ask, asProblem, client } from "../../api/client";
import { useMe } from "../../api/queries";
import { ColourBar } from "../../parts/ColourBar";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { MoreMenu } from "../../parts/MoreMenu";
import { useUndo } from "../../parts/undo";
import { Strip } from "../../shell/Strip";
import { counted } from "../../units/format";
import { BoardColour, Tiles } from "./BoardColour";
import { Vision, Worn } from "./LookAside";
import { LookDialog } from "./LookDialog";
import { LookRibbon } from "./LookRibbon";
import { reread, useBoard } from "./useLook";
import { WearDialog } from "./WearDialog";

/** A look as a board: its ribbon, what of the stock lies in each colour, the greens, who wears it. */
export function LookBoard() {
  const { lookId = "" } = useParams();
  const board = useBoard(lookId);
  const me = useMe().data;
  const navigate = useNavigate();
  const { say } = useUndo();
  const wide = useMediaQuery("(min-width: 900px)");
  const [opened, setOpened] = useState<"change" | "copy" | "give" | null>(null);
  const close = () => setOpened(null);
  if (board.isPending) return <Loading what="the look" />;
  if (board.isError) return <Failed error={board.error} retry={() => void board.refetch()} />;
  const { look, before, colours, greens, layers, vision } = board.data;
  const year = me?.season.season ?? 0;

  async function remove() {
    const path = { params: { path: { id: look.id } } };
    try {
      await ask(client.DELETE("/api/looks/{id}", path));
      await navigate("/looks");
      await reread();
      say(`${look.name} was deleted.`, async () => {
        await ask(client.POST("/api/looks/{id}/restore", { ...path, body: {} }));
        await reread();
      });
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  return (
    <>
      <Strip
        crumbs={[{ label: "Stockroom", to: "/stock" }, { label: "Looks", to: "/looks" }, { label: look.name }]}
        {...(look.season ? { of: `season ${look.season}` } : {})}
      >
        <Button variant="contained" onClick={() => setOpened("change")}>
          Change it
        </Button>
        <MoreMenu
          label="More about this look"
          entries={[
            { label: "Begin another from it", run: () => setOpened("copy") },
            { label: "Give it to a home, room or piece", run: () => setOpened("give") },
            { label: "Delete it", run: () => void remove() },
          ]}
        />
      </Strip>
      <Box
        sx={{
          flex: 1,
          minHeight: 0,
          display: "flex",
          overflow: { xs: "auto", md: "hidden" },
          flexDirection: { xs: "column", md: "row" },
        }}
      >
        {wide && (
          <Box sx={{ p: 3, pr: 0, display: "flex", gap: 1.5 }}>
            <LookRibbon colours={look.colours} height={620} />
          </Box>
        )}
        <Box
          component="section"
          aria-label="What lies in its colours"
          tabIndex={0}
          sx={{ flex: 1, minWidth: 0, overflow: { md: "auto" }, p: { xs: 2, sm: 3 } }}
        >
          {!wide && (
            <Box sx={{ mb: 2 }}>
              <ColourBar
                height={30}
                label={look.colours.map(({ name, share_percent }) => `${name} ${share_percent} %`).join(", ")}
                numbered
                parts={look.colours.map(({ name, srgb, share_percent }) => ({
                  name,
                  srgb,
                  share: share_percent / 100,
                }))}
              />
            </Box>
          )}
          {colours.map((colour) => (
            <BoardColour key={colour.name} colour={colour} />
          ))}
          <Box component="section" aria-label="Greens it goes with">
            <Typography variant="h3" component="h2">
              Greens it goes with
            </Typography>
            {greens.length === 0 && <Typography color="textSecondary">None is in the stockroom.</Typography>}
            <Tiles things={greens} />
          </Box>
        </Box>
        <Box
          sx={(theme) => ({
            width: { md: 320 },
            flexShrink: 0,
            p: { xs: 2, sm: 3 },
            overflow: { md: "auto" },
            borderLeft: { md: `1px solid ${theme.palette.divider}` },
            bgcolor: "background.paper",
          })}
        >
          <Worn board={board.data} onGive={() => setOpened("give")} />
          <Box component="section" aria-label="Layers" sx={{ mb: 3 }}>
            <Typography variant="h3" component="h2">
              Base and change
            </Typography>
            <Typography>
              {counted(layers.base, "kind of thing is", "kinds of things are")} base, kept for years;{" "}
              {counted(layers.change, "is", "are")} this year’s layer.
            </Typography>
          </Box>
          {before && (
            <Box component="section" aria-label="Begun from" sx={{ mb: 3 }}>
              <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
                Begun from
              </Typography>
              <Box sx={{ display: "flex", gap: 2 }}>
                <LookRibbon colours={before.colours} height={150} />
                <Box>
                  <Button component={RouterLink} to={`/looks/${before.id}`} sx={{ ml: -1 }}>
                    {before.name}
                  </Button>
                  {before.colours.map(({ name, share_percent }) => (
                    <Typography key={name} variant="body2" color="textSecondary">
                      {name} {share_percent} %
                    </Typography>
                  ))}
                </Box>
              </Box>
            </Box>
          )}
          <Vision vision={vision} />
        </Box>
      </Box>
      {opened === "change" && <LookDialog look={look} year={year} onDone={close} onClose={close} />}
      {opened === "copy" && (
        <LookDialog
          from={look}
          year={year}
          onDone={(made) => {
            close();
            void navigate(`/looks/${made.id}`);
          }}
          onClose={close}
        />
      )}
      {opened === "give" && <WearDialog look={look} onClose={close} />}
    </>
  );
}
