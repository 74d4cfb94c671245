import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import LinearProgress from "@mui/material/LinearProgress";
import MenuItem from "@mui/material/MenuItem";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { keys, queryClient } from "../../api/queries";
import { useUndo } from "../../parts/undo";
import { count, counted } from "../../units/format";
import { look, send, type Looked } from "./importing";

const NOT_READ = "";
/** So many bad cells are shown at once. */
const SHOWN = 60;

interface Going {
  says: string;
  share: number;
}

function Progress({ says, share }: Going) {
  return (
    <Box sx={{ my: 2 }} role="status">
      <Typography gutterBottom>{says}</Typography>
      <LinearProgress variant="determinate" value={Math.round(share * 100)} aria-label={says} />
    </Box>
  );
}

interface ColumnsProps {
  file: Schemas["ImportRead"];
  mapping: (string | null)[];
  onMapping: (mapping: (string | null)[]) => void;
}

/** What each column of the file is. */
function Columns({ file, mapping, onMapping }: ColumnsProps) {
  return (
    <Table size="small" aria-label="Columns of the file">
      <TableHead>
        <TableRow>
          <TableCell>In the file</TableCell>
          <TableCell>Such as</TableCell>
          <TableCell>Is</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {file.columns.map((column, i) => (
          <TableRow key={`${column.title}-${i}`}>
            <TableCell component="th" scope="row">
              {column.title || `column ${i + 1}`}
            </TableCell>
            <TableCell sx={{ maxWidth: 200, overflow: "hidden", textOverflow: "ellipsis", whiteSpace: "nowrap" }}>
              {column.sample.join(", ")}
            </TableCell>
            <TableCell sx={{ width: 230 }}>
              <TextField
                select
                value={mapping[i] ?? NOT_READ}
                onChange={(event) =>
                  onMapping(mapping.map((field, at) => (at === i ? event.target.value || null : field)))
                }
                slotProps={{
                  htmlInput: { "aria-label": `What ${column.title || `column ${i + 1}`} is` },
                  select: { displayEmpty: true },
                }}
              >
                <MenuItem value={NOT_READ}>not read</MenuItem>
                {file.fields.map(({ field, title }) => (
                  <MenuItem key={field} value={field}>
                    {title}
                  </MenuItem>
                ))}
              </TextField>
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

/** What would happen, and every cell that is wrong. */
function Preview({ looked }: { looked: Looked }) {
  return (
    <Box sx={{ mt: 2 }}>
      <Typography role="status" sx={{ fontWeight: 600 }}>
        {count(looked.new)} new, {count(looked.changed)} changed, {count(looked.same)} as they are
        {looked.bad > 0 && `, ${count(looked.bad)} with a bad cell`}
      </Typography>
      {looked.bad > 0 && (
        <>
          <Alert severity="error" sx={{ my: 1 }}>
            Nothing is loaded until every row is right. Mend the cells below in your file, and choose it again.
          </Alert>
          <Table size="small" aria-label="Bad cells">
            <TableHead>
              <TableRow>
                <TableCell>Row</TableCell>
                <TableCell>Column</TableCell>
                <TableCell>Says</TableCell>
                <TableCell>What is wrong</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {looked.faults.slice(0, SHOWN).map((fault, i) => (
                <TableRow key={i}>
                  <TableCell>{fault.row}</TableCell>
                  <TableCell>{fault.column}</TableCell>
                  <TableCell>{fault.value}</TableCell>
                  <TableCell>{fault.message}</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
          {looked.faults.length > SHOWN && <Typography variant="body2">And more of them.</Typography>}
        </>
      )}
    </Box>
  );
}

/** Reads a table of things in: its columns first, then every row, and only then is anything loaded. */
export function ImportDialog({ onClose }: { onClose: () => void }) {
  const { say } = useUndo();
  const [file, setFile] = useState<Schemas["ImportRead"] | null>(null);
  const [mapping, setMapping] = useState<(string | null)[]>([]);
  const [looked, setLooked] = useState<Looked | null>(null);
  const [going, setGoing] = useState<Going | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);

  async function doing<T>(
    says: string,
    work: (onShare: (share: number) => void) => Promise<T>,
  ): Promise<T | undefined> {
    setWrong(null);
    setGoing({ says, share: 0 });
    try {
      return await work((share) => setGoing({ says, share }));
    } catch (error) {
      const problem = asProblem(error);
      setWrong(problem.details.errors?.map(({ message }) => message).join(" ") ?? problem.message);
      return undefined;
    } finally {
      setGoing(null);
    }
  }

  async function choose(chosen: File | undefined) {
    if (!chosen) return;
    setFile(null);
    setLooked(null);
    const read = await doing(`Reading ${chosen.name}`, (onShare) => send(chosen, onShare));
    if (!read) return;
    setFile(read);
    setMapping(read.columns.map(({ field }) => field));
  }

  async function lookAtAll() {
    if (!file) return;
    const told = await doing(`Looking at ${counted(file.rows, "row")}`, (onShare) => look(file, mapping, onShare));
    if (told) setLooked(told);
  }

  async function load() {
    if (!file) return;
    const told = await doing("Loading", () =>
      ask(client.POST("/api/stock/imports/{id}/load", { params: { path: { id: file.id } }, body: {} })),
    );
    if (!told) return;
    await queryClient.invalidateQueries({ queryKey: keys.styles });
    say(`${counted(told.new, "new thing")} read in, ${told.changed} changed.`);
    onClose();
  }

  const ready = looked !== null && looked.bad === 0 && looked.new + looked.changed > 0;
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth>
      <DialogTitle>Read a table in</DialogTitle>
      <DialogContent>
        {wrong && (
          <Alert severity="error" sx={{ mb: 2 }}>
            {wrong}
          </Alert>
        )}
        <Typography color="textSecondary" sx={{ mb: 1 }}>
          A CSV file or an XLSX workbook: a row of headings, then a row a thing. Things of the same kind and name are
          changed, others are new. Nothing is loaded before you have seen what it does.
        </Typography>
        <Button component="label" variant={file ? "outlined" : "contained"} disabled={going !== null}>
          {file ? "Choose another file" : "Choose a file"}
          <input
            type="file"
            hidden
            accept=".csv,.txt,.xlsx"
            aria-label="File to read in"
            onChange={(event) => {
              void choose(event.target.files?.[0]);
              event.target.value = "";
            }}
          />
        </Button>
        {going && <Progress {...going} />}
        {file && !going && (
          <>
            <Typography sx={{ my: 1 }}>
              {file.name}: {counted(file.rows, "row")}
            </Typography>
            {looked ? <Preview looked={looked} /> : <Columns file={file} mapping={mapping} onMapping={setMapping} />}
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{looked && !ready ? "Close" : "Cancel"}</Button>
        {looked && <Button onClick={() => setLooked(null)}>Columns again</Button>}
        {file && !looked && (
          <Button variant="contained" disabled={going !== null} onClick={() => void lookAtAll()}>
            Look at every row
          </Button>
        )}
        {ready && (
          <Button variant="contained" disabled={going !== null} onClick={() => void load()}>
            Load {counted(looked.new + looked.changed, "thing")}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
