import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";

const WALLS = ["the wall is clean", "the holes are filled", "the wall is marked"];

/** What held a piece stays on the wall and is written down, or it comes off, and how the wall is then. */
export function Hooks({
  known,
  onStay,
  onOff,
}: {
  /** What the home’s register has of this piece. */
  known: { title: string; place: string }[];
  onStay: () => void;
  onOff: (wall: string) => void;
}) {
  return (
    <>
      {known.length > 0 && (
        <Typography variant="body2" color="textSecondary">
          In the register: {known.map(({ title, place }) => `${title}, ${place}`).join(" · ")}
        </Typography>
      )}
      <Button
        variant="contained"
        onClick={onStay}
        sx={{ minHeight: 76, fontSize: "1.5rem", fontWeight: 700, width: "100%" }}
      >
        They stay for next year
      </Button>
      <Typography>They came off, and</Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        {WALLS.map((wall) => (
          <Button key={wall} variant="outlined" onClick={() => onOff(wall)} sx={{ flex: "1 1 140px", minHeight: 56 }}>
            {wall}
          </Button>
        ))}
      </Box>
    </>
  );
}
