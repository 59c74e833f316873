import type { JobAsked, JobView } from "@/formats/wire/jobs/job-schema";
import type { OutingLine } from "@/formats/wire/outing/outing-view";
import { BENCH_HABIT, BENCH_YEAR } from "../bench/season-of-bench";
import { pause, type TriedServer } from "./server";

/** As a page asks, or a little oftener: to ask is work for the same processors. */
const LOOK_EVERY_MS = 500;
export const WORKER = "job-worker.mjs";

const HABIT = { ...BENCH_HABIT, weekdays: [...BENCH_HABIT.weekdays], wantedMinutes: 120 };
export const ON_WEEKENDS = { ...HABIT, weekdays: [0, 6] };
/** Six days a week. */
export const NEARLY_DAILY = HABIT;

async function asked<Answer>(server: TriedServer, path: string, body?: JobAsked): Promise<Answer> {
  const init = body && { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify(body) };
  return (await (await fetch(`${server.address}${path}`, init)).json()) as Answer;
}

/** Asks for the season of a kit of the demonstration: an invented year, two hours wanted. */
export async function askSeason(server: TriedServer, habit: typeof HABIT): Promise<JobView> {
  const [line] = await asked<OutingLine[]>(server, "/api/outings");
  return asked(server, "/api/jobs", {
    work: "kit-season",
    outingId: line!.id,
    habit,
    weather: { site: BENCH_YEAR.site, hours: [...BENCH_YEAR.hours] },
  });
}

/** Waits until a computation holds a condition, or is over. */
export async function jobWhen(
  server: TriedServer,
  id: string,
  holds: (job: JobView) => boolean = () => false,
): Promise<JobView> {
  for (;;) {
    const job = await asked<JobView>(server, `/api/jobs/${id}`);
    if (job.state !== "waiting" || holds(job)) return job;
    await pause(LOOK_EVERY_MS);
  }
}

export async function untilWorkers(server: TriedServer, count: number): Promise<void> {
  while (server.processes(WORKER).length < count) await pause(LOOK_EVERY_MS);
}
