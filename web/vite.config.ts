import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

// While developing, Vite serves the screens and passes the API on to a running bin/start.
export default defineConfig({
  plugins: [react()],
  server: { proxy: { "/api": process.env.API_ADDRESS ?? "http://127.0.0.1:4280" } },
  build: { target: "es2022", sourcemap: false, chunkSizeWarningLimit: 700 },
});
