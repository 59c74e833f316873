import path from "node:path";
import ts from "typescript";
import { expect, it } from "vitest";

// A word of the code ("lowerBack", "shed") that is shown as it stands would be English in every language: where a value
// of a union is given to a message or stands between tags, a table of words has to stand between.

const WORD = /^[a-z][A-Za-z]{2,}$/;
const SLOW_MACHINE_MS = 180_000;

it("no word of the code is shown as it stands", { timeout: SLOW_MACHINE_MS }, () => {
  const { config } = ts.readConfigFile("tsconfig.json", ts.sys.readFile);
  const { options, fileNames } = ts.parseJsonConfigFileContent(config, ts.sys, process.cwd());
  const shown = fileNames.filter(
    (name) => /\/src\/(islands|stores|formats|server)\//.test(name) && !/\.test\./.test(name),
  );
  const program = ts.createProgram(shown, options);
  const checker = program.getTypeChecker();
  const isRaw = (node: ts.Expression): boolean => {
    const type = checker.getTypeAtLocation(node);
    return (type.isUnion() ? type.types : [type]).some((own) => own.isStringLiteral() && WORD.test(own.value));
  };
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    const told =
      ts.isCallExpression(node) && /^m\.\w+$/.test(node.expression.getText()) ? node.arguments[0] : undefined;
    const values = told && ts.isObjectLiteralExpression(told) ? told.properties : [];
    const given = values.flatMap((own) =>
      ts.isPropertyAssignment(own) ? [own.initializer] : ts.isShorthandPropertyAssignment(own) ? [own.name] : [],
    );
    const isChild = ts.isJsxExpression(node) && !ts.isJsxAttribute(node.parent) && node.expression;
    for (const raw of [...given, ...(isChild ? [isChild] : [])].filter(isRaw)) {
      found.push(`${path.relative(".", node.getSourceFile().fileName)}: ${raw.getText()}`);
    }
    ts.forEachChild(node, visit);
  };
  const files = new Set(shown.map((name) => path.resolve(name)));
  const looked = program.getSourceFiles().filter(({ fileName }) => files.has(path.resolve(fileName)));
  looked.forEach(visit);
  expect(looked.length).toBeGreaterThan(300);
  expect(found).toEqual([]);
});
