import type { OutingView } from "@/formats/wire/outing/outing-view";
import { startProxy } from "./proxy";
import { pause, type TriedServer } from "./server";
import { statusCounts } from "./status-counts";
import { json, markOf, openAndSave, someOuting, type Tried } from "./tried";
import { startWeb } from "./web-process";

const GONE_MS = 30_000;
const SAVE_EVERY_MS = 250;
/** A web process that is asked again this long after its database came back has to answer as before. */
const BACK_WITHIN_MS = 15_000;
const MARKS = 60;

/** The database is gone for half a minute and comes back: nothing but a clear 503 meanwhile, nothing acknowledged is lost. */
export async function databaseGone(server: TriedServer): Promise<Tried> {
  const url = new URL(server.databaseUrl());
  const proxy = await startProxy(Number(url.port));
  url.port = String(proxy.port);
  const web = await startWeb({ DATABASE_URL: url.href });
  const problems: string[] = [];
  const statuses: number[] = [];
  let [last, turn] = [-1, 0];
  const saveOnce = async (): Promise<number> => {
    const mark = turn++ % MARKS;
    const status = await openAndSave(web.address, id, mark);
    statuses.push(status);
    if (status === 200) last = mark;
    return status;
  };
  const id = await someOuting(web.address);
  try {
    await saveOnce();
    proxy.cut();
    const end = Date.now() + GONE_MS;
    let answered = 0;
    while (Date.now() < end) {
      if ((await saveOnce()) === 200) answered += 1;
      await pause(SAVE_EVERY_MS);
    }
    if (answered > 0) problems.push(`${answered} saves were acknowledged without a database`);
    proxy.mend();
    const backBy = Date.now() + BACK_WITHIN_MS;
    while ((await saveOnce()) !== 200) {
      if (Date.now() > backBy) throw new Error("saves do not pass though the database is back");
      await pause(SAVE_EVERY_MS);
    }
    if (markOf(await json<OutingView>(web.address, `/api/outings/${id}`)) !== last)
      problems.push("an acknowledged save was lost");
    const other = statuses.filter((status) => status >= 500 && status !== 503);
    if (other.length > 0) problems.push(`answered ${other.join(" ")} instead of 503`);
  } catch (error) {
    problems.push((error as Error).message);
  } finally {
    web.kill();
    proxy.close();
  }
  return { said: `database gone for ${GONE_MS / 1000} s and back: ${statusCounts(statuses)}`, problems };
}
