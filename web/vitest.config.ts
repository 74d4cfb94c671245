import { defineConfig } from "vitest/config";

// What the front end computes without a page: formats, merging, projection. What a person sees is tested in a browser.
export default defineConfig({ test: { include: ["test/**/*.test.ts"], environment: "node" } });
