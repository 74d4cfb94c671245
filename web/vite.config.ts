import react from "@vitejs/plugin-react";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync, constants } from "node:zlib";
import { defineConfig, type Plugin } from "vite";
import { VitePWA } from "vite-plugin-pwa";
import { SHARED_FILES } from "./sharedFiles";

// What every screen needs comes in few files: on a slow line each file costs a way there and back.
const PACKAGES =
  /node_modules[\\/](react|react-dom|scheduler|react-router|react-is|cookie|set-cookie-parser|hoist-non-react-statics|@emotion|stylis|@tanstack[\\/](query-core|react-query)|openapi-fetch|clsx|prop-types|@babel|@mui[\\/](system|styled-engine|utils|private-theming))[\\/]/;
const PARTS =
  /node_modules[\\/]@mui[\\/]material[\\/](esm[\\/])?(Box|Button|ButtonBase|CircularProgress|CssBaseline|Fade|Grow|IconButton|InitColorSchemeScript|Link|Paper|Skeleton|Snackbar|SnackbarContent|Stack|SvgIcon|Typography|colors|internal|styles|transitions|utils|zero-styled|className)[\\/]/;
const FIELDS =
  /node_modules[\\/]@mui[\\/]material[\\/](esm[\\/])?(Backdrop|Checkbox|Dialog|DialogActions|DialogContent|DialogTitle|FilledInput|FormControl|FormControlLabel|FormGroup|FormHelperText|FormLabel|Input|InputBase|InputLabel|List|ListItem|Menu|MenuItem|MenuList|Modal|NativeSelect|OutlinedInput|Popover|Portal|Select|TextField|TextareaAutosize|Unstable_TrapFocus)[\\/]/;

/** Waits for nothing else, so that it can ask while all others are on their way. */
const AHEAD = /src[\\/](app[\\/](ahead|screens)|api[\\/]ahead|kinds[\\/]benches)\.ts$|preload-helper/;

/** Scripts and styles lie there compressed as well, as small as they get: that takes too long while somebody waits. */
function compressed(): Plugin {
  return {
    name: "compressed",
    apply: "build",
    writeBundle({ dir = "dist" }) {
      for (const file of readdirSync(join(dir, "assets")).filter((name) => /\.(js|css)$/.test(name))) {
        const path = join(dir, "assets", file);
        const options = { params: { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY } };
        writeFileSync(`${path}.br`, brotliCompressSync(readFileSync(path), options));
      }
    },
  };
}

/** The style sheet only names fonts: the page's first words wait for its scripts, not for that too. */
function fontsLast(): Plugin {
  const sheet = /\s*<link rel="stylesheet"[^>]*>/;
  return {
    name: "fonts-last",
    transformIndexHtml: {
      order: "post",
      handler: (page) => page.replace(sheet, "").replace("</body>", `${sheet.exec(page)?.[0].trim() ?? ""}</body>`),
    },
  };
}

/** Named in the page before all others, so that what the screen of the address needs is asked for first. */
function ahead(): Plugin {
  return {
    name: "ahead",
    transformIndexHtml: (_page, { bundle }) => {
      const file = Object.values(bundle ?? {}).find(
        (part) => part.type === "chunk" && part.name === "ahead" && part.isEntry,
      );
      const src = file ? `/${file.fileName}` : "/src/app/ahead.ts";
      return [
        { tag: "script", attrs: { type: "module", async: true, crossorigin: true, src }, injectTo: "head-prepend" },
      ];
    },
  };
}

/** Seconds after which a slow line is no line. */
const PATIENCE = 4;

/**
 * What works without network: the application itself, and what the loft, the round of shops and a visit need of the studio (who
 * is in, boxes and what lies in them, what is to be bought, run sheets) as it was last seen. Whatever can be reached is asked for
 * first, so that nobody sees an old one.
 */
function withoutNetwork() {
  return VitePWA({
    injectRegister: null,
    registerType: "autoUpdate",
    manifest: {
      name: "Deck Bough",
      short_name: "Deck Bough",
      description: "The stylist's workbench: rooms, greenery, stockroom.",
      start_url: "/",
      display: "standalone",
      background_color: "#F6F4EF",
      theme_color: "#24524A",
      icons: [{ src: "/favicon.svg", sizes: "any", type: "image/svg+xml" }],
    },
    workbox: {
      globPatterns: ["index.html", "assets/*.{js,css,woff2}"],
      navigateFallback: null,
      runtimeCaching: [
        {
          urlPattern: ({ request, url }) => request.mode === "navigate" && !/^\/(api|proposals)\//.test(url.pathname),
          handler: "NetworkFirst",
          options: {
            cacheName: "pages",
            networkTimeoutSeconds: PATIENCE,
            precacheFallback: { fallbackURL: "/index.html" },
          },
        },
        {
          urlPattern: ({ url }) =>
            /^\/api\/(door|days|buying|purchases|trials|boxes(\/[0-9a-f-]{36})?|visits\/[0-9a-f-]{36}\/run-sheet)$/.test(
              url.pathname,
            ),
          handler: "NetworkFirst",
          options: { cacheName: "studio", networkTimeoutSeconds: PATIENCE },
        },
      ],
    },
  });
}

// While developing, Vite serves the screens and passes the API on to a running bin/start.
export default defineConfig({
  plugins: [react(), withoutNetwork(), compressed(), ahead(), fontsLast()],
  server: { proxy: { "^/(api|proposals)/": process.env.API_ADDRESS ?? "http://127.0.0.1:4280" } },
  build: {
    target: "es2022",
    sourcemap: false,
    chunkSizeWarningLimit: 700,
    // The page's own policy lets no font come out of a style sheet.
    assetsInlineLimit: 0,
    rolldownOptions: {
      input: { index: "index.html", ahead: "src/app/ahead.ts" },
      output: {
        codeSplitting: {
          groups: [
            { name: "ahead", test: AHEAD, priority: 4 },
            { name: "base", test: PACKAGES, priority: 3 },
            { name: "parts", test: PARTS, priority: 2 },
            { name: "fields", test: FIELDS, priority: 1 },
            ...SHARED_FILES,
          ],
        },
      },
    },
  },
});
