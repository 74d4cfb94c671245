import Box from "@mui/material/Box";
import FormHelperText from "@mui/material/FormHelperText";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import { Tick } from "../../parts/Tick";

interface Props {
  questions: Schemas["Sweep"]["items"];
  answered: string[];
  onAnswer: (answered: string[]) => void;
  error: string | undefined;
}

/** Before a thing leaves the house: whose keepsake it is and what still lies inside is asked, one by one. */
export function Sweep({ questions, answered, onAnswer, error }: Props) {
  if (questions.length === 0) return null;
  return (
    <Box role="group" aria-label="Before it leaves the house">
      <Typography variant="body2" color="textSecondary">
        Before it leaves the house
      </Typography>
      {questions.map(({ id, asks }) => (
        <Tick
          key={id}
          label={asks}
          checked={answered.includes(id)}
          onChange={(yes) => onAnswer(yes ? [...answered, id] : answered.filter((other) => other !== id))}
        />
      ))}
      {error && <FormHelperText error>{error}</FormHelperText>}
    </Box>
  );
}
