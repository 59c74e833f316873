import { readFileSync } from "node:fs";
import { CoreError } from "@/core/errors";
import { simulateOuting } from "@/core/outing";
import { describeResult, describeSeries } from "@/formats/outing-file/describe-result";
import { parseOutingFile } from "@/formats/outing-file/parse";
import { toOuting } from "@/formats/outing-file/to-outing";

const USAGE = "usage: npm run -s outing -- FILE [--series]   (FILE may be - for standard input)";
const BAD_INPUT = 2;

function fail(lines: readonly string[]): never {
  for (const line of lines) console.error(line);
  process.exit(BAD_INPUT);
}

function readText(file: string): string {
  try {
    return readFileSync(file === "-" ? 0 : file, "utf8");
  } catch (error) {
    return fail([
      `${file}: cannot be read (${(error as NodeJS.ErrnoException).code ?? "error"}). Give the path of a file, or -.`,
    ]);
  }
}

const args = process.argv.slice(2);
const withSeries = args.includes("--series");
const unknown = args.filter((arg) => arg.startsWith("--") && arg !== "--series");
const files = args.filter((arg) => !arg.startsWith("--"));
if (unknown.length > 0 || files.length !== 1) fail([USAGE]);

const parsed = parseOutingFile(readText(files[0]!));
if (!parsed.ok) fail(parsed.problems.map(({ path, reason }) => `${path}: ${reason}`));
try {
  const result = simulateOuting(toOuting(parsed.file));
  const answer = describeResult(result, parsed.file.startsAt);
  console.log(JSON.stringify(withSeries ? { ...answer, series: describeSeries(result) } : answer, null, 2));
} catch (error) {
  if (error instanceof CoreError) fail([`(whole file): ${error.message}`]);
  throw error;
}
