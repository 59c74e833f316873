import { spawnSync } from "node:child_process";
import { closeSync, mkdtempSync, openSync, rmSync, writeSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { pause, TriedServer } from "./server";
import { statusCounts } from "./status-counts";
import { json, markOf, openAndSave, someOuting, type Tried } from "./tried";

/** More than the start command asks to be free. */
const DISK_MB = 900;
const CHUNK = Buffer.alloc(1_000_000);
const SAVES = 40;
const BACK_WITHIN_MS = 60_000;

/** Fills what is left of a disk. @returns the file that does */
function fill(folder: string): string {
  const file = path.join(folder, "filler");
  const opened = openSync(file, "w");
  try {
    for (;;) if (writeSync(opened, CHUNK) < CHUNK.length) break;
  } catch {
    // it is full
  } finally {
    closeSync(opened);
  }
  return file;
}

/** The disk under the database is full, and has room again: a clear 503 meanwhile, nothing acknowledged is lost. */
export async function diskFull(): Promise<Tried> {
  const disk = mkdtempSync(path.join(tmpdir(), "umiak-small-disk-"));
  const mounted = spawnSync("mount", ["-t", "tmpfs", "-o", `size=${DISK_MB}m,mode=0755`, "tmpfs", disk]);
  if (mounted.status !== 0) {
    rmSync(disk, { recursive: true });
    return { said: "disk full: not tried, this user may mount no small disk", problems: [] };
  }
  const problems: string[] = [];
  const statuses: number[] = [];
  const server = new TriedServer({}, path.join(disk, "data"));
  try {
    await server.start();
    const id = await someOuting(server.address);
    let last = -1;
    const saveOnce = async (turn: number): Promise<number> => {
      const mark = turn % 60;
      const status = await openAndSave(server.address, id, mark);
      statuses.push(status);
      if (status === 200) last = mark;
      return status;
    };
    const filler = fill(disk);
    for (let turn = 0; turn < SAVES; turn++) {
      await saveOnce(turn);
      await pause(50);
    }
    rmSync(filler);
    const end = Date.now() + BACK_WITHIN_MS;
    for (let turn = SAVES; (await saveOnce(turn)) !== 200; turn++) {
      if (Date.now() > end) throw new Error("saves do not pass though the disk has room again");
      await pause(1000);
    }
    if (markOf(await json<OutingView>(server.address, `/api/outings/${id}`)) !== last)
      problems.push("an acknowledged save was lost on the full disk");
    const other = statuses.filter((status) => status >= 500 && status !== 503);
    if (other.length > 0) problems.push(`a full disk was answered ${other.join(" ")} instead of 503`);
  } catch (error) {
    problems.push((error as Error).message);
  } finally {
    await server.stop();
    spawnSync("umount", [disk]);
    rmSync(disk, { recursive: true, force: true });
  }
  return { said: `disk full and with room again: saves ${statusCounts(statuses)}`, problems };
}
