import { readFileSync } from "node:fs";
import { whatBuysMinutes } from "@/core/changes";
import { CoreError } from "@/core/errors";
import { cautionsOf, goOrStay, standardOpinion, type StandardOpinion } from "@/core/opinion";
import { minutesRange } from "@/core/range";
import { traceVerdict } from "@/core/trace";
import { simulateOuting } from "@/core/simulation";
import { describeDay } from "@/formats/outing-file/describe-day";
import { describeResult, describeSeries } from "@/formats/outing-file/describe-result";
import { parseOutingFile } from "@/formats/outing-file/parse";
import { toOuting } from "@/formats/outing-file/to-outing";

const USAGE = [
  "usage: npm run -s outing -- FILE [--series] [--range] [--opinion] [--changes] [--why] [--day]   (FILE may be - for standard input)",
  "  --series  curves, a value a minute          --range    10th to 90th of 100 for the deciding sit",
  "  --opinion what the standards say            --changes  what buys minutes, ranked",
  "  --why     from the verdict down to the labels   --day  kind of day, what to shed and add, light",
];
const FLAGS = ["--series", "--range", "--opinion", "--changes", "--why", "--day"] as const;
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
const asked = (flag: (typeof FLAGS)[number]): boolean => args.includes(flag);
const unknown = args.filter((arg) => arg.startsWith("--") && !FLAGS.some((flag) => flag === arg));
const files = args.filter((arg) => !arg.startsWith("--"));
if (unknown.length > 0 || files.length !== 1) fail(USAGE);

const parsed = parseOutingFile(readText(files[0]!));
if (!parsed.ok) fail(parsed.problems.map(({ path, reason }) => `${path}: ${reason}`));
try {
  const outing = toOuting(parsed.file);
  const result = simulateOuting(outing);
  const sit = result.sits[result.decidingSit]!;
  const answer = {
    ...describeResult(result, parsed.file.startsAt),
    cautions: cautionsOf(outing),
    ...(asked("--range") ? { range: minutesRange(outing, result.decidingSit) } : {}),
    ...(asked("--opinion") ? withAdvice(standardOpinion(outing, sit)) : {}),
    ...(asked("--changes") ? { changes: whatBuysMinutes(outing, result.decidingSit) } : {}),
    ...(asked("--day") ? { day: describeDay(outing, parsed.file.startsAt) } : {}),
    ...(asked("--why") ? { why: traceVerdict(outing, sit) } : {}),
    ...(asked("--series") ? { series: describeSeries(result) } : {}),
  };
  console.log(JSON.stringify(answer, null, 2));

  function withAdvice(opinion: StandardOpinion): object {
    return { opinion, goOrStay: goOrStay(sit, opinion) };
  }
} catch (error) {
  if (error instanceof CoreError) fail([`(whole file): ${error.message}`]);
  throw error;
}
