import FormatListBulleted from "@mui/icons-material/FormatListBulleted";
import NightlightOutlined from "@mui/icons-material/NightlightOutlined";
import WbSunnyOutlined from "@mui/icons-material/WbSunnyOutlined";
import Box from "@mui/material/Box";
import Button, { type ButtonProps } from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { useLight } from "../app/light";
import { drawing as shades } from "../theme/tokens";

/** How a tool looks on a drawing, by day and at dusk. */
export function useToolLook() {
  const { dusk } = useLight();
  return {
    bgcolor: dusk ? "#2b353b" : "#ffffff",
    color: dusk ? "#f1ecdf" : "#1e2a2f",
    borderColor: dusk ? "#6c7b82" : "#7f8f94",
    "&:hover": { bgcolor: dusk ? "#37434a" : "#f6f4ef" },
  };
}

/** One tool over a drawing. */
export function StageTool(props: ButtonProps & { to?: string; component?: React.ElementType }) {
  const look = useToolLook();
  const { sx, ...rest } = props;
  return (
    <Button size="small" variant="outlined" color="inherit" sx={[look, ...(Array.isArray(sx) ? sx : [sx])]} {...rest} />
  );
}

/** Opens the same as a list; on a phone it says no more than that. */
export function ListTool({ says, disabled, onClick }: { says: string; disabled: boolean; onClick: () => void }) {
  return (
    <StageTool startIcon={<FormatListBulleted />} disabled={disabled} onClick={onClick}>
      <Box component="span" sx={{ display: { xs: "none", sm: "inline" } }}>
        {says}
      </Box>
      <Box component="span" sx={{ display: { xs: "inline", sm: "none" } }}>
        List
      </Box>
    </StageTool>
  );
}

/** Changes between day and dusk. */
export function DuskTool() {
  const { dusk, toggleDusk } = useLight();
  return (
    <StageTool startIcon={dusk ? <WbSunnyOutlined /> : <NightlightOutlined />} onClick={toggleDusk}>
      {dusk ? "Day" : "Dusk"}
    </StageTool>
  );
}

/** The few tools over a drawing, at its upper left; a word about it at its upper right. */
export function StageTools({ children, says }: { children: ReactNode; says?: string | undefined }) {
  const { dusk } = useLight();
  return (
    <>
      <Box sx={{ position: "absolute", top: 10, left: 12, display: "flex", gap: 1, flexWrap: "wrap" }}>{children}</Box>
      {says && (
        <Typography
          variant="body2"
          sx={{
            position: "absolute",
            top: 14,
            right: 14,
            color: shades[dusk ? "dusk" : "day"].label,
            display: { xs: "none", sm: "block" },
          }}
        >
          {says}
        </Typography>
      )}
    </>
  );
}
