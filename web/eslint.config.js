import reactHooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["dist", "src/api/schema.ts", "src/api/declared.ts"] },
  ...tseslint.configs.strict,
  reactHooks.configs.flat["recommended-latest"],
  {
    rules: {
      "max-lines": ["error", { max: 260, skipBlankLines: true, skipComments: true }],
      // Only src/api talks to the server.
      "no-restricted-globals": ["error", { name: "fetch", message: "Ask the server through src/api." }],
      "@typescript-eslint/no-explicit-any": "error",
    },
  },
  { files: ["src/api/**", "test/**"], rules: { "no-restricted-globals": "off" } },
);
