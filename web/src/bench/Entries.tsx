import Add from "@mui/icons-material/Add";
import DeleteOutlined from "@mui/icons-material/DeleteOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

interface Props<Entry> {
  label: string;
  entries: Entry[];
  /** What one of them is called, such as "garland". */
  noun: string;
  add: ReactNode;
  onRemove: (index: number) => void;
  row: (entry: Entry, index: number) => ReactNode;
}

/** Things that are there one after the other, each in a line of its own that can be changed and taken out. */
export function Entries<Entry>({ label, entries, noun, add, onRemove, row }: Props<Entry>) {
  return (
    <Box role="group" aria-label={label} className="whole-row">
      <Typography variant="body2" sx={{ fontWeight: 600, color: "text.secondary", mb: 0.75 }}>
        {label}
      </Typography>
      {entries.map((entry, i) => (
        <Box
          key={i}
          role="group"
          aria-label={`${noun} ${i + 1}`}
          sx={{
            display: "flex",
            gap: 1,
            mb: 1,
            alignItems: "flex-start",
            flexWrap: "wrap",
            "& > *": { flex: "1 1 100px", maxWidth: 220 },
            "& > :first-of-type": { flex: "1 1 180px" },
            "& > button, & > label": { flex: "0 0 auto" },
            "& > .count": { flex: "0 0 168px" },
          }}
        >
          {row(entry, i)}
          <IconButton aria-label={`Take out ${noun} ${i + 1}`} onClick={() => onRemove(i)}>
            <DeleteOutlined fontSize="small" />
          </IconButton>
        </Box>
      ))}
      {add}
    </Box>
  );
}

/** The button that puts another one in. */
export function AddEntry({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <Button size="small" startIcon={<Add />} onClick={onClick}>
      {label}
    </Button>
  );
}
