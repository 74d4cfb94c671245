import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { Suspense, useState, type FormEvent } from "react";
import { Link as RouterLink, useParams } from "react-router";
import type { Schemas } from "../../api/client";
import { useStyles, useSeasonYear } from "../../api/queries";
import { useLight } from "../../app/light";
import { createTurn, type Turn } from "../../drawing/tree/turn";
import { isPlan, type AnyPlan, type Kind } from "../../kinds/kind";
import { KINDS } from "../../kinds/registry";
import { Failed } from "../../parts/Failed";
import { Gently } from "../../parts/Gently";
import { InTurn } from "../../parts/InTurn";
import { Loading } from "../../parts/Loading";
import { ProblemAlert } from "../../parts/ProblemAlert";
import { Strip } from "../../shell/Strip";
import { useUnits } from "../../units/useUnits";
import { useBenchPiece } from "../../bench/useBench";
import { LedgersCompared } from "./LedgersCompared";
import { AS_IT_IS, usePlanOf, useVariants, useVersions, type Settings } from "./useVersions";

interface Shown {
  id: string;
  name: string;
  settings: Settings;
}

interface DrawnProps<K extends Kind> {
  kind: K;
  plan: AnyPlan;
  name: string;
  turn: Turn;
}

/** A version as it looks, whatever kind of piece it is. */
function Drawn<K extends Kind>({ kind, plan, name, turn }: DrawnProps<K>) {
  const styles = useStyles().data;
  const { dusk } = useLight();
  const units = useUnits();
  const { Drawing } = KINDS[kind];
  if (!styles || !isPlan(kind, plan)) return <Loading what={name} />;
  return (
    <Suspense fallback={<Loading what={name} />}>
      <Drawing plan={plan} name={name} styles={styles} dusk={dusk} units={units} turn={turn} />
    </Suspense>
  );
}

/** One of the two that are compared: which, how it looks, and what may be done with it. */
function Side({
  label,
  versions,
  shown,
  plan,
  turn,
  onShow,
  actions,
}: {
  label: string;
  versions: Shown[];
  shown: Shown;
  plan: AnyPlan | undefined;
  turn: Turn;
  onShow: (id: string) => void;
  actions: React.ReactNode;
}) {
  return (
    <Box component="section" aria-label={`${label}: ${shown.name}`} sx={{ minWidth: 0 }}>
      <Box sx={{ display: "flex", gap: 1, mb: 1, alignItems: "center", flexWrap: "wrap" }}>
        <TextField
          select
          label={label}
          value={shown.id}
          onChange={(event) => onShow(event.target.value)}
          fullWidth={false}
          sx={{ width: 220 }}
        >
          {versions.map((version) => (
            <MenuItem key={version.id} value={version.id}>
              {version.name}
            </MenuItem>
          ))}
        </TextField>
        {actions}
      </Box>
      <Box sx={{ position: "relative", height: { xs: 300, md: 380 }, overflow: "hidden", borderRadius: "6px" }}>
        {plan ? <Drawn kind={plan.kind} plan={plan} name={shown.name} turn={turn} /> : <Loading what={shown.name} />}
      </Box>
    </Box>
  );
}

function KeepForm({ onKeep }: { onKeep: (name: string) => Promise<boolean> }) {
  const [name, setName] = useState("");
  return (
    <Box
      component="form"
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        void onKeep(name.trim()).then((kept) => kept && setName(""));
      }}
      sx={{ display: "flex", gap: 1, alignItems: "center", mb: 2, flexWrap: "wrap" }}
    >
      <TextField
        label="Keep it as it is under a name"
        value={name}
        onChange={(event) => setName(event.target.value)}
        placeholder="With cascade"
        fullWidth={false}
        sx={{ width: 300 }}
        slotProps={{ htmlInput: { maxLength: 120 }, inputLabel: { shrink: true } }}
      />
      <Button type="submit" variant="outlined" disabled={name.trim() === ""}>
        Keep
      </Button>
    </Box>
  );
}

function Compared({ piece, variants }: { piece: Schemas["PieceOnBench"]; variants: Schemas["Variant"][] }) {
  const [turn] = useState(createTurn);
  const [chosen, setChosen] = useState<[string, string]>([AS_IT_IS, variants[0]?.id ?? AS_IT_IS]);
  const { problem, keep, takeOut, choose } = useVersions(piece);
  const versions: Shown[] = [{ id: AS_IT_IS, name: "As it is", settings: piece.settings }, ...variants];
  const find = (id: string, otherwise: number) =>
    versions.find((version) => version.id === id) ?? versions[Math.min(otherwise, versions.length - 1)];
  const left = find(chosen[0], 0);
  const right = find(chosen[1], 1);
  const plans = [usePlanOf(piece.id, left?.settings).data, usePlanOf(piece.id, right?.settings).data];
  if (!left || !right) return null;
  const actions = (shown: Shown) => {
    const version = variants.find((known) => known.id === shown.id);
    return (
      version && (
        <>
          <Button size="small" variant="contained" onClick={() => void choose(version)}>
            Choose this one
          </Button>
          <Button size="small" onClick={() => void takeOut(version)}>
            Take out
          </Button>
        </>
      )
    );
  };
  return (
    <Box sx={{ flex: 1, overflow: "auto", p: { xs: 2, md: 3 } }}>
      <InTurn>
        <ProblemAlert problem={problem} />
        <KeepForm onKeep={keep} />
        {variants.length === 0 ? (
          <Typography color="textSecondary">
            No version is kept yet. Keep it as it is, dial on at the bench, and compare the two here.
          </Typography>
        ) : (
          <InTurn>
            <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "1fr 1fr" }, gap: 2, mb: 3 }}>
              <InTurn>
                {[left, right].map((shown, i) => (
                  <Side
                    key={i}
                    label={i === 0 ? "Left" : "Right"}
                    versions={versions}
                    shown={shown}
                    plan={plans[i]}
                    turn={turn}
                    onShow={(id) => setChosen(i === 0 ? [id, chosen[1]] : [chosen[0], id])}
                    actions={actions(shown)}
                  />
                ))}
              </InTurn>
            </Box>
            {plans[0] && plans[1] && (
              <LedgersCompared left={plans[0]} right={plans[1]} names={[left.name, right.name]} />
            )}
          </InTurn>
        )}
      </InTurn>
    </Box>
  );
}

/** Named versions of a piece: kept, compared side by side, chosen. */
export function Versions() {
  const { pieceId = "" } = useParams();
  const piece = useBenchPiece(pieceId);
  const variants = useVariants(pieceId);
  const year = useSeasonYear();
  if (piece.isPending || variants.isPending) return <Loading what="the versions" />;
  if (piece.isError) return <Failed error={piece.error} retry={() => void piece.refetch()} />;
  if (variants.isError) return <Failed error={variants.error} retry={() => void variants.refetch()} />;
  return (
    <>
      <Strip
        crumbs={[
          { label: `Season ${year}`, to: "/" },
          { label: piece.data.home.name, to: `/homes/${piece.data.home.id}` },
          { label: piece.data.name, to: `/pieces/${piece.data.id}` },
          { label: "Versions" },
        ]}
      >
        <Button size="small" component={RouterLink} to={`/pieces/${piece.data.id}`}>
          To the bench
        </Button>
      </Strip>
      <Gently what="the versions">
        <Compared piece={piece.data} variants={variants.data.items} />
      </Gently>
    </>
  );
}
