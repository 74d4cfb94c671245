import react from "@vitejs/plugin-react";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync, constants } from "node:zlib";
import { defineConfig, type Plugin } from "vite";

// What every screen needs comes in few files: on a slow line each file costs a way there and back.
const PACKAGES =
  /node_modules[\\/](react|react-dom|scheduler|react-router|react-is|cookie|set-cookie-parser|hoist-non-react-statics|@emotion|stylis|@tanstack|openapi-fetch|clsx|prop-types|@babel|@mui[\\/](system|styled-engine|utils|private-theming))[\\/]/;
const PARTS =
  /node_modules[\\/]@mui[\\/]material[\\/](esm[\\/])?(Box|Button|ButtonBase|CircularProgress|CssBaseline|Fade|Grow|IconButton|InitColorSchemeScript|Link|Paper|Skeleton|Snackbar|SnackbarContent|Stack|SvgIcon|Typography|colors|internal|styles|transitions|utils|zero-styled|className)[\\/]/;
const FIELDS =
  /node_modules[\\/]@mui[\\/]material[\\/](esm[\\/])?(Backdrop|Checkbox|Dialog|DialogActions|DialogContent|DialogTitle|FilledInput|FormControl|FormControlLabel|FormGroup|FormHelperText|FormLabel|Input|InputBase|InputLabel|List|ListItem|Menu|MenuItem|MenuList|Modal|NativeSelect|OutlinedInput|Popover|Portal|Select|TextField|TextareaAutosize|Unstable_TrapFocus)[\\/]/;

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

// While developing, Vite serves the screens and passes the API on to a running bin/start.
export default defineConfig({
  plugins: [react(), compressed()],
  server: { proxy: { "/api": process.env.API_ADDRESS ?? "http://127.0.0.1:4280" } },
  build: {
    target: "es2022",
    sourcemap: false,
    chunkSizeWarningLimit: 700,
    // The page's own policy lets no font come out of a style sheet.
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: "base", test: PACKAGES, priority: 3 },
            { name: "parts", test: PARTS, priority: 2 },
            { name: "fields", test: FIELDS, priority: 1 },
          ],
        },
      },
    },
  },
});
