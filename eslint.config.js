import astro from "eslint-plugin-astro";
import reactHooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";
import layers from "./scripts/check/layers.cjs";

const CORE_MUST_NOT = [
  "fetch",
  "process",
  "window",
  "document",
  "navigator",
  "setTimeout",
  "setInterval",
  "Date",
  "crypto",
];

const IN_A_CATALOGUE = "Words stand in messages/, in every language: read them as m.…";
const NO_WORDS = [
  "JSXText[value=/[A-Za-zÀ-ÿ]{3}/]:not([value=/^[\\s·]*Umiak\\s*$/])",
  "JSXAttribute[name.name=/^(label|title|placeholder|alt|heading|head|aria-label|aria-description)$/] > Literal[value=/[A-Za-z]{2}/]",
  "JSXElement > JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > Literal[value=/^[A-Za-zÀ-ÿ]{2}/]",
  // A sentence, or the beginning of one.
  "Literal[value=/^[A-Z][a-z]+,? [a-zA-Z]/]",
  "TemplateElement[value.raw=/^[A-Z][a-z]+,? [a-z]|[a-z,] [a-z]{2,}[.?!]?$/]",
].map((selector) => ({ selector, message: IN_A_CATALOGUE }));

const mayNotImport = (own) => ({
  patterns: [
    {
      // dependency-cruiser does not read .astro: the same table, by the shape of the path.
      regex: `^(@/|(\\.\\./)+(src/)?)(?!(${[own, ...layers[own]].join("|")})/)(${Object.keys(layers).join("|")})/`,
      message: `src/${own} may import only: ${layers[own].join(", ")}`,
    },
  ],
});

export default tseslint.config(
  {
    ignores: [
      "dist/",
      ".astro/",
      "node_modules/",
      ".data/",
      "test-results/",
      "playwright-report/",
      "tests/planted/",
      "src/messages/",
    ],
  },
  ...tseslint.configs.strict,
  ...astro.configs.recommended,
  {
    rules: {
      "@typescript-eslint/no-non-null-assertion": "off", // arrays of fixed length are read by index everywhere
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", varsIgnorePattern: "^_" }],
      eqeqeq: "error",
    },
  },
  {
    files: ["src/**/*.{ts,tsx}", "scripts/**/*.ts", "tests/**/*.{ts,tsx}"],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      "@typescript-eslint/no-floating-promises": "error",
      "@typescript-eslint/no-misused-promises": "error",
      "@typescript-eslint/await-thenable": "error",
    },
  },
  {
    files: ["src/core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-globals": ["error", ...CORE_MUST_NOT],
      "no-restricted-properties": [
        "error",
        { object: "Math", property: "random", message: "Randomness is an argument." },
      ],
    },
  },
  {
    files: ["src/core/sun/sun-position.ts"], // wraps the sun-position package, which speaks in Date
    rules: { "no-restricted-globals": ["error", ...CORE_MUST_NOT.filter((name) => name !== "Date")] },
  },
  {
    files: [
      "src/{islands,components,pages,stores}/**/*.{ts,tsx,astro}",
      "src/formats/display/**/*.ts",
      "src/server/**/*.ts",
    ],
    ignores: ["**/*.test.{ts,tsx}", "src/server/demo/**", "src/server/log.ts", "src/formats/display/language.ts"],
    rules: { "no-restricted-syntax": ["error", ...NO_WORDS] },
  },
  { files: ["src/islands/**/*.tsx"], ...reactHooks.configs.flat["recommended-latest"] },
  ...Object.keys(layers).map((own) => ({
    files: [`src/${own}/**/*.astro`],
    rules: { "no-restricted-imports": ["error", mayNotImport(own)] },
  })),
  {
    files: ["**/*.cjs"],
    languageOptions: { globals: { module: "writable", require: "readonly" } },
    rules: { "@typescript-eslint/no-require-imports": "off" },
  },
);
