import { readFileSync } from "node:fs";
import path from "node:path";
import ts from "typescript";
import { beforeAll, describe, expect, it } from "vitest";

// Asked of the compiler, which reads the whole project once: it takes most of this file's time.
//
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

/** The project's own sources, some of them replaced. */
function read(sources: ReadonlyMap<string, string>): ts.Program {
  const { config } = ts.readConfigFile("tsconfig.json", ts.sys.readFile);
  const { options, fileNames } = ts.parseJsonConfigFileContent(config, ts.sys, process.cwd());
  const host = ts.createCompilerHost(options);
  const fromDisk = host.readFile.bind(host);
  host.readFile = (name) => sources.get(path.resolve(name)) ?? fromDisk(name);
  const files = fileNames.filter((name) => /\/src\/|\.d\.ts$/.test(name) && !/\.test\.tsx?$/.test(name));
  return ts.createProgram(files, options, host);
}

let program: ts.Program;
beforeAll(() => {
  program = read(plantedSources());
}, 180_000);

const named = (file: ts.SourceFile | undefined): string => path.relative(process.cwd(), file?.fileName ?? "");

describe("what is planted and not told", () => {
  let found: { readonly file: string; readonly message: string }[];
  beforeAll(() => {
    found = program.getSemanticDiagnostics().map(({ file, messageText }) => ({
      file: named(file),
      message: ts.flattenDiagnosticMessageText(messageText, " "),
    }));
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

// A word of the code ("lowerBack", "shed") that is shown as it stands would be English in every language: where a value
// of a union is given to a message or stands between tags, a table of words has to stand between.
describe("a word of the code", () => {
  const WORD = /^[a-z][A-Za-z]{2,}$/;

  function rawWords(file: ts.SourceFile, checker: ts.TypeChecker): string[] {
    const found: string[] = [];
    const isRaw = (node: ts.Expression): boolean => {
      const type = checker.getTypeAtLocation(node);
      return (type.isUnion() ? type.types : [type]).some((own) => own.isStringLiteral() && WORD.test(own.value));
    };
    const visit = (node: ts.Node): void => {
      const told =
        ts.isCallExpression(node) && /^m\.\w+$/.test(node.expression.getText()) ? node.arguments[0] : undefined;
      const values = told && ts.isObjectLiteralExpression(told) ? told.properties : [];
      const given = values.flatMap((own) =>
        ts.isPropertyAssignment(own) ? [own.initializer] : ts.isShorthandPropertyAssignment(own) ? [own.name] : [],
      );
      const isChild = ts.isJsxExpression(node) && !ts.isJsxAttribute(node.parent) && node.expression;
      for (const raw of [...given, ...(isChild ? [isChild] : [])].filter(isRaw)) {
        found.push(`${named(file)}: ${raw.getText()}`);
      }
      ts.forEachChild(node, visit);
    };
    visit(file);
    return found;
  }

  it("is not shown as it stands", () => {
    const shown = program
      .getSourceFiles()
      .filter((file) => /^src\/(islands|stores|formats|server)\//.test(named(file)));
    const checker = program.getTypeChecker();
    expect(shown.length).toBeGreaterThan(300);
    expect(shown.flatMap((file) => rawWords(file, checker))).toEqual([]);
  });
});
