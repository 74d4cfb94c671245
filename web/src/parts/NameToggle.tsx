import Check from "@mui/icons-material/Check";
import { styled } from "@mui/material/styles";
import type { ElementType } from "react";
import { FINGER, FINGERS } from "../theme/theme";
import { ColourDot } from "./ColourDot";
import { steady } from "./steady";

const Named = styled("button")(({ theme }) => ({
  display: "inline-flex",
  alignItems: "center",
  gap: 6,
  maxWidth: "100%",
  minHeight: 24,
  padding: "0 8px",
  font: "inherit",
  fontSize: "0.8125rem",
  color: theme.palette.text.primary,
  background: "none",
  border: `1px solid ${theme.palette.tokens.edge}`,
  borderRadius: 12,
  cursor: "pointer",
  "&:hover": { background: theme.palette.action.hover },
  "&[aria-pressed=true]": { background: theme.palette.action.selected },
  "&[aria-pressed=true]:hover": { background: theme.palette.action.focus },
  "&:not([aria-pressed])": { borderStyle: "dashed" },
  [FINGERS]: { minHeight: FINGER, minWidth: FINGER, borderRadius: FINGER / 2 },
}));

interface Props {
  name: string;
  /** Whether it is taken; left out of what only leads somewhere. */
  on?: boolean;
  /** Before the name: its colour, or a sign. */
  colour?: string | null;
  square?: boolean;
  Sign?: ElementType;
  onPress: () => void;
}

function NameToggleDrawn({ name, on, colour, square, Sign, onPress }: Props) {
  return (
    <Named type="button" aria-pressed={on} onClick={onPress}>
      {colour !== undefined && <ColourDot colour={colour} square={square} />}
      {Sign && <Sign aria-hidden sx={{ fontSize: 16 }} />}
      {name}
      {on && <Check aria-hidden sx={{ fontSize: 16 }} />}
    </Named>
  );
}

/**
 * One name of many, pressed to take it or to leave it; without `on` it leads somewhere. A bench shows forty of them, so
 * it is made of little.
 *
 *   <NameToggle name={style.name} colour={style.colour} on onPress={leave} />
 */
export const NameToggle = steady(NameToggleDrawn);
