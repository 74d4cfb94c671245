import { expect, test } from "vitest";
import { fonts } from "../../src/theme/tokens";

const SOURCES = import.meta.glob<string>("../../src/**/*.{ts,tsx}", { query: "?raw", import: "default", eager: true });

test("headings are set in the font that ships, and its name is said in one place", () => {
  const [first = ""] = fonts.heading.split(",");
  expect(SOURCES["../../src/main.tsx"]).toContain(`"@fontsource/${first.toLowerCase()}/600.css"`);
  const naming = Object.entries(SOURCES).filter(([, text]) => text.includes(first));
  expect(naming.map(([path]) => path)).toEqual(["../../src/theme/tokens.ts"]);
});
