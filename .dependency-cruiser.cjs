// Who may import whom; the same table guards `.astro` files in eslint.config.js, and tests plant violations in both.
const may = require("./scripts/check/layers.cjs");

const app = "\\.test\\.tsx?$";
const rule = (name, from, to) => ({ name, severity: "error", from, to });

module.exports = {
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    doNotFollow: { path: "node_modules" },
    enhancedResolveOptions: { exportsFields: ["exports"], conditionNames: ["import", "node", "default"] },
  },
  forbidden: [
    ...Object.entries(may).map(([own, allowed]) =>
      rule(
        `layer-${own}`,
        { path: `^src/${own}/`, pathNot: app },
        { path: "^src/", pathNot: `^src/(${[own, ...allowed].join("|")})/` },
      ),
    ),
    rule(
      "core-is-pure",
      { path: "^src/core/", pathNot: app },
      { pathNot: "^src/(core|messages)/|^node_modules/(suncalc|ml-matrix)/" },
    ),
    rule(
      "core-doors",
      { path: "^src/core/([^/]+)/" },
      { path: "^src/core/", pathNot: "^src/core/($1/|[^/]+/index\\.ts$)" },
    ),
    rule(
      "core-doors-from-outside",
      { path: "^src/(?!core/)" },
      { path: "^src/core/", pathNot: "^src/core/[^/]+/index\\.ts$" },
    ),
    rule(
      "browser-never-reaches-db",
      { path: "^src/(islands|stores|charts|workers)/", pathNot: app },
      { path: "^src/(db|server)/", reachable: true },
    ),
    rule("drivers-in-db", { path: "^src/", pathNot: "^src/db/" }, { path: "node_modules/(drizzle-orm|pg|postgres)/" }),
    rule("no-cycles", {}, { circular: true }),
  ],
};
