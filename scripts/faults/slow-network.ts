import net from "node:net";
import { max, median } from "d3-array";
import { startProxy } from "./proxy";
import { pause } from "./server";
import { openAndSave, someOuting, type Tried } from "./tried";

/** A weak mobile network (assumption), by those who are on it at once. */
const SLOW = { latencyMs: 150, bytesPerS: 40_000 };
const SLOW_PEOPLE = 12;
/** Connections that send a letter of their head now and then and never end it. */
const HANGING = 200;
const LETTER_EVERY_MS = 500;
const MEASURED = 60;
/** How many times as long saves may take beside slow ones, at the median: the machine's own speed is no fault. */
const BESIDE_MOST_TIMES = 3;
/** And no single one longer, on a machine that does nothing else. */
const BESIDE_MOST_MS = 1500;

/** Saves one after the other. @returns how long each took, ms */
async function timedSaves(address: string, id: string, problems: string[]): Promise<number[]> {
  const times: number[] = [];
  for (let turn = 0; turn < MEASURED; turn++) {
    const began = performance.now();
    const status = await openAndSave(address, id, turn % 60);
    times.push(performance.now() - began);
    if (status !== 200) problems.push(`a save answered ${status}`);
    await pause(100);
  }
  return times;
}

/** Whoever is on a slow network is served, and holds up nobody else. */
export async function slowNetwork(address: string): Promise<Tried> {
  const port = Number(new URL(address).port);
  const proxy = await startProxy(port, SLOW);
  const problems: string[] = [];
  const id = await someOuting(address);
  const alone = await timedSaves(address, id, problems);
  const hanging = Array.from({ length: HANGING }, () => {
    const socket = net.connect(port, "127.0.0.1").on("error", () => undefined);
    socket.write(`PUT /api/outings/${id} HTTP/1.1\r\nhost: 127.0.0.1\r\nx-slow: `);
    return socket;
  });
  const letters = setInterval(() => hanging.forEach((socket) => socket.writable && socket.write("a")), LETTER_EVERY_MS);
  try {
    const slow = Array.from({ length: SLOW_PEOPLE }, async () => {
      const answer = await fetch(`http://127.0.0.1:${proxy.port}/outings/${id}`).catch(() => null);
      const text = await answer?.text().catch(() => "");
      return answer?.status === 200 && text?.includes("</html>");
    });
    const beside = await timedSaves(address, id, problems);
    const times = median(beside)! / median(alone)!;
    if (times > BESIDE_MOST_TIMES) problems.push(`saves beside slow ones took ${times.toFixed(1)} times as long`);
    const slowestMs = max(beside)!;
    if (slowestMs > BESIDE_MOST_MS) problems.push(`a save beside slow ones took ${slowestMs.toFixed(0)} ms`);
    const served = (await Promise.all(slow)).filter(Boolean).length;
    if (served < SLOW_PEOPLE) problems.push(`${SLOW_PEOPLE - served} on a slow network were not served`);
    return {
      said: `${served} of ${SLOW_PEOPLE} on a slow network served, ${HANGING} hanging; saves beside them ${times.toFixed(1)} times as long as alone (median ${median(alone)!.toFixed(0)} ms), the slowest ${slowestMs.toFixed(0)} ms`,
      problems,
    };
  } finally {
    clearInterval(letters);
    for (const socket of hanging) socket.destroy();
    proxy.close();
  }
}
