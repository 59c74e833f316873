import { isMainThread } from "node:worker_threads";
import { whatBuysMinutes } from "@/core/changes";
import { CoreError } from "@/core/errors";
import { cautionsOf, goOrStay, standardOpinion, type StandardOpinion } from "@/core/opinion";
import { minutesRange } from "@/core/range";
import { traceVerdict } from "@/core/trace";
import { simulateOuting, type SitAnswer } from "@/core/simulation";
import { describeDay } from "@/formats/outing-file/describe-day";
import { describeResult, describeSeries } from "@/formats/outing-file/describe-result";
import { toOuting } from "@/formats/outing-file/to-outing";
import { fail, readOutingFile } from "./command";
import { answerLines } from "./lines";

const USAGE = [
  "usage: npm run -s outing -- FILE [--series] [--range] [--opinion] [--changes] [--why] [--day]   (FILE may be - for standard input)",
  "  --series  curves, a value a minute          --range    10th to 90th of 100 for the deciding sit",
  "  --opinion what the standards say            --changes  what buys minutes, ranked",
  "  --why     from the verdict down to the labels   --day  kind of day, what to shed and add, light",
  "       npm run -s outing -- --lines   reads a file a line from standard input, prints an answer a line, on all cores",
];
const FLAGS = ["--series", "--range", "--opinion", "--changes", "--why", "--day", "--lines"] as const;
/** What a thread runs. */
export { answerLine } from "./lines";

if (isMainThread) await main(process.argv.slice(2));

async function main(args: readonly string[]): Promise<void> {
  const isAsked = (flag: (typeof FLAGS)[number]): boolean => args.includes(flag);
  const unknown = args.filter((arg) => arg.startsWith("--") && !FLAGS.some((flag) => flag === arg));
  const files = args.filter((arg) => !arg.startsWith("--"));
  if (unknown.length > 0) fail(USAGE);
  if (isAsked("--lines")) {
    if (files.length > 0 || args.length > 1) fail(USAGE);
    return answerLines();
  }
  if (files.length !== 1) fail(USAGE);
  const file = readOutingFile(files[0]!);
  try {
    const outing = toOuting(file);
    const result = simulateOuting(outing);
    const sit = result.sits[result.decidingSit]!;
    const answer = {
      ...describeResult(result, file.startsAt),
      cautions: cautionsOf(outing),
      ...(isAsked("--range") ? { range: minutesRange(outing, result.decidingSit) } : {}),
      ...(isAsked("--opinion") ? withAdvice(sit, standardOpinion(outing, sit)) : {}),
      ...(isAsked("--changes") ? { changes: whatBuysMinutes(outing, result.decidingSit) } : {}),
      ...(isAsked("--day") ? { day: describeDay(outing, file.startsAt) } : {}),
      ...(isAsked("--why") ? { why: traceVerdict(outing, sit) } : {}),
      ...(isAsked("--series") ? { series: describeSeries(result) } : {}),
    };
    console.log(JSON.stringify(answer, null, 2));
  } catch (error) {
    if (error instanceof CoreError) fail([`(whole file): ${error.message}`]);
    throw error;
  }
}

function withAdvice(sit: SitAnswer, opinion: StandardOpinion): object {
  return {
    opinion,
    goOrStay: goOrStay(sit, opinion),
  };
}
