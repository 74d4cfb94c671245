import Box from "@mui/material/Box";
import type { Schemas } from "../../api/client";

const MOST = 3;

interface Props {
  homes: Pick<Schemas["BuyingHome"], "id" | "name">[];
  /** How many there are, those told among them. */
  count: number;
}

/** For which homes: the first letter of each in a ring, its name for who hears it. */
export function HomeMarks({ homes, count }: Props) {
  const shown = homes.slice(0, MOST);
  const names = homes.map(({ name }) => name).join(", ");
  const says = count > homes.length ? `${names} and ${count - homes.length} more` : names;
  return (
    <Box
      component="span"
      role="img"
      aria-label={`for ${says}`}
      title={says}
      sx={{ display: "inline-flex", gap: 0.25, flexShrink: 0 }}
    >
      {shown.map(({ id, name }) => (
        <Ring key={id}>{letter(name)}</Ring>
      ))}
      {count > MOST && <Ring>+{count - MOST}</Ring>}
    </Box>
  );
}

/** The letter a home is known by: articles are passed over. */
export function letter(name: string): string {
  return name
    .replace(/^the\s+/i, "")
    .charAt(0)
    .toUpperCase();
}

function Ring({ children }: { children: React.ReactNode }) {
  return (
    <Box
      component="span"
      aria-hidden
      sx={(theme) => ({
        minWidth: 18,
        height: 18,
        px: 0.25,
        borderRadius: 9,
        border: `1.5px solid ${theme.palette.secondary.main}`,
        color: theme.palette.secondary.main,
        fontSize: "0.66rem",
        fontWeight: 700,
        lineHeight: "15px",
        textAlign: "center",
      })}
    >
      {children}
    </Box>
  );
}
