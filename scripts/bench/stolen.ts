import { readFileSync } from "node:fs";

/** Place of the time a host gave to others, in the first line of /proc/stat (proc(5)). */
const STEAL = 7;
const COLUMNS = 8;

const readTicks = (): { readonly stolen: number; readonly all: number } | null => {
  try {
    const ticks = readFileSync("/proc/stat", "utf8")
      .split("\n")[0]!
      .trim()
      .split(/\s+/)
      .slice(1, 1 + COLUMNS)
      .map(Number);
    return { stolen: ticks[STEAL] ?? 0, all: ticks.reduce((total, value) => total + value, 0) };
  } catch {
    return null; // not Linux
  }
};

/**
 * Starts to watch how much of the processor a host gives to others; figures taken meanwhile are as good as this is small.
 * @returns gives the sentence at the end
 */
export function watchStolen(): () => string {
  const before = readTicks();
  return () => {
    const after = readTicks();
    if (!before || !after) return "time taken by the host: not known here";
    const share = (after.stolen - before.stolen) / Math.max(1, after.all - before.all);
    return `time taken by the host meanwhile: ${(share * 100).toFixed(0)} %`;
  };
}
