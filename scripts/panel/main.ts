import { readFileSync } from "node:fs";
import { answerCase, type PanelAnswer } from "./answer";
import { parsePanel } from "./panel-file";

// How long sits of a panel last by the model, beside what practice expects of them. A panel to argue with: nothing here
// fails a build, and no constant is moved to please a case.

const BAD_INPUT = 2;
/** Off by more than this, a case asks for an explanation. */
const FAR_OFF = 2;

const minutesText = (minutes: number | null): string => (minutes === null ? "longer" : String(minutes));

/** How many times a case lies beyond its band; 1 inside. */
function offBy({ minutes, expectMinutes: [least, most] }: PanelAnswer): number {
  if (minutes === null) return Infinity;
  return minutes < least ? least / Math.max(1, minutes) : Math.max(1, minutes / most);
}

function print(answers: readonly PanelAnswer[]): void {
  for (const answer of answers) {
    const { name, minutes, low, high, limit, runnerUp, inside, expectMinutes, expectLimit, standardMinutes } = answer;
    const mark = inside ? "inside " : offBy(answer) > FAR_OFF ? "FAR    " : "outside";
    const wanted = expectLimit && !(limit ?? "").includes(expectLimit) ? ` (expected: ${expectLimit})` : "";
    console.log(`${mark} ${minutesText(minutes).padStart(6)} min  expected ${expectMinutes.join("…")}  ${name}`);
    console.log(
      `        ${limit ?? "nothing"}${wanted}, then ${runnerUp ?? "nothing"}; range ${minutesText(low)}…${minutesText(high)}, single run ${minutesText(answer.singleMinutes)}; ISO 11079 ${minutesText(standardMinutes)}; ${answer.why}`,
    );
  }
  const inside = answers.filter((answer) => answer.inside).length;
  const far = answers.filter((answer) => offBy(answer) > FAR_OFF).length;
  console.log(`\n${inside} of ${answers.length} inside, ${far} off by more than two times`);
}

const [file, ...rest] = process.argv.slice(2).filter((word) => word !== "--json");
if (!file || rest.length > 0) {
  console.error("usage: npm run -s panel -- FILE [--json]");
  process.exit(BAD_INPUT);
}
try {
  const panel = parsePanel(readFileSync(file, "utf8"));
  const answers = panel.cases.map((own) => answerCase(panel, own));
  if (process.argv.includes("--json")) {
    const told = answers.map(({ name, minutes, limit, runnerUp, inside }) => ({
      name,
      minutes,
      limit,
      runnerUp,
      inside,
    }));
    console.log(JSON.stringify(told, null, 1));
  } else print(answers);
} catch (error) {
  console.error(`panel: ${(error as Error).message}`);
  process.exit(BAD_INPUT);
}
