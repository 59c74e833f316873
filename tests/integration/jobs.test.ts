import { spawn, type ChildProcess } from "node:child_process";
import { once } from "node:events";
import path from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { APIContext } from "astro";
import { MODEL_VERSION } from "@/core/outing";
import { inventedYear, seasonOf, type Season, type SeasonHabit } from "@/core/season";
import type { WorkInput } from "@/core/wardrobe";
import { addJob, countParts, keepPart, readJob } from "@/db";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { JobView } from "@/formats/wire/jobs/job-schema";
import { DELETE as deleteJob, GET as getJob } from "@/pages/api/jobs/[id]";
import { POST as postJob } from "@/pages/api/jobs/index";
import { GET as listOutings } from "@/pages/api/outings/index";
import { LOCAL_OWNER_ID } from "@/server/access";
import { jobQueue } from "@/server/composition";
import { seedDemo } from "@/server/demo/seed";
import { advance, answerPart } from "@/server/jobs/advance";
import { makeQueue } from "@/server/jobs/make-queue";
import { openQueue, type QueuedPart } from "@/server/jobs/queue";
import { demoOuting } from "../sample-outing";
import { CACHED_THREADS_DIR } from "../../scripts/run/server-threads.mjs";
import { freshDatabase, type FreshDatabase } from "./fresh-database";

const EXPIRES_S = "2";

let fresh: FreshDatabase;
beforeAll(async () => {
  process.env.UMIAK_PART_EXPIRES_S = EXPIRES_S;
  fresh = await freshDatabase();
  await makeQueue(fresh.url);
  await seedDemo(fresh.database);
  process.env.DATABASE_URL = fresh.url;
});
afterAll(async () => {
  await (await jobQueue()).stop();
  await fresh.close();
});

const until = async (holds: () => Promise<boolean>): Promise<void> => {
  while (!(await holds())) await new Promise((resolve) => setTimeout(resolve, 20));
};
const call = async (handler: unknown, id?: string, body?: unknown): Promise<Response> => {
  const request = new Request("http://127.0.0.1/api/jobs", {
    method: body ? "POST" : "GET",
    ...(body ? { body: JSON.stringify(body), headers: { "content-type": "application/json" } } : {}),
  });
  return (handler as (context: APIContext) => Promise<Response>)({ request, params: { id } } as unknown as APIContext);
};

const HABIT: SeasonHabit = {
  weekdays: [0, 1, 2, 3, 4, 5, 6],
  from: { month: 12, day: 1 },
  to: { month: 1, day: 31 },
  begins: { by: "sunrise", minutes: -30 },
  wantedMinutes: 240,
};
/** Invented: a daily sit through two months. */
function daily(): WorkInput<"outfit-season"> {
  const site = { name: "invented", latitudeDeg: 61, longitudeDeg: 11, altitudeM: 0, utcOffsetHours: 1 };
  const weather = inventedYear(site, Date.UTC(2026, 10, 1));
  const outing = demoOuting("Grouse lek before dawn");
  return { outing, weather: { ...weather, hours: weather.hours.slice(0, 24 * 100) }, habit: HABIT };
}

async function ask(id: string, input: object, inputHash: string): Promise<void> {
  const question = { work: "outfit-season", modelVersion: MODEL_VERSION, inputHash };
  await addJob(fresh.database, { ownerId: LOCAL_OWNER_ID, id, input, ...question });
  await advance(fresh.database, await jobQueue(), LOCAL_OWNER_ID, id);
}

const startWorker = (): ChildProcess =>
  spawn(process.execPath, [path.join(CACHED_THREADS_DIR, "job-worker.mjs")], {
    env: { ...process.env, DATABASE_URL: fresh.url },
    stdio: ["ignore", "inherit", "inherit", "ipc"],
  });

