import { readFileSync } from "node:fs";
import path from "node:path";
import ts from "typescript";
import { beforeAll, describe, expect, it } from "vitest";

// A new limit or kind of piece must not compile wherever it is not told. One of each is planted in the source as the
// compiler reads it; the files it then complains of are the lists in CONTRIBUTING.md.

const PLANTED = {
  plantedLimit: { file: "src/core/limits/limit-table.ts", before: '"heatDebt"] as const' },
  plantedKind: { file: "src/core/pieces/kind-table.ts", before: '"heatSource",\n] as const' },
} as const;

function plantedSources(): ReadonlyMap<string, string> {
  return new Map(
    Object.entries(PLANTED).map(([name, { file, before }]) => {
      const source = readFileSync(file, "utf8");
      if (!source.includes(before)) throw new Error(`${file} has no ${before}`);
      return [path.resolve(file), source.replace(before, `"${name}", ${before}`)];
    }),
  );
}

/** What the compiler says, a file and a message each. */
function compiled(sources: ReadonlyMap<string, string>): { readonly file: string; readonly message: string }[] {
  const { config } = ts.readConfigFile("tsconfig.json", ts.sys.readFile);
  const { options, fileNames } = ts.parseJsonConfigFileContent(config, ts.sys, process.cwd());
  const host = ts.createCompilerHost(options);
  const read = host.readFile.bind(host);
  host.readFile = (name) => sources.get(path.resolve(name)) ?? read(name);
  const files = fileNames.filter((name) => /\/src\/|\.d\.ts$/.test(name) && !/\.test\.tsx?$/.test(name));
  return ts
    .createProgram(files, options, host)
    .getSemanticDiagnostics()
    .map(({ file, messageText }) => ({
      file: path.relative(process.cwd(), file?.fileName ?? ""),
      message: ts.flattenDiagnosticMessageText(messageText, " "),
    }));
}

describe("what is planted and not told", () => {
  let found: ReturnType<typeof compiled>;
  beforeAll(() => {
    found = compiled(plantedSources());
  }, 180_000);
  const brokenBy = (name: keyof typeof PLANTED): string[] =>
    [...new Set(found.flatMap(({ file, message }) => (message.includes(name) ? [file] : [])))].sort();

  it("a limit does not compile in the table, where it is watched, told and drawn", () => {
    expect(brokenBy("plantedLimit")).toEqual([
      "src/core/limits/limit-table.ts",
      "src/core/simulation/sit-watches.ts",
      "src/formats/display/words/limit-words.ts",
      "src/islands/day-sheet/time-axis/curves/limit-curves.ts",
    ]);
  });

  it("a kind of piece does not compile in the table and among the words", () => {
    expect(brokenBy("plantedKind")).toEqual([
      "src/core/pieces/kind-table.ts",
      "src/formats/display/words/label-words.ts",
    ]);
  });
});
