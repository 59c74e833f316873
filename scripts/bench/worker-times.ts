import type { JobView } from "@/formats/wire/jobs/job-schema";
import { askSeason, jobWhen, NEARLY_DAILY, untilWorkers, WORKER } from "../faults/season-job";
import { TriedServer } from "../faults/server";

/** How long the same season of a kit takes one worker process and two, on one database. */
export type WorkerTimes = {
  readonly outings: number;
  readonly oneMs: readonly number[];
  readonly twoMs: readonly number[];
  /** Outings a second of two over those of one. */
  readonly ratio: number;
};

const TURNS = 2;
/** Two at once, so that a worker has something to do while the last parts of a round are done elsewhere. */
const SEASONS = [NEARLY_DAILY, { ...NEARLY_DAILY, wantedMinutes: 90 }] as const;

function outingsOf({ state, message, result }: JobView): number {
  if (state !== "done") throw new Error(`the season is ${state}: ${message}`);
  return (result as { season: { days: unknown[] } }).season.days.length;
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

export async function workerTimes(): Promise<WorkerTimes> {
  const server = new TriedServer();
  try {
    await server.start();
    await untilWorkers(server, 2);
    const sql = server.sql();
    let outings = 0;
    const timed = async (): Promise<number> => {
      await sql`delete from job`; // else it is answered by what was found before
      const began = performance.now();
      const jobs = await Promise.all(SEASONS.map((habit) => askSeason(server, habit)));
      const done = await Promise.all(jobs.map(({ id }) => jobWhen(server, id)));
      outings = sum(done.map(outingsOf));
      return performance.now() - began;
    };
    await timed(); // warms the engines of both
    const [, other] = server.processes(WORKER);
    const [oneMs, twoMs]: [number[], number[]] = [[], []];
    for (let turn = 0; turn < TURNS; turn++) {
      process.kill(other!, "SIGSTOP");
      oneMs.push(await timed());
      process.kill(other!, "SIGCONT");
      twoMs.push(await timed());
    }
    await sql.end();
    return { outings, oneMs, twoMs, ratio: sum(oneMs) / sum(twoMs) };
  } finally {
    await server.stop();
  }
}
