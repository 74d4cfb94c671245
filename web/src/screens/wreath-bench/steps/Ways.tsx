import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { follow, useAdvice } from "../advice";
import type { StepProps } from "./StepDials";

interface Props extends Pick<StepProps, "bench" | "piece"> {
  about: "mends" | "helps";
  /** Said before them. */
  label: string;
  /** Whether there is anything to look for. */
  wanted: boolean;
}

/** What would mend or help it, each tried on this wreath before it is offered; one press turns the dials. */
export function Ways({ bench, piece, about, label, wanted }: Props) {
  const { data } = useAdvice(piece.id, about, bench, wanted);
  const ways = wanted ? (data?.ways ?? []) : [];
  if (ways.length === 0) return null;
  return (
    <Box
      className="whole-row"
      role="group"
      aria-label={label}
      sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}
    >
      <Typography variant="body2" sx={{ fontWeight: 600, color: "text.secondary" }}>
        {label}
      </Typography>
      {ways.map(({ says, changes }) => (
        <Button key={says} size="small" variant="outlined" onClick={() => follow(bench, changes)}>
          {says}
        </Button>
      ))}
    </Box>
  );
}
