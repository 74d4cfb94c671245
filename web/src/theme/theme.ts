import { createTheme } from "@mui/material/styles";
import { day, evening, fonts, type Tokens } from "./tokens";

declare module "@mui/material/styles" {
  interface Palette {
    tokens: Tokens;
  }
  interface PaletteOptions {
    tokens?: Tokens;
  }
}

/** Where fingers press: nothing smaller than they are. */
export const FINGERS = "@media (max-width: 599.95px)";
/** So many pixels high and wide. */
export const FINGER = 44;

/** Room for a finger round something that is drawn smaller. */
export const reachable = {
  [FINGERS]: {
    position: "relative",
    "&::after": {
      content: '""',
      position: "absolute",
      top: "50%",
      left: "50%",
      width: `max(100%, ${FINGER}px)`,
      height: `max(100%, ${FINGER}px)`,
      transform: "translate(-50%, -50%)",
    },
  },
} as const;

/** The look of every control, from the tokens; `tokens` themselves are at theme.palette.tokens. */
export function buildTheme(mode: "day" | "evening") {
  const tokens = mode === "day" ? day : evening;
  const onSpruce = mode === "day" ? "#FFFFFF" : "#10201C";
  return createTheme({
    palette: {
      mode: mode === "day" ? "light" : "dark",
      tokens,
      primary: { main: tokens.spruce, contrastText: onSpruce },
      secondary: { main: tokens.plum, contrastText: mode === "day" ? "#FFFFFF" : "#2A1320" },
      error: { main: tokens.brick },
      warning: { main: tokens.quince, contrastText: day.ink },
      background: { default: tokens.paper, paper: tokens.card },
      text: { primary: tokens.ink, secondary: tokens.quiet },
      divider: tokens.frost,
    },
    shape: { borderRadius: 2 },
    typography: {
      fontFamily: fonts.text,
      fontSize: 14,
      h1: { fontFamily: fonts.heading, fontSize: "1.75rem", fontWeight: 600, lineHeight: 1.2 },
      h2: { fontFamily: fonts.heading, fontSize: "1.3rem", fontWeight: 600, lineHeight: 1.25 },
      h3: { fontFamily: fonts.heading, fontSize: "1.12rem", fontWeight: 600, lineHeight: 1.3 },
      body2: { fontSize: "0.8125rem", lineHeight: 1.45 },
      button: { textTransform: "none", fontWeight: 600 },
    },
    components: {
      MuiCssBaseline: {
        styleOverrides: {
          body: { fontFeatureSettings: '"tnum" 1', fontVariantNumeric: "tabular-nums" },
          "@keyframes mui-auto-fill": { from: { display: "block" } },
          "@keyframes mui-auto-fill-cancel": { from: { display: "block" } },
          ":focus-visible": { outline: `2px solid ${tokens.plum}`, outlineOffset: 2 },
          "@media (prefers-reduced-motion: reduce)": {
            "*": { animationDuration: "0.01ms !important", transitionDuration: "0.01ms !important" },
          },
        },
      },
      MuiButtonBase: {
        defaultProps: { disableRipple: true },
        styleOverrides: { root: { [FINGERS]: { minHeight: FINGER, minWidth: FINGER } } },
      },
      MuiButtonGroup: { styleOverrides: { grouped: { [FINGERS]: { minWidth: FINGER } } } },
      MuiInputBase: {
        // Each field would bring these key frames in a style sheet of its own; they stand once in the base.
        defaultProps: { disableInjectingGlobalStyles: true },
        styleOverrides: { root: { [FINGERS]: { minHeight: FINGER } } },
      },
      // A press on a label over a field's edge is a press on the field.
      MuiInputLabel: { styleOverrides: { root: { [FINGERS]: { pointerEvents: "none" } } } },
      MuiChip: { styleOverrides: { root: { [FINGERS]: { borderRadius: FINGER / 2 } } } },
      MuiButton: { defaultProps: { disableElevation: true } },
      MuiPaper: { styleOverrides: { rounded: { borderRadius: 6 } } },
      MuiTextField: { defaultProps: { size: "small", fullWidth: true } },
      MuiOutlinedInput: { styleOverrides: { notchedOutline: { borderColor: tokens.edge } } },
      MuiFormHelperText: { styleOverrides: { root: { marginLeft: 0, lineHeight: 1.35 } } },
      MuiToggleButton: {
        styleOverrides: {
          root: {
            padding: "4px 10px",
            borderColor: tokens.edge,
            color: tokens.ink,
            fontWeight: 500,
            fontSize: "0.8125rem",
            lineHeight: 1.5,
            "&.Mui-selected, &.Mui-selected:hover": { background: tokens.spruce, color: onSpruce },
          },
        },
      },
      MuiTabs: { styleOverrides: { indicator: { pointerEvents: "none" } } },
      MuiSlider: {
        styleOverrides: {
          root: { [FINGERS]: { paddingTop: FINGER / 2 - 2, paddingBottom: FINGER / 2 - 2 } },
          rail: { color: tokens.edge, opacity: 0.5 },
          markLabel: { fontSize: "0.75rem", color: tokens.quiet },
        },
      },
      MuiTooltip: { styleOverrides: { tooltip: { background: tokens.ink, color: tokens.card, fontSize: "0.78rem" } } },
      MuiLink: { defaultProps: { underline: "hover" } },
    },
  });
}
