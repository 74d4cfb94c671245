import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { useMe } from "../../api/queries";
import { counted } from "../../units/format";

/** What the desk is told first: the season is closed, or pieces of the last one wait to be decided on. */
export function SeasonNotice() {
  const season = useMe().data?.season;
  if (!season || (season.closed_on === null && season.drafts === 0)) return null;
  const closed = season.closed_on !== null;
  return (
    <Box
      role="status"
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        columnGap: 2,
        px: { xs: 1.5, sm: 3 },
        py: 0.5,
        bgcolor: "tokens.quinceWash",
      }}
    >
      <Typography sx={{ flex: "1 1 220px" }}>
        {closed
          ? `Season ${season.season} is closed; its plans stay as they are.`
          : `${counted(season.drafts, "piece")} of last season ${season.drafts === 1 ? "waits" : "wait"} to be decided on.`}
      </Typography>
      <Button component={Link} to={closed ? "/season-summary" : "/season-opening"} sx={{ minHeight: 44 }}>
        {closed ? "What it came to" : "Decide on them"}
      </Button>
    </Box>
  );
}
