import { Agent, get } from "node:http";
import { setTimeout as pause } from "node:timers/promises";
import type { OutingLine } from "@/formats/wire/outing/outing-view";

const CONNECTIONS = 16;
const MEASURED_MS = 8000;
/** So long is asked before anything is counted: the program warms up. */
const WARM_UP_MS = 4000;
const LOOK_EVERY_MS = 500;

/** Day sheets sent in a second to so many who ask at once, the asking program on the same machine. */
export async function sheetsPerSecond(address: string): Promise<number> {
  const outingIds = await settledOutings(address);
  // Not `fetch`, which costs as much of the shared processor as the answer does.
  const agent = new Agent({ keepAlive: true, maxSockets: CONNECTIONS });
  const read = (sheet: number): Promise<void> =>
    new Promise((resolve, reject) => {
      get(`${address}/outings/${outingIds[sheet % outingIds.length]!}`, { agent }, (response) => {
        if (response.statusCode !== 200) reject(new Error(`a sheet answered ${response.statusCode}`));
        response.resume().on("end", resolve).on("error", reject);
      }).on("error", reject);
    });
  const readFor = async (ms: number): Promise<number> => {
    const end = performance.now() + ms;
    let sent = 0;
    await Promise.all(
      Array.from({ length: CONNECTIONS }, async () => {
        while (performance.now() < end) await read(sent++);
      }),
    );
    return sent;
  };
  await readFor(WARM_UP_MS);
  const start = performance.now();
  const sent = await readFor(MEASURED_MS);
  const seconds = (performance.now() - start) / 1000;
  agent.destroy();
  return sent / seconds;
}

/** All outings, once nothing of them is being recomputed. */
async function settledOutings(address: string): Promise<string[]> {
  for (;;) {
    const lines = (await (await fetch(`${address}/api/outings`)).json()) as OutingLine[];
    if (!lines.some(({ isRecomputing }) => isRecomputing)) return lines.map(({ id }) => id);
    await pause(LOOK_EVERY_MS);
  }
}
