import { spawn } from "node:child_process";
import autocannon from "autocannon";
import { contentOfView } from "@/formats/wire/outing/content-of-view";
import type { OutingLine, OutingView } from "@/formats/wire/outing/outing-view";
import { freePort, pause, TriedServer } from "../faults/server";

// `npm run -s load`: the demo sheet asked for by sixteen at once from two web processes on one database, alone and with saves
// beside it, each of which is judged by a simulation in a thread. Who asks shares the machine with who answers.

const CONNECTIONS = 16;
const SECONDS = Number(process.argv[2] ?? 15);
const WARM_UP_S = 4;
/** A save so often, ms: each is simulated. */
const SAVE_EVERY_MS = 1000;
const ASKED_PER_S = 300;
const LOOK_EVERY_MS = 300;

type Told = { readonly perS: number; readonly p50Ms: number; readonly p99Ms: number; readonly errors: number };

/** Both processes asked at once, half of the connections each. */
async function asked(urls: readonly string[], seconds: number): Promise<Told> {
  const runs = await Promise.all(
    urls.map((url) => autocannon({ url, connections: CONNECTIONS / urls.length, duration: seconds })),
  );
  const most = (of: (run: autocannon.Result) => number): number => Math.max(...runs.map(of));
  return {
    perS: runs.reduce((sum, { requests }) => sum + requests.average, 0),
    p50Ms: most(({ latency }) => latency.p50),
    p99Ms: most(({ latency }) => latency.p99),
    errors: runs.reduce((sum, { errors, timeouts, non2xx }) => sum + errors + timeouts + non2xx, 0),
  };
}

const told = (name: string, { perS, p50Ms, p99Ms, errors }: Told): void =>
  console.log(
    `${name.padEnd(34)} ${perS.toFixed(0).padStart(6)} a second, median ${p50Ms} ms, 99 % within ${p99Ms} ms, ${errors} errors`,
  );

/** Saves another outing again and again until it is told to stop. @returns how many were acknowledged, and the slowest, ms */
async function saving(
  address: string,
  id: string,
  isOver: () => boolean,
): Promise<{ saved: number; slowestMs: number }> {
  let [saved, slowestMs] = [0, 0];
  for (let turn = 0; !isOver(); turn++) {
    const view = (await (await fetch(`${address}/api/outings/${id}`)).json()) as OutingView;
    const setting = { ...view.setting, seatHeightM: (turn % 50) / 100 };
    const began = performance.now();
    const answer = await fetch(`${address}/api/outings/${id}`, {
      method: "PUT",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ version: view.version, ...contentOfView(view), setting }),
    });
    if (answer.ok) saved += 1;
    slowestMs = Math.max(slowestMs, performance.now() - began);
    await pause(SAVE_EVERY_MS);
  }
  return { saved, slowestMs };
}

const server = new TriedServer();
const env = { ...process.env, HOST: "127.0.0.1", NODE_ENV: "production" };
let second: ReturnType<typeof spawn> | null = null;
try {
  await server.start();
  const port = await freePort();
  second = spawn(process.execPath, ["scripts/run/serve.mjs"], {
    env: { ...env, PORT: String(port), DATABASE_URL: server.databaseUrl() },
    stdio: "ignore",
  });
  const addresses = [server.address, `http://127.0.0.1:${port}`];
  const lines = async (): Promise<OutingLine[]> =>
    (await (await fetch(`${server.address}/api/outings`)).json()) as OutingLine[];
  while ((await lines()).some(({ isRecomputing }) => isRecomputing)) await pause(LOOK_EVERY_MS);
  while (!(await fetch(`${addresses[1]}/api/health`).catch(() => null))?.ok) await pause(LOOK_EVERY_MS);
  const [sheet, other] = (await lines()) as [OutingLine, OutingLine];
  const urls = addresses.map((address) => `${address}/outings/${sheet.id}`);
  await asked(urls, WARM_UP_S);
  const alone = await asked(urls, SECONDS);
  told("day sheets", alone);
  let isOver = false;
  const saves = saving(server.address, other.id, () => isOver);
  const beside = await asked(urls, SECONDS);
  isOver = true;
  told("day sheets, saves beside them", beside);
  const { saved, slowestMs } = await saves;
  console.log(`${saved} saves acknowledged meanwhile, the slowest after ${slowestMs.toFixed(0)} ms`);
  const isEnough = alone.perS >= ASKED_PER_S && alone.errors + beside.errors === 0;
  console.log(`asked: ${ASKED_PER_S} a second without an error: ${isEnough ? "yes" : "no"}`);
  process.exitCode = isEnough ? 0 : 1;
} finally {
  second?.kill("SIGKILL");
  await server.stop();
}
