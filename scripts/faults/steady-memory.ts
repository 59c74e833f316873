import { readFileSync } from "node:fs";
import type { OutingLine } from "@/formats/wire/outing/outing-view";
import { pause } from "./server";
import { json, openAndSave, someOuting, type Tried } from "./tried";

const BYTES_PER_KB = 1000;
const BYTES_PER_MB = 1e6;
const LOOK_EVERY_MS = 5000;
const READERS = 8;
/** Between the means of the second and the last quarter (assumption: what is kept and collected sways by less). */
const MOST_GROWTH_SHARE = 0.15;
/** A process that was begun just before still fills what it keeps: in less time nothing is said of growth. */
const JUDGED_FROM_MINUTES = 5;

export function residentMB(pid: number): number {
  const found = /VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))?.[1];
  return (Number(found ?? 0) * BYTES_PER_KB) / BYTES_PER_MB;
}

const mean = (values: readonly number[]): number => values.reduce((sum, own) => sum + own, 0) / values.length;

/** Pages asked for and outings saved for some minutes: the memory of the web process stays. */
export async function steadyMemory(address: string, pid: number, minutes: number): Promise<Tried> {
  const id = await someOuting(address);
  const pages = [
    "/",
    "/kit",
    "/logbook",
    "/trips",
    "/people",
    ...(await json<OutingLine[]>(address, "/api/outings")).flatMap((line) => [
      `/outings/${line.id}`,
      `/outings/${line.id}/card`,
    ]),
  ];
  const end = Date.now() + minutes * 60_000;
  let [asked, failed] = [0, 0];
  const readers = Array.from({ length: READERS }, async (_, reader) => {
    for (let turn = reader; Date.now() < end; turn++) {
      const answer = await fetch(`${address}${pages[turn % pages.length]}`).catch(() => null);
      await answer?.arrayBuffer();
      asked += 1;
      if (!answer?.ok) failed += 1;
    }
  });
  const saver = (async () => {
    for (let turn = 0; Date.now() < end; turn++) {
      await openAndSave(address, id, turn % 60);
      await pause(1000);
    }
  })();
  const seen: number[] = [];
  while (Date.now() < end) {
    seen.push(residentMB(pid));
    await pause(LOOK_EVERY_MS);
  }
  await Promise.all([...readers, saver]);
  const quarter = Math.max(1, Math.floor(seen.length / 4));
  const [before, after] = [mean(seen.slice(quarter, 2 * quarter)), mean(seen.slice(-quarter))];
  const problems = [
    ...(minutes >= JUDGED_FROM_MINUTES && after > before * (1 + MOST_GROWTH_SHARE)
      ? [`memory grew from ${before.toFixed(0)} to ${after.toFixed(0)} MB`]
      : []),
    ...(failed > 0 ? [`${failed} pages were not answered`] : []),
  ];
  return {
    said: `${asked} pages in ${minutes} min: memory ${before.toFixed(0)} → ${after.toFixed(0)} MB (second and last quarter), most ${Math.max(...seen).toFixed(0)} MB`,
    problems,
  };
}
