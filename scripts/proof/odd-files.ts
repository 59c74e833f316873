import { CoreError } from "@/core/errors";
import { simulateOuting, type OutingResult } from "@/core/simulation";
import { outingFileJsonSchema, parseOutingFile } from "@/formats/outing-file/parse";
import { toOuting } from "@/formats/outing-file/to-outing";
import { oddFile } from "./odd-file";

// Whatever the format allows gets an answer in numbers or a typed error, in bounded time.

const USUAL_COUNT = 5000;
/** Simulated minutes of the longest of these files, at 12 h in some 20 ms, with room for a machine ten times as busy. */
const LONGEST_MS = 5000;
const MOST_TRIES_EACH = 20;
const SHOWN = 10;

export type Proof = {
  readonly tried: number;
  readonly answered: number;
  /** How many were refused with a typed error, by code. */
  readonly refused: Readonly<Record<string, number>>;
  readonly failures: readonly { readonly seed: number; readonly what: string }[];
  readonly medianMs: number;
  readonly longestMs: number;
};

/** The first figure of an answer that is no number; `null` when all are. Infinity stands where nothing ends. */
function oddFigure(value: unknown, path: string): string | null {
  if (typeof value === "number") return Number.isNaN(value) ? path : null;
  if (typeof value !== "object" || value === null) return null;
  const entries = ArrayBuffer.isView(value) ? [...(value as Float64Array).entries()] : Object.entries(value);
  for (const [name, own] of entries) {
    const odd = oddFigure(own, `${path}.${name}`);
    if (odd) return odd;
  }
  return null;
}

/** Simulates a file. @returns the typed error's code, `null` for an answer. @throws what nobody may throw */
function refusalOf(text: string): string | null {
  const parsed = parseOutingFile(text);
  if (!parsed.ok) return "not a file";
  let result: OutingResult;
  try {
    result = simulateOuting(toOuting(parsed.file));
  } catch (error) {
    if (error instanceof CoreError) return error.code;
    throw error;
  }
  const odd = oddFigure(result, "result");
  if (odd) throw new Error(`${odd} is no number`);
  return null;
}

/** Tries so many files that the format allows. */
export function proveOddFiles(count: number = USUAL_COUNT): Proof {
  const schema: unknown = outingFileJsonSchema();
  const failures: { seed: number; what: string }[] = [];
  const refused: Record<string, number> = {};
  const taken: number[] = [];
  let answered = 0;
  for (let seed = 1; taken.length < count && seed <= count * MOST_TRIES_EACH; seed++) {
    const text = JSON.stringify(oddFile(schema, seed));
    const start = performance.now();
    try {
      const refusal = refusalOf(text);
      if (refusal === "not a file") continue;
      if (refusal === null) answered += 1;
      else refused[refusal] = (refused[refusal] ?? 0) + 1;
    } catch (error) {
      failures.push({ seed, what: (error as Error).message });
    }
    taken.push(performance.now() - start);
    if (taken.at(-1)! > LONGEST_MS) failures.push({ seed, what: `took ${taken.at(-1)!.toFixed(0)} ms` });
  }
  const sorted = [...taken].sort((one, other) => one - other);
  return {
    tried: taken.length,
    answered,
    refused,
    failures,
    medianMs: sorted[Math.floor(sorted.length / 2)] ?? NaN,
    longestMs: sorted.at(-1) ?? NaN,
  };
}

/** What was proved, in lines. */
export const proofLines = ({ tried, answered, refused, failures, medianMs, longestMs }: Proof): string[] => [
  `${tried} odd files: ${answered} answered; refused: ${
    Object.entries(refused)
      .map(([code, times]) => `${code} ${times}`)
      .join(", ") || "none"
  }`,
  `median ${medianMs.toFixed(0)} ms, longest ${longestMs.toFixed(0)} ms`,
  `failures: ${failures.length}`,
  ...failures.slice(0, SHOWN).map(({ seed, what }) => `  no. ${seed}: ${what}`),
];
