import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { parseOutingFile, type ParsedOutingFile } from "@/formats/outing-file/parse";
import type { OutingFile } from "@/formats/outing-file/schema/outing-schema";

// What the commands that take an outing file have in common.

const BAD_INPUT = 2;

/** Says on standard error what is wrong, and ends. */
export function fail(lines: readonly string[]): never {
  for (const line of lines) console.error(line);
  process.exit(BAD_INPUT);
}

export function readText(file: string): string {
  try {
    return readFileSync(file === "-" ? 0 : file, "utf8");
  } catch (error) {
    return fail([
      `${file}: cannot be read (${(error as NodeJS.ErrnoException).code ?? "error"}). Give the path of a file, or -.`,
    ]);
  }
}

/** What is wrong with a file, a line a problem. */
export const problemLines = (parsed: Extract<ParsedOutingFile, { ok: false }>): string[] =>
  parsed.problems.map(({ path, reason }) => `${path}: ${reason}`);

export function readOutingFile(file: string): OutingFile {
  const parsed = parseOutingFile(readText(file));
  return parsed.ok ? parsed.file : fail(problemLines(parsed));
}

/** Of a command that takes one file, and prints lines or JSON. */
export function askedForFile(usage: readonly string[]): { readonly path: string; readonly isJson: boolean } {
  try {
    const { values, positionals } = parseArgs({ options: { json: { type: "boolean" } }, allowPositionals: true });
    const [path] = positionals;
    if (path && positionals.length === 1) return { path, isJson: values.json ?? false };
  } catch (error) {
    return fail([(error as Error).message, ...usage]);
  }
  return fail(usage);
}
