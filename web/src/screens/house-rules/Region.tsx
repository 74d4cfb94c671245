import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { ChoiceDial } from "../../parts/ChoiceDial";
import { CountDial } from "../../parts/CountDial";
import { useStudio } from "./useStudio";

const CURRENCIES = ["AUD", "CAD", "CHF", "CZK", "DKK", "EUR", "GBP", "JPY", "NOK", "NZD", "PLN", "SEK", "USD", "ZAR"];

/** Where the studio works: what it pays in, its mains and its paper, how trees are sold there. */
export function Region({ mayChange }: { mayChange: boolean }) {
  const { studio, change } = useStudio(mayChange);
  if (!studio) return null;
  const known = CURRENCIES.includes(studio.currency) ? CURRENCIES : [...CURRENCIES, studio.currency].sort();
  return (
    <Box component="section" aria-label="Where the studio works" sx={{ mb: 3 }}>
      <Typography variant="h3" component="h2" gutterBottom>
        Where we work
      </Typography>
      <Box
        sx={{
          display: "flex",
          gap: 3,
          rowGap: 1.5,
          pt: 0.75,
          flexWrap: "wrap",
          alignItems: "flex-start",
          "& .count .MuiTextField-root": { width: 132 },
        }}
      >
        <TextField
          select
          label="Currency"
          value={studio.currency}
          onChange={(event) => void change({ currency: event.target.value })}
          sx={{ width: 110 }}
        >
          {known.map((code) => (
            <MenuItem key={code} value={code}>
              {code}
            </MenuItem>
          ))}
        </TextField>
        <CountDial
          label="Mains, V"
          value={studio.mains_volts}
          min={100}
          most={260}
          step={10}
          onChange={(mains_volts) => void change({ mains_volts })}
        />
        <CountDial
          label="A common circuit, A"
          value={studio.circuit_amps}
          min={1}
          most={125}
          onChange={(circuit_amps) => void change({ circuit_amps })}
        />
        <ChoiceDial
          label="Paper"
          value={studio.paper}
          onChange={(paper) => void change({ paper })}
          choices={{ a4: "A4", letter: "Letter" }}
        />
        <ChoiceDial
          label="Trees are sold by"
          value={studio.tree_sizes}
          onChange={(tree_sizes) => void change({ tree_sizes })}
          choices={{ cm: "centimetres", ft: "the foot" }}
        />
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
        Sizes offered, loads and sheets follow. A piece may have a circuit of its own.
      </Typography>
    </Box>
  );
}
