import HistoryOutlined from "@mui/icons-material/HistoryOutlined";
import RedoOutlined from "@mui/icons-material/RedoOutlined";
import UndoOutlined from "@mui/icons-material/UndoOutlined";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import Tooltip from "@mui/material/Tooltip";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ask, client, type Schemas } from "../api/client";
import { useSeasonYear } from "../api/queries";
import { DeleteDialog } from "../parts/DeleteDialog";
import { DaysToGo } from "../parts/DaysToGo";
import { MoreMenu, type MenuEntry } from "../parts/MoreMenu";
import { steady } from "../parts/steady";
import { deletedTold } from "../parts/frees";
import { useUndo } from "../parts/undo";
import { useUnits } from "../units/useUnits";
import { SkipLink } from "../shell/SkipLink";
import { Strip } from "../shell/Strip";
import { clock } from "../units/format";
import { CopyDialog } from "./CopyDialog";
import { HistoryDrawer } from "./HistoryDrawer";
import { LookDialog } from "./LookDialog";
import { RenameDialog } from "./RenameDialog";
import type { Saving } from "./useBench";

function said({ state, at }: Saving): string {
  if (state === "saving") return "Saving …";
  if (state === "waiting") return "Changed";
  if (state === "refused") return "Not saved";
  return at ? `Saved ${clock(at)}` : "";
}

interface Kept {
  saving: Saving;
  canUndo: boolean;
  canRedo: boolean;
  undo: () => Promise<void>;
  redo: () => Promise<void>;
  rename: (name: string) => void;
  wear: (from: string) => Promise<void>;
}

interface About {
  piece: Pick<Schemas["PieceOnBench"], "id" | "kind" | "home" | "room" | "days_to_go">;
  /** What the piece is called among others: "tree". */
  noun: string;
  /** What this kind of piece offers beside its bench. */
  entries: MenuEntry[];
}

/** Where the piece is, whether it is saved, undo, history, and what else there is of it. */
export function BenchStrip({ bench, ...about }: About & { bench: Kept & { draft: { name: string } } }) {
  const { saving, canUndo, canRedo, undo, redo, rename, wear } = bench;
  return (
    <StripOfBench {...about} {...{ saving, canUndo, canRedo, undo, redo, rename, wear }} name={bench.draft.name} />
  );
}

const StripOfBench = steady(StripOfBenchDrawn);

function StripOfBenchDrawn({ piece, name, noun, entries, ...bench }: About & Kept & { name: string }) {
  const [history, setHistory] = useState(false);
  const [renaming, setRenaming] = useState(false);
  const [asking, setAsking] = useState(false);
  const [copying, setCopying] = useState(false);
  const [looking, setLooking] = useState(false);
  const year = useSeasonYear();
  const navigate = useNavigate();
  const cache = useQueryClient();
  const { say } = useUndo();
  const units = useUnits();
  const path = { params: { path: { id: piece.id } } };

  async function remove() {
    const { frees } = await ask(client.DELETE("/api/pieces/{id}", path));
    await navigate(`/homes/${piece.home.id}`);
    say(deletedTold(name, frees, units), async () => {
      await ask(client.POST("/api/pieces/{id}/restore", path));
      await cache.invalidateQueries();
    });
  }

  const refused = bench.saving.state === "refused";
  return (
    <Strip
      crumbs={[
        { label: `Season ${year}`, to: "/" },
        { label: piece.home.name, to: `/homes/${piece.home.id}` },
        { label: piece.room.name, to: `/rooms/${piece.room.id}` },
        { label: name },
      ]}
    >
      <SkipLink says="To the dials" />
      <Typography
        variant="body2"
        role="status"
        sx={{ color: refused ? "error.main" : "text.secondary", fontWeight: refused ? 700 : 400 }}
      >
        {said(bench.saving)}
      </Typography>
      <Box sx={{ display: "flex" }}>
        <Tooltip title="Undo (u)">
          <span>
            <IconButton size="small" aria-label="Undo" disabled={!bench.canUndo} onClick={() => void bench.undo()}>
              <UndoOutlined fontSize="small" />
            </IconButton>
          </span>
        </Tooltip>
        <Tooltip title="Redo (shift u)">
          <span>
            <IconButton size="small" aria-label="Redo" disabled={!bench.canRedo} onClick={() => void bench.redo()}>
              <RedoOutlined fontSize="small" />
            </IconButton>
          </span>
        </Tooltip>
        <Tooltip title="History">
          <IconButton size="small" aria-label="History" onClick={() => setHistory(true)}>
            <HistoryOutlined fontSize="small" />
          </IconButton>
        </Tooltip>
      </Box>
      <DaysToGo days={piece.days_to_go} />
      <MoreMenu
        label={`More for this ${noun}`}
        entries={[
          ...entries,
          { label: "Versions", run: () => void navigate(`/pieces/${piece.id}/versions`) },
          { label: "Copy to another room", run: () => setCopying(true) },
          { label: "Take the look of another", run: () => setLooking(true) },
          { label: "Rename", run: () => setRenaming(true) },
          { label: "Print", run: () => window.print() },
          { label: "Ledger as CSV", href: `/api/pieces/${piece.id}/ledger.csv` },
          { label: `Delete this ${noun}`, run: () => setAsking(true) },
        ]}
      />
      {asking && <DeleteDialog name={name} onDelete={remove} onClose={() => setAsking(false)} />}
      {copying && <CopyDialog piece={piece} name={name} onClose={() => setCopying(false)} />}
      {looking && <LookDialog pieceId={piece.id} name={name} wear={bench.wear} onClose={() => setLooking(false)} />}
      {history && <HistoryDrawer pieceId={piece.id} onClose={() => setHistory(false)} />}
      {renaming && <RenameDialog name={name} onRename={bench.rename} onClose={() => setRenaming(false)} />}
    </Strip>
  );
}
