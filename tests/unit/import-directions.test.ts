import { spawnSync } from "node:child_process";
import { readFileSync } from "node:fs";
import path from "node:path";
import { ESLint } from "eslint";
import { describe, expect, it } from "vitest";

const PLANTED = path.resolve("tests/planted");
const depcruise = path.resolve("node_modules/.bin/depcruise");
const CONFIG = path.resolve(".dependency-cruiser.cjs");

const cruise = (folder: string) => {
  const run = (reporter: string) =>
    spawnSync(depcruise, ["--config", CONFIG, "--output-type", reporter, "src"], {
      cwd: folder,
      encoding: "utf8",
      maxBuffer: 64e6,
    });
  const { status } = run("err"); // the command of the checks
  const { stdout } = run("json");
  const { summary, modules } = JSON.parse(stdout) as {
    summary: { violations: { from: string; rule: { name: string } }[] };
    modules: { source: string }[];
  };
  return { status, modules, violations: summary.violations.map(({ from, rule }) => `${rule.name}: ${from}`) };
};

/** Problems of a text, linted as if it stood in a file of src/: one that there is, since rules ask for its types. */
async function lintText(text: string, standsIn: string): Promise<string[]> {
  const [result] = await new ESLint().lintText(text, { filePath: standsIn });
  return (result?.messages ?? []).map(({ ruleId, message }) => `${ruleId}: ${message}`);
}

const lintAs = (planted: string, standsIn: string): Promise<string[]> =>
  lintText(readFileSync(path.join(PLANTED, planted), "utf8"), standsIn);

describe("import directions", () => {
  it("hold in the project, and its modules are really read", () => {
    const { status, modules, violations } = cruise(process.cwd());
    expect(violations).toEqual([]);
    expect(status).toBe(0);
    expect(modules.filter(({ source }) => source.startsWith("src/")).length).toBeGreaterThan(100);
  });

  it("a planted violation is caught: core reaching node: and the database, and past a door", () => {
    const { status, violations } = cruise(PLANTED);
    expect(status).not.toBe(0);
    expect(violations).toContain("layer-core: src/core/wind/reaches-database.ts");
    expect(violations).toContain("core-is-pure: src/core/wind/reaches-database.ts");
    expect(violations).toContain("core-doors-from-outside: src/charts/reaches-through.ts");
    expect(violations).toContain("browser-never-reaches-db: src/charts/reaches-through.ts");
  });

  it("a planted violation in an .astro file is caught, by relative path and by alias; what is allowed is not", async () => {
    const problems = await lintAs("src/components/reaches-database.astro", "src/components/planted.astro");
    const directions = problems.filter((problem) => problem.startsWith("no-restricted-imports"));
    expect(directions).toHaveLength(2);
    expect(directions[0]).toMatch(/src\/components may import only: formats, islands/);
  });

  it("the core may not read a clock nor unseeded randomness", async () => {
    const problems = await lintAs("src/core/wind/reads-clock.ts", "src/core/weather/weather-hour.ts");
    expect(problems.map((problem) => problem.split(":")[0])).toEqual([
      "no-restricted-globals",
      "no-restricted-properties",
    ]);
  });

  it("a promise may not be left floating, nor given where nobody waits for it", async () => {
    const problems = await lintText(
      "const later = async (): Promise<void> => undefined;\nlater();\nsetTimeout(later, 1);\n",
      "src/stores/ask.ts",
    );
    expect(problems.map((problem) => problem.split(":")[0])).toEqual([
      "@typescript-eslint/no-floating-promises",
      "@typescript-eslint/no-misused-promises",
    ]);
  });
});
