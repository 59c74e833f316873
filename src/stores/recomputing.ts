import type { OutingLine } from "@/formats/wire/outing/outing-view";
import { ask } from "./ask";

const LOOK_EVERY_MS = 700;
/** After so long without an answer a page leaves it to its reader to look again. */
const LONGEST_MS = 120_000;

/**
 * Waits until the figures of outings hold.
 * @param signal ends the waiting
 * @returns the outings by id once none is being recomputed; `null` where that took too long or was ended
 */
export async function untilRecomputed(
  outingIds: readonly string[],
  signal?: AbortSignal,
): Promise<ReadonlyMap<string, OutingLine> | null> {
  const end = Date.now() + LONGEST_MS;
  while (Date.now() < end && !signal?.aborted) {
    // What cannot be asked now, without a network for one, may be asked later.
    const lines = await ask<OutingLine[]>("/api/outings").catch(() => null);
    const byId = new Map(lines?.map((line) => [line.id, line]));
    if (lines && outingIds.every((id) => !byId.get(id)?.isRecomputing)) return byId;
    await new Promise((resolve) => setTimeout(resolve, LOOK_EVERY_MS));
  }
  return null;
}
