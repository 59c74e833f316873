import { spawnSync } from "node:child_process";
import { readFileSync } from "node:fs";
import path from "node:path";
import { ESLint } from "eslint";
import tseslint from "typescript-eslint";
import { describe, expect, it } from "vitest";

const PLANTED = path.resolve("tests/planted");
const depcruise = path.resolve("node_modules/.bin/depcruise");
const CONFIG = path.resolve(".dependency-cruiser.cjs");

const run = (folder: string, reporter: string) =>
  spawnSync(depcruise, ["--config", CONFIG, "--output-type", reporter, "src"], {
    cwd: folder,
    encoding: "utf8",
    maxBuffer: 64e6,
  });
const cruise = (folder: string) => {
  const { summary, modules } = JSON.parse(run(folder, "json").stdout) as {
    summary: { violations: { from: string; rule: { name: string } }[] };
    modules: { source: string }[];
  };
  return { modules, violations: summary.violations.map(({ from, rule }) => `${rule.name}: ${from}`) };
};

/** The project's rules but for those that ask for types: to read the types of the whole project takes a minute. */
const eslint = new ESLint({ overrideConfig: [{ files: ["**/*.{ts,tsx}"], ...tseslint.configs.disableTypeChecked }] });
/** All of its rules, where there are few types to read. */
const typed = new ESLint({ ignore: false });

/** Problems of a text, linted as if it stood in a file of src/. */
async function lintText(text: string, standsIn: string, by = eslint): Promise<string[]> {
  const [result] = await by.lintText(text, { filePath: standsIn });
  return (result?.messages ?? []).map(({ ruleId, message }) => `${ruleId}: ${message}`);
}

const lintAs = (planted: string, standsIn: string): Promise<string[]> =>
  lintText(readFileSync(path.join(PLANTED, planted), "utf8"), standsIn);

// The check itself as well as its planted violations: `npm run check:imports` says the same in words.
describe("import directions", () => {
  it("hold in the project, and its modules are really read", () => {
    const { modules, violations } = cruise(process.cwd());
    expect(violations).toEqual([]);
    expect(modules.filter(({ source }) => source.startsWith("src/")).length).toBeGreaterThan(100);
  });

  it("a planted violation is caught: core reaching node: and the database, and past a door", () => {
    const { violations } = cruise(PLANTED);
    expect(run(PLANTED, "err").status).not.toBe(0); // the command of the checks
    expect(violations).toContain("layer-core: src/core/wind/reaches-database.ts");
    expect(violations).toContain("core-is-pure: src/core/wind/reaches-database.ts");
    expect(violations).toContain("core-doors-from-outside: src/charts/reaches-through.ts");
    expect(violations).toContain("browser-never-reaches-db: src/charts/reaches-through.ts");
  });

  it("a planted violation in an .astro file is caught, by relative path and by alias; what is allowed is not", async () => {
    const problems = await lintAs("src/components/reaches-database.astro", "src/components/planted.astro");
    const directions = problems.filter((problem) => problem.startsWith("no-restricted-imports"));
    expect(directions).toHaveLength(2);
    expect(directions[0]).toMatch(/src\/components may import only: messages, formats, islands/);
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
      path.join(PLANTED, "src/db/rows.ts"),
      typed,
    );
    expect(problems.map((problem) => problem.split(":")[0])).toEqual([
      "@typescript-eslint/no-floating-promises",
      "@typescript-eslint/no-misused-promises",
    ]);
  });
});

describe("words", () => {
  const wordsIn = async (text: string, standsIn: string): Promise<string[]> =>
    (await lintText(text, standsIn)).filter((problem) => problem.startsWith("no-restricted-syntax"));

  it("may not stand in a component: as text, in a label, chosen among two, in a list of options", async () => {
    const text = [
      "export const One = () => <p>Put something on</p>;",
      'export const Two = () => <button aria-label="Close">×</button>;',
      'export const Three = ({ on }: { on: boolean }) => <b>{on ? "Stop" : "Play"}</b>;',
      'export const OPTIONS = [["kit", "From the kit"]];',
      "export const told = (minutes: number): string => `Still for ${minutes} minutes`;",
    ].join("\n");
    expect(await wordsIn(text, "src/islands/page/late.tsx")).toHaveLength(6);
  });

  it("nor in a page or an error; class names, keys and units may", async () => {
    expect(await wordsIn("<h1>Outings</h1>", "src/components/planted.astro")).toHaveLength(1);
    expect(await wordsIn('throw new Error("The file is too large.");', "src/stores/ask.ts")).toHaveLength(1);
    const fine = 'export const Four = () => <p className="flex gap-2" id="some-id" title={m.undo}>{4} g/m²</p>;';
    expect(await wordsIn(fine, "src/islands/page/late.tsx")).toEqual([]);
  });
});
