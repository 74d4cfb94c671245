import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Pages } from "../../../parts/Pages";
import { useOnce } from "../../../parts/useOnce";
import { ask, asProblem, client, type Problem } from "../../../api/client";
import { keys } from "../../../api/queries";
import { date } from "../../../units/format";
import { counted } from "../../../units/format";
import type { StepProps } from "./StepDials";

/** The log of tested strings: each plugged into the meter, its watts and dead bulbs kept with the date. */
export function StringTests({ bench, styles }: StepProps) {
  const style = styles.find((known) => known.id === bench.draft.settings.lights.style);
  if (!style)
    return (
      <Typography variant="body2" color="textSecondary" className="whole-row">
        Choose the strings first; then each of them is tested here.
      </Typography>
    );
  return <Tests styleId={style.id} name={style.name} />;
}

function Tests({ styleId, name }: { styleId: string; name: string }) {
  const [page, setPage] = useState(1);
  const [label, setLabel] = useState("");
  const [problem, setProblem] = useState<Problem | null>(null);
  const cache = useQueryClient();
  const tests = useQuery({
    queryKey: [...keys.stringTests(styleId), page],
    queryFn: () => ask(client.GET("/api/styles/{id}/tests", { params: { path: { id: styleId }, query: { page } } })),
  });

  const { busy, once } = useOnce();

  async function test() {
    try {
      await ask(client.POST("/api/styles/{id}/tests", { params: { path: { id: styleId } }, body: { label } }));
      setProblem(null);
      setPage(1);
      await cache.invalidateQueries({ queryKey: keys.stringTests(styleId) });
    } catch (error) {
      setProblem(asProblem(error));
    }
  }

  return (
    <Box className="whole-row">
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void once(test);
        }}
        sx={{ display: "flex", gap: 1, alignItems: "flex-start", mb: 1 }}
      >
        <TextField
          label="String in the meter"
          value={label}
          onChange={(event) => setLabel(event.target.value)}
          placeholder="String 1"
          error={Boolean(problem)}
          helperText={problem ? (problem.field("/label") ?? problem.message) : `${name}: plug it in, name it, read it`}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <Button type="submit" variant="outlined" disabled={busy} sx={{ mt: 0.25, flexShrink: 0 }}>
          Read the meter
        </Button>
      </Box>
      {tests.data?.total === 0 && (
        <Typography variant="body2" color="textSecondary">
          No string was tested yet.
        </Typography>
      )}
      <Box component="ul" aria-label="Tested strings" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {tests.data?.items.map((tested) => (
          <Box
            component="li"
            key={`${tested.label} ${tested.tested_at}`}
            sx={(theme) => ({
              display: "flex",
              gap: 2,
              py: 0.5,
              borderTop: `1px solid ${theme.palette.divider}`,
              flexWrap: "wrap",
            })}
          >
            <Typography variant="body2" sx={{ fontWeight: 600, minWidth: 110 }}>
              {tested.label}
            </Typography>
            <Typography variant="body2" sx={{ minWidth: 80 }}>
              {tested.watts === null ? "by eye" : `${tested.watts.toFixed(1)} W`}
            </Typography>
            <Typography
              variant="body2"
              sx={{ flex: 1, fontWeight: tested.sound ? 400 : 700, color: tested.sound ? undefined : "error.main" }}
            >
              {tested.sound ? "all bulbs lit" : `${counted(tested.dead_bulbs, "dead bulb")}: set it aside`}
            </Typography>
            <Typography variant="body2" color="textSecondary">
              {date(tested.tested_at.slice(0, 10))}, {tested.by}
            </Typography>
          </Box>
        ))}
      </Box>
      <Pages pages={tests.data?.pages} page={page} onPage={setPage} size="small" />
    </Box>
  );
}
