import { isDeepStrictEqual } from "node:util";
import { askSeason, jobWhen, ON_WEEKENDS, untilWorkers, WORKER } from "./season-job";
import { pause, type TriedServer } from "./server";

/** How a long computation goes on after what does it, or whoever asks for it, was killed. */
export type KilledJob = {
  readonly victim: string;
  readonly doneShare: number;
  readonly isSame: boolean;
  readonly state: string;
};

const WORKERS = 2;

/** Kills workers, the web process and all of them with the launcher in the middle of a season; each has to end with the same. */
export async function killedJobs(server: TriedServer): Promise<readonly KilledJob[]> {
  await untilWorkers(server, WORKERS);
  const { id } = await askSeason(server, ON_WEEKENDS);
  const undisturbed = await jobWhen(server, id);
  const kills: KilledJob[] = [];
  const victims = {
    "both workers": () => server.processes(WORKER),
    "the web process": () => server.web(),
    "workers, web process and launcher": () => [...server.launchers(), ...server.processes(WORKER), ...server.web()],
  };
  for (const [victim, pids] of Object.entries(victims)) {
    const sql = server.sql();
    await sql`delete from job`; // else it is answered by what was found before
    await sql.end();
    const begun = await askSeason(server, ON_WEEKENDS);
    const { doneShare } = await jobWhen(server, begun.id, (job) => job.doneShare > 0.1);
    for (const pid of pids()) process.kill(pid, "SIGKILL");
    await pause(500);
    if (server.launchers().length === 0) await server.start();
    else await server.untilHealthy();
    const { state, result } = await jobWhen(server, begun.id);
    kills.push({ victim, doneShare, state, isSame: isDeepStrictEqual(result, undisturbed.result) });
  }
  return kills;
}
