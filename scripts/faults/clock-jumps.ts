import { writeFileSync } from "node:fs";
import path from "node:path";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { type TriedServer } from "./server";
import { statusCounts } from "./status-counts";
import { json, markOf, openAndSave, someOuting, type Tried } from "./tried";
import { startWeb } from "./web-process";

const HOUR_MS = 3_600_000;
/** Forward and back: a clock that is set, summer time of a machine that does not know zones, a battery that was empty. */
const JUMPS_MS = [0, HOUR_MS, -HOUR_MS, 30 * 24 * HOUR_MS, -30 * 24 * HOUR_MS, -20 * 365 * 24 * HOUR_MS, 0];
const SAVES_PER_JUMP = 5;

/** The clock of a web process jumps between and during saves: each is acknowledged and there, pages answer. */
export async function clockJumps(server: TriedServer): Promise<Tried> {
  const file = path.join(server.folder, "clock-off");
  writeFileSync(file, "0");
  const preload = path.resolve("scripts/faults/jumping-clock.mjs");
  const web = await startWeb({
    DATABASE_URL: server.databaseUrl(),
    UMIAK_CLOCK_FILE: file,
    NODE_OPTIONS: `--import=${preload}`,
  });
  const problems: string[] = [];
  const statuses: number[] = [];
  try {
    const id = await someOuting(web.address);
    for (const [turn, jump] of JUMPS_MS.entries()) {
      for (let save = 0; save < SAVES_PER_JUMP; save++) {
        const mark = (turn * SAVES_PER_JUMP + save) % 60;
        const saving = openAndSave(web.address, id, mark);
        if (save === 1) writeFileSync(file, String(jump));
        const status = await saving;
        statuses.push(status);
        const view = await json<OutingView>(web.address, `/api/outings/${id}`);
        if (status === 200 && markOf(view) !== mark) problems.push(`lost a save after a jump of ${jump} ms`);
      }
      for (const page of ["/", `/outings/${id}`, `/outings/${id}/card`, "/logbook", "/api/health"]) {
        const { status } = await fetch(`${web.address}${page}`);
        if (status !== 200) problems.push(`${page} answers ${status} after a jump of ${jump} ms`);
      }
    }
    if (statuses.some((status) => status !== 200)) problems.push(`saves answered ${statusCounts(statuses)}`);
  } catch (error) {
    problems.push((error as Error).message);
  } finally {
    web.kill();
  }
  return { said: `the clock jumped ${JUMPS_MS.length} times: saves ${statusCounts(statuses)}`, problems };
}
