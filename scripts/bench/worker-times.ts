import postgres from "postgres";
import type { JobAsked, JobView } from "@/formats/wire/jobs/job-schema";
import type { OutingLine } from "@/formats/wire/outing/outing-view";
import { pause, TriedServer } from "../faults/server";
import { BENCH_HABIT, BENCH_YEAR } from "./season-of-bench";

/** How long the same season of a kit takes one worker process and two, on one database. */
export type WorkerTimes = {
  readonly outings: number;
  readonly oneMs: readonly number[];
  readonly twoMs: readonly number[];
  /** Outings a second of two over those of one. */
  readonly ratio: number;
};

const TURNS = 2;
/** As a page asks, or a little oftener: to ask is work for the same processors. */
const LOOK_EVERY_MS = 500;
const WORKER = "job-worker.mjs";
/** Two hours: what is lost, and so what is asked about purchases, is little. */
const HABIT = { ...BENCH_HABIT, weekdays: [...BENCH_HABIT.weekdays], wantedMinutes: 120 };

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

export async function workerTimes(): Promise<WorkerTimes> {
  const server = new TriedServer();
  try {
    await server.start();
    while (server.processes(WORKER).length < 2) await pause(LOOK_EVERY_MS);
    const sql = postgres(server.databaseUrl(), { max: 1 });
    const ask = async <Answer>(path: string, body?: JobAsked): Promise<Answer> => {
      const init = body && {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify(body),
      };
      return (await (await fetch(`${server.address}${path}`, init)).json()) as Answer;
    };
    const [line] = await ask<OutingLine[]>("/api/outings");
    let outings = 0;
    const timed = async (): Promise<number> => {
      await sql`delete from job`; // else it is answered by what was found before
      const began = performance.now();
      let job = await ask<JobView>("/api/jobs", {
        work: "kit-season",
        outingId: line!.id,
        habit: HABIT,
        weather: { site: BENCH_YEAR.site, hours: [...BENCH_YEAR.hours] },
      });
      while (job.state === "waiting") {
        await pause(LOOK_EVERY_MS);
        job = await ask<JobView>(`/api/jobs/${job.id}`);
      }
      if (job.state !== "done") throw new Error(`the season is ${job.state}: ${job.message}`);
      outings = (job.result as { season: { days: unknown[] } }).season.days.length;
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
