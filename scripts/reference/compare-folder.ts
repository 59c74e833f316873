import { existsSync, readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { compareBodyCases } from "./compare-body-cases";
import { compareBodyParameters } from "./compare-body-parameters";
import { compareIreq } from "./compare-ireq";
import { compareIso9920 } from "./compare-iso9920";
import { compareSun } from "./compare-sun";
import { compareTrialOutings } from "./compare-trial-outings";
import { compareWindChill } from "./compare-wind-chill";
import type { FileReport } from "./tally";

/** Kinds of reference file this program can check. */
const COMPARERS: Readonly<Record<string, (file: never) => FileReport>> = {
  "body-cases.json": compareBodyCases,
  "body-parameters.json": compareBodyParameters,
  "ireq-cases.json": compareIreq,
  "iso9920-cases.json": compareIso9920,
  "sun-cases.json": compareSun,
  "trial-outings.json": compareTrialOutings,
  "wind-chill-cases.json": compareWindChill,
};

export type FolderResult =
  | { readonly file: string; readonly kind: "checked"; readonly report: FileReport }
  | { readonly file: string; readonly kind: "skipped"; readonly why: string }
  | { readonly file: string; readonly kind: "unreadable"; readonly why: string };

function checkFile(folder: string, file: string): FolderResult {
  const compare = COMPARERS[file];
  if (!compare) return { file, kind: "skipped", why: "not a table of cases this program knows" };
  try {
    const data = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as never;
    return { file, kind: "checked", report: compare(data) };
  } catch (error) {
    return { file, kind: "unreadable", why: (error as Error).message };
  }
}

/**
 * Checks every reference file of a folder.
 * @throws when the folder does not exist
 */
export function compareFolder(folder: string): FolderResult[] {
  if (!existsSync(folder)) throw new Error(`${folder} does not exist: give a folder with reference files`);
  return readdirSync(folder)
    .filter((file) => file.endsWith(".json"))
    .sort()
    .map((file) => checkFile(folder, file));
}

export const hasFailed = (result: FolderResult): boolean =>
  result.kind === "unreadable" ||
  (result.kind === "checked" && (result.report.cases === 0 || result.report.findings.some(({ passed }) => !passed)));
