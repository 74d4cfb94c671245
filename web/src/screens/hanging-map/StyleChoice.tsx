import Box from "@mui/material/Box";
import Chip from "@mui/material/Chip";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import type { Schemas } from "../../api/client";
import { ColourDot } from "../../parts/ColourDot";
import type { Hanging, Side } from "./useHangingMap";

const SIDES: Side[] = ["all", "left", "front", "right"];

/** Which style is lit, and from which side one looks. */
export function StyleChoice({ sheet, hanging }: { sheet: Schemas["HangingSheet"]; hanging: Hanging }) {
  return (
    <Box
      className="not-on-paper"
      sx={{ px: 2, pt: 1.25, display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center" }}
    >
      <Box
        role="group"
        aria-label="Style that is lit"
        sx={{
          display: "flex",
          gap: 0.75,
          flexWrap: { xs: "nowrap", md: "wrap" },
          overflowX: { xs: "auto", md: "visible" },
          flex: { xs: "1 0 100%", md: 1 },
          minWidth: 0,
          pb: 0.5,
          "& > *": { flexShrink: 0 },
        }}
      >
        <Chip
          size="small"
          label="All styles"
          variant={hanging.style === null ? "filled" : "outlined"}
          color={hanging.style === null ? "secondary" : "default"}
          aria-pressed={hanging.style === null}
          onClick={() => hanging.light(null)}
        />
        {sheet.styles.map((style) => (
          <Chip
            key={style.id}
            size="small"
            label={
              <>
                <strong>{style.letter}</strong> {style.name}
                {style.up === style.count && " ✓"}
              </>
            }
            variant={hanging.style === style.id ? "filled" : "outlined"}
            color={hanging.style === style.id ? "secondary" : "default"}
            aria-pressed={hanging.style === style.id}
            onClick={() => hanging.light(style.id)}
            icon={<ColourDot colour={style.colour} />}
            sx={{ "& .MuiChip-icon": { ml: 1, mr: -0.25 } }}
          />
        ))}
      </Box>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={hanging.side}
        aria-label="Side one looks at"
        onChange={(_, side: Side | null) => side && hanging.look(side)}
      >
        {SIDES.map((side) => (
          <ToggleButton key={side} value={side} sx={{ py: 0.25 }}>
            {side === "all" ? "all sides" : side}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}
