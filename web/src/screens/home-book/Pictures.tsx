import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import Typography from "@mui/material/Typography";
import { photograph } from "../../api/photographs";

const HIGH = 220;

/** Pictures beside one another by what they are: drawn, before, after. Pressed they are seen as large as they are. */
export function Pictures({ of, pictures }: { of: string; pictures: Record<string, (string | null)[]> }) {
  const shown = Object.entries(pictures).flatMap(([word, ids]) =>
    ids.filter((id) => id !== null).map((id) => ({ id, word })),
  );
  if (shown.length === 0) return null;
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mb: 1.5 }}>
      {shown.map(({ id, word }) => (
        <Box key={id} sx={{ maxWidth: "100%" }}>
          <Link href={photograph(id, "large")} target="_blank" rel="noreferrer" sx={{ display: "block" }}>
            <Box
              component="img"
              src={photograph(id, "large")}
              alt={`${of}, ${word}`}
              sx={{
                height: HIGH,
                maxWidth: "100%",
                minWidth: 120,
                display: "block",
                objectFit: "cover",
                borderRadius: "4px",
              }}
            />
          </Link>
          <Typography variant="body2" color="textSecondary">
            {word}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

/** What the client said. */
export function Words({ says }: { says: string[] }) {
  return says.map((one, i) => (
    <Typography key={i} variant="h3" component="p" sx={{ mb: 1.5, overflowWrap: "anywhere" }}>
      “{one}”
    </Typography>
  ));
}