describe("a long computation", () => {
  it("ends with the same result though its worker is killed", async () => {
    const id = "01900000-0000-7000-8000-00000000aa01";
    const input = daily();
    await ask(id, input, "killed");
    const first = startWorker();
    await until(async () => (await countParts(fresh.database, LOCAL_OWNER_ID, id, 0)) >= 2);
    first.kill("SIGKILL");
    await once(first, "exit");
    const { state, asked } = (await readJob(fresh.database, LOCAL_OWNER_ID, id))!;
    const answered = await countParts(fresh.database, LOCAL_OWNER_ID, id, 0);
    expect(state).toBe("waiting");
    expect(answered).toBeLessThan(asked);
    const second = startWorker();
    await until(async () => (await readJob(fresh.database, LOCAL_OWNER_ID, id))?.state !== "waiting");
    second.kill("SIGTERM");
    await once(second, "exit");
    const job = (await readJob(fresh.database, LOCAL_OWNER_ID, id))!;
    const expected = JSON.parse(JSON.stringify(seasonOf(input.outing, input.weather, HABIT))) as Season;
    expect(job.state).toBe("done");
    expect(job.result).toEqual(expected);
    expect(expected.days).toHaveLength(62);
    expect(await countParts(fresh.database, LOCAL_OWNER_ID, id, 0)).toBe(0);
  });

  it("has no part computed that is answered already, nor one nobody waits for", async () => {
    const id = "01900000-0000-7000-8000-00000000aa02";
    await ask(id, { ...daily(), weather: { ...daily().weather, hours: daily().weather.hours.slice(0, 24 * 40) } }, "b");
    const impossible: QueuedPart = { ownerId: LOCAL_OWNER_ID, jobId: id, stage: 0, place: 0, chunk: { days: [9999] } };
    const sent: QueuedPart[] = [];
    const queue = { send: async (parts: readonly QueuedPart[]) => void sent.push(...parts) };
    await expect(answerPart(fresh.database, queue, impossible)).rejects.toThrow();
    await keepPart(fresh.database, { ownerId: LOCAL_OWNER_ID, jobId: id, stage: 0, place: 0, answer: [] });
    await answerPart(fresh.database, queue, impossible);
    expect((await call(deleteJob, id)).status).toBe(200);
    await answerPart(fresh.database, queue, { ...impossible, place: 1 });
    expect(((await (await call(getJob, id)).json()) as JobView).state).toBe("cancelled");
    expect(sent).toEqual([]);
  });

  it("is asked for by what it is of, joined when it is asked again, and given up", async () => {
    const [outing] = (await (await call(listOutings)).json()) as OutingView[];
    const asked = {
      work: "kit-map",
      outingId: outing!.id,
      personId: null,
      windPlace: "tenMetres",
      switches: { posture: null, ground: null, sky: null, relativeHumidityPercent: null, walksIn: true },
      wantedMinutes: 120,
    };
    const first = await call(postJob, undefined, asked);
    expect(first.status).toBe(201);
    const job = (await first.json()) as JobView;
    expect(job).toMatchObject({ state: "waiting", isBegun: false, doneShare: 0, result: null });
    expect(((await (await call(postJob, undefined, asked)).json()) as JobView).id).toBe(job.id);
    expect(((await (await call(deleteJob, job.id)).json()) as JobView).state).toBe("cancelled");
    const again = (await (await call(postJob, undefined, asked)).json()) as JobView;
    expect(again.id).not.toBe(job.id);
    expect((await call(postJob, undefined, { ...asked, wantedMinutes: 0 })).status).toBe(400);
    expect((await call(getJob, "01900000-0000-7000-8000-0000000000ff")).status).toBe(404);
  });
});

it("owners take turns: the first parts of each go before the second ones of any", async () => {
  const other = await freshDatabase();
  await makeQueue(other.url);
  const queue = await openQueue(other.url, true);
  const parts = (ownerId: string): QueuedPart[] =>
    [0, 1, 2].map((place) => ({ ownerId, jobId: ownerId, stage: 0, place, chunk: null }));
  await queue.send(parts("one"));
  await queue.send(parts("two"));
  const done: QueuedPart[] = [];
  await queue.work(async (part) => void done.push(part));
  await until(async () => done.length === 6);
  expect(done.map(({ place }) => place)).toEqual([0, 0, 1, 1, 2, 2]);
  await queue.stop();
  await other.close();
});
