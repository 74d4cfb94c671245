import { readdirSync, readFileSync } from "node:fs";
import { defineConfig } from "vitest/config";

// A test that puts something in place of what others use runs by itself; the rest need no world of their own each.
const files = readdirSync("test", { recursive: true, encoding: "utf8" })
  .filter((file) => file.endsWith(".test.ts"))
  .map((file) => `test/${file}`);
const alone = files.filter((file) => /\bvi\.(mock|stub|spyOn|useFake|resetModules)/.test(readFileSync(file, "utf8")));

// What the front end computes without a page: formats, merging, projection. What a person sees is tested in a browser.
export default defineConfig({
  test: {
    environment: "node",
    pool: "threads",
    projects: [
      { extends: true, test: { name: "together", include: ["test/**/*.test.ts"], exclude: alone, isolate: false } },
      { extends: true, test: { name: "alone", include: alone } },
    ],
  },
});
