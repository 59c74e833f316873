import { compareFolder, hasFailed, type FolderResult } from "./compare-folder";
import type { Finding } from "./tally";

const BAD_INPUT = 2;

function print(result: FolderResult): void {
  if (result.kind !== "checked") {
    console.log(`${result.file}: ${result.kind} — ${result.why}`);
    return;
  }
  const { cases, findings, notes } = result.report;
  console.log(`${result.file}: ${cases} cases — ${hasFailed(result) ? "FAIL" : "pass"}`);
  for (const finding of findings) console.log(`  ${line(finding)}`);
  for (const note of notes) console.log(`  note  ${note}`);
}

const line = ({ quantity, worst, tolerance, unit, where, passed }: Finding): string =>
  `${passed ? "pass" : "FAIL"}  ${quantity.padEnd(20)} worst ${worst.toPrecision(3).padStart(9)}  allowed ${tolerance} ${unit}  (${where})`;

const [folder, ...rest] = process.argv.slice(2);
if (!folder || rest.length > 0) {
  console.error("usage: npm run -s reference -- FOLDER");
  process.exit(BAD_INPUT);
}
try {
  const results = compareFolder(folder);
  results.forEach(print);
  const checked = results.filter(({ kind }) => kind === "checked").length;
  if (checked === 0) console.log(`${folder} holds no reference file this program can check`);
  process.exitCode = results.some(hasFailed) || checked === 0 ? 1 : 0;
} catch (error) {
  console.error((error as Error).message);
  process.exitCode = BAD_INPUT;
}
