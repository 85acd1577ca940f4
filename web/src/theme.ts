import { createTheme, type Theme } from "@mui/material/styles";

/** The colours beside the palette's. Wet, curing, ready and trouble never stand alone: a word or a shape goes with each. */
export interface Tints {
  mat: string;
  matDeep: string;
  matLine: string;
  matInk: string;
  accent: string;
  wet: string;
  curing: string;
  ready: string;
  trouble: string;
  troublePaper: string;
  advicePaper: string;
  sitting: string;
  lit: string;
  line: string;
}

declare module "@mui/material/styles" {
  interface Theme {
    tints: Tints;
  }
  interface ThemeOptions {
    tints: Tints;
  }
}

const SLAB = '"Zilla Slab", serif';
const SANS = '"Source Sans 3", sans-serif';

const LIGHT: Tints = {
  mat: "#1f5b48",
  matDeep: "#1a4a3b",
  matLine: "#3f8068",
  matInk: "#d9ebdf",
  accent: "#e3a93a",
  wet: "#33739b",
  curing: "#b97a17",
  ready: "#56802f",
  trouble: "#a93425",
  troublePaper: "#fbeae6",
  advicePaper: "#fbf3dd",
  sitting: "#e4eee7",
  lit: "#e2efe6",
  line: "#d8ddd6",
};
const DARK: Tints = {
  mat: "#143a2f",
  matDeep: "#0e2a22",
  matLine: "#2c614f",
  matInk: "#cfe3d7",
  accent: "#f0bb55",
  wet: "#6aa9d0",
  curing: "#dda244",
  ready: "#8fbb62",
  trouble: "#f08a78",
  troublePaper: "#3d211c",
  advicePaper: "#39301a",
  sitting: "#23352d",
  lit: "#274236",
  line: "#3a4640",
};

/** Nothing moves: what opens is there at once. */
const STILL = {
  transitions: {
    create: () => "none",
    duration: {
      shortest: 0,
      shorter: 0,
      short: 0,
      standard: 0,
      complex: 0,
      enteringScreen: 0,
      leavingScreen: 0,
    },
  },
};

/** @param still whether nothing moves */
export function plinthTheme(mode: "light" | "dark", still = false): Theme {
  const dark = mode === "dark";
  return createTheme({
    ...(still ? STILL : {}),
    tints: dark ? DARK : LIGHT,
    palette: {
      mode,
      primary: { main: dark ? "#8fc7ab" : "#1f5b48" },
      error: { main: dark ? DARK.trouble : LIGHT.trouble },
      background: { default: dark ? "#141a17" : "#f3f4ef", paper: dark ? "#1b231f" : "#fcfcf9" },
      text: { primary: dark ? "#eef2ec" : "#1b231f", secondary: dark ? "#b8c4bc" : "#4b5750" },
    },
    shape: { borderRadius: 4 },
    typography: {
      fontFamily: SANS,
      fontSize: 15,
      h1: { fontFamily: SLAB, fontWeight: 700, fontSize: "1.6rem" },
      h2: { fontFamily: SLAB, fontWeight: 700, fontSize: "1.15rem" },
      h3: { fontFamily: SLAB, fontWeight: 600, fontSize: "1rem" },
      button: { textTransform: "none", fontWeight: 600 },
    },
    components: {
      MuiCssBaseline: {
        styleOverrides: {
          html: { colorScheme: mode },
          body: { fontVariantNumeric: "tabular-nums", overscrollBehavior: "none" },
          // On paper what is read, not what is pressed.
          "@media print": {
            "nav, header, .MuiButton-outlined, .MuiButton-contained, .MuiAlert-root": { display: "none !important" },
            "html, body, #root, main, div": { overflow: "visible !important", height: "auto !important" },
          },
        },
      },
      ...(still ? { MuiButtonBase: { defaultProps: { disableRipple: true } } } : {}),
      MuiButton: { defaultProps: { disableElevation: true } },
      MuiTextField: { defaultProps: { size: "small" } },
      // As readable when it is not chosen as when it is.
      MuiToggleButton: { styleOverrides: { root: ({ theme }) => ({ color: theme.palette.text.primary }) } },
      MuiTooltip: { defaultProps: { arrow: true } },
    },
  });
}
