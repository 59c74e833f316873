import { randomUUID } from "node:crypto";
import { seededRandom } from "@/core/numeric";
import { clockJumps } from "./clock-jumps";
import { databaseGone } from "./database-gone";
import { diskFull } from "./disk-full";
import { slowNetwork } from "./slow-network";
import { residentMB, steadyMemory } from "./steady-memory";
import { twoTabs } from "./two-tabs";
import { statusCounts } from "./status-counts";
import { contentOfView } from "@/formats/wire/outing/content-of-view";
import type { OutingLine, OutingView } from "@/formats/wire/outing/outing-view";
import { hostileRequest, send } from "./hostile";
import { manyMachines } from "./many-machines";
import { killedJobs } from "./killed-jobs";
import { sheetsPerSecond } from "./load";
import { pause, TriedServer } from "./server";

// `npm run -s faults`: hostile requests, and processes killed under saves that were acknowledged. Its figures are printed;
// it ends with 1 where something was lost, leaked or left down. `-- 10000 200 10` sends so many requests, kills so often and
// looks at memory for so many minutes.

const [requests = 2000, kills = 12, minutes = 1] = process.argv.slice(2).map(Number);
/** What no answer may tell: places of the machine, the database's words, stacks. */
const LEAKS = /node_modules|postgres:\/\/|\bat .*\.m?js:\d+|select .* from|ECONNREFUSED/i;
const isLeak = (text: string): boolean => LEAKS.test(text) || text.includes(process.cwd());
const MOST_PAUSE_MS = 2500;
const SAVES_PER_KILL = 5;

const problems: string[] = [];
const server = new TriedServer();
await server.start();

const json = async <Answer>(path: string): Promise<Answer> =>
  (await (await fetch(`${server.address}${path}`)).json()) as Answer;

const memoryMB = (): number => residentMB(server.web()[0]!);

const savedAs = (view: OutingView) => ({ version: view.version, ...contentOfView(view) });

async function hostile(): Promise<void> {
  const lines = await json<OutingLine[]>("/api/outings");
  const views = await Promise.all(lines.map(({ id }) => json<OutingView>(`/api/outings/${id}`)));
  const content = {
    ids: views.flatMap(({ id, person, kit }) => [id, person.id, kit[0]!.id]),
    bodies: [...views.map(savedAs), views[0]!.kit[0], { from: "outing", id: randomUUID(), copyOf: views[0]!.id }],
  };
  const [before, web] = [memoryMB(), server.web().join()];
  const statuses: number[] = [];
  for (let seed = 1; seed <= requests; seed++) {
    const request = hostileRequest(seed, content);
    const { status, text } = await send(server.address, request);
    statuses.push(status);
    // Status 0: it answered before it had read a body that it refuses, and cut the connection.
    if (status >= 500) problems.push(`no. ${seed}: ${request.method} ${request.path.slice(0, 60)}: ${status}`);
    const isJson = status >= 400 && text.startsWith("{");
    if (isJson && isLeak(text)) problems.push(`no. ${seed} leaks: ${text.slice(0, 120)}`);
  }
  await server.untilHealthy();
  if (server.web().join() !== web) problems.push("the web process ended");
  console.log(`${requests} hostile requests: ${statusCounts(statuses)}`);
  console.log(`memory of the web process ${before.toFixed(0)} → ${memoryMB().toFixed(0)} MB`);
}

async function killed(): Promise<void> {
  const [line] = await json<OutingLine[]>("/api/outings");
  const random = seededRandom(kills);
  let [acknowledged, lost, half] = [0, 0, 0];
  for (let turn = 0; turn < kills; turn++) {
    let last: { readonly mark: number; readonly minutes: number } | null = null;
    const saving = (async () => {
      for (let save = 0; save < SAVES_PER_KILL; save++) {
        const view = await json<OutingView>(`/api/outings/${line!.id}`);
        const mark = turn * SAVES_PER_KILL + save;
        const minutes = 30 + (mark % 60);
        const phases = view.phases.map((phase) => ({ ...phase, minutes }));
        const setting = { ...view.setting, seatHeightM: mark / 100 };
        const answer = await fetch(`${server.address}/api/outings/${line!.id}`, {
          method: "PUT",
          headers: { "content-type": "application/json" },
          body: JSON.stringify({ ...savedAs(view), phases, setting }),
        });
        if (!answer.ok) return;
        acknowledged += 1;
        last = { mark, minutes };
      }
    })().catch(() => undefined);
    await pause(random() * MOST_PAUSE_MS);
    const victims = turn % 3 === 0 ? server.web() : turn % 3 === 1 ? server.database() : server.launchers();
    for (const pid of victims) process.kill(pid, "SIGKILL");
    await saving;
    if (turn % 3 !== 0) {
      for (const pid of server.launchers()) process.kill(pid, "SIGTERM");
      while (server.launchers().length > 0) await pause(100);
      await server.start();
    } else await server.untilHealthy();
    const after = await json<OutingView>(`/api/outings/${line!.id}`);
    const mark = Math.round(after.setting.seatHeightM * 100);
    const told = last as { mark: number; minutes: number } | null;
    if (told && mark < told.mark) lost += 1;
    if (told && after.phases.some(({ minutes }) => minutes !== 30 + (mark % 60))) half += 1;
  }
  if (lost + half > 0) problems.push(`${lost} acknowledged saves lost, ${half} half there`);
  console.log(
    `${kills} kills of web, database and launcher in turn: ${acknowledged} saves acknowledged, ${lost} lost, ${half} half`,
  );
}

async function jobsKilled(): Promise<void> {
  for (const { victim, doneShare, state, isSame } of await killedJobs(server)) {
    console.log(
      `a season killed at ${(100 * doneShare).toFixed(0)} % (${victim}): ${state}, ${isSame ? "the same" : "another"} result`,
    );
    if (!isSame) problems.push(`a season ended otherwise after ${victim} were killed`);
  }
}

async function onManyMachines(): Promise<void> {
  const { webs, edits, acknowledged, lost, statuses, problems: found } = await manyMachines();
  console.log(
    `${webs} web processes behind a round robin, one killed among ${edits} edits: ${acknowledged} acknowledged, ${lost} lost; ${statusCounts(statuses)}`,
  );
  problems.push(...found);
}

try {
  console.log(`${(await sheetsPerSecond(server.address)).toFixed(0)} day sheets a second`);
  await hostile();
  await killed();
  await jobsKilled();
  await onManyMachines();
  for (const fault of [
    () => twoTabs(server.address),
    () => slowNetwork(server.address),
    () => databaseGone(server),
    () => clockJumps(server),
    () => diskFull(),
    () => steadyMemory(server.address, server.web()[0]!, minutes),
  ]) {
    const { said, problems: found } = await fault();
    console.log(said);
    problems.push(...found);
  }
} catch (error) {
  problems.push((error as Error).message);
} finally {
  await server.stop();
}
console.log(`faults: ${problems.length}`);
for (const problem of problems.slice(0, 20)) console.log(`  ${problem}`);
process.exitCode = problems.length > 0 ? 1 : 0;
