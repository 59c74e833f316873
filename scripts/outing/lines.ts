import { availableParallelism } from "node:os";
import { createInterface } from "node:readline";
import { fileURLToPath } from "node:url";
import { Piscina } from "piscina";
import { CoreError } from "@/core/errors";
import { simulateOuting } from "@/core/simulation";
import { describeResult } from "@/formats/outing-file/describe-result";
import { parseOutingFile } from "@/formats/outing-file/parse";
import { toOuting } from "@/formats/outing-file/to-outing";

/** So many lines wait to be printed in order, at most: memory stays small however many come. */
const MOST_WAITING = 256;

/** The answer to one line, as one line: what the outing tool prints, or what is wrong with it. */
export function answerLine(line: string): string {
  const parsed = parseOutingFile(line);
  if (!parsed.ok) return JSON.stringify({ error: parsed.problems });
  try {
    return JSON.stringify(describeResult(simulateOuting(toOuting(parsed.file)), parsed.file.startsAt));
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    return JSON.stringify({ error: [{ path: "(whole file)", code: error.code, reason: error.message }] });
  }
}

/** Reads an outing file a line from standard input and prints an answer a line, in their order, on all cores. */
export async function answerLines(): Promise<void> {
  const pool = new Piscina<string, string>({
    filename: fileURLToPath(import.meta.url),
    name: "answerLine",
    maxThreads: availableParallelism(),
  });
  const waiting: Promise<string>[] = [];
  const printFirst = async (): Promise<void> => {
    const answer = await waiting.shift()!;
    if (!process.stdout.write(`${answer}\n`)) await new Promise((resolve) => process.stdout.once("drain", resolve));
  };
  for await (const line of createInterface({ input: process.stdin })) {
    if (line.trim() === "") continue;
    waiting.push(pool.run(line));
    if (waiting.length >= MOST_WAITING) await printFirst();
  }
  while (waiting.length > 0) await printFirst();
  await pool.destroy();
}
