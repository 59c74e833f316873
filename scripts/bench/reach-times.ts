import { fileURLToPath } from "node:url";
import { Piscina } from "piscina";
import { cellsOf, REACH_AXES, reachOf, type ReachCell } from "@/core/reach";
import {
  answerChunk,
  beginWork,
  type WorkChunk,
  type WorkInput,
  type WorkName,
  type WorkResult,
} from "@/core/wardrobe";
import { toOuting } from "@/formats/outing-file/to-outing";
import { demoByName, demoFile } from "@/server/demo/demo-file";
import { seededKit } from "../proof/dresser/seeded-kit";
import { BENCH_HABIT, BENCH_YEAR } from "./season-of-bench";

// How long maps and seasons take by two threads, as two workers beside a page do them.

const THREADS = 2;
const KIT_PIECES = 30;
const KIT_SEED = 1;
const AXES = { ...REACH_AXES, airTemperaturesC: REACH_AXES.airTemperaturesC.slice(0, 24) };

export type ReachTime = { readonly name: string; readonly ms: number };

type Part<Name extends WorkName> = {
  readonly name: Name;
  readonly input: WorkInput<Name>;
  readonly chunk: WorkChunk<Name>;
};

const lek = () => toOuting(demoFile(demoByName("Grouse lek before dawn")));

/** In a thread: a row of the map of one outfit. */
export const benchRow = (airTemperatureC: number): readonly ReachCell[] =>
  reachOf(lek(), cellsOf({ ...AXES, airTemperaturesC: [airTemperatureC] }), "tenMetres");

/** In a thread: a part of a computation. */
export const benchPart = <Name extends WorkName>({ name, input, chunk }: Part<Name>): unknown =>
  answerChunk(name, input, chunk);

async function done<Name extends WorkName>(
  pool: Piscina,
  name: Name,
  input: WorkInput<Name>,
): Promise<WorkResult<Name>> {
  const work = beginWork(name, input);
  let step = work.next();
  while (!step.done) {
    const parts = step.value.map(
      (chunk) => pool.run({ name, input, chunk }, { name: "benchPart" }) as Promise<unknown>,
    );
    step = work.next(await Promise.all(parts));
  }
  return step.value;
}

/** @param file bundle that exports `benchRow` and `benchPart` */
export async function reachTimes(file = fileURLToPath(import.meta.url)): Promise<readonly ReachTime[]> {
  const pool = new Piscina({ filename: file, minThreads: THREADS, maxThreads: THREADS });
  const times: ReachTime[] = [];
  const timed = async (name: string, run: () => Promise<number>, what: string): Promise<void> => {
    const began = performance.now();
    const count = await run();
    times.push({ name: `${name} of ${count} ${what}`, ms: performance.now() - began });
  };
  const map = async (): Promise<number> => {
    const rows = await Promise.all(
      AXES.airTemperaturesC.map((air) => pool.run(air, { name: "benchRow" }) as Promise<ReachCell[]>),
    );
    return rows.flat().length;
  };
  const outing = lek();
  const kit = {
    outing: { ...outing, pieces: [], wearings: [] },
    pieces: seededKit(KIT_PIECES, KIT_SEED),
    wantedMinutes: BENCH_HABIT.wantedMinutes,
  };
  const season = { weather: BENCH_YEAR, habit: BENCH_HABIT };
  try {
    await timed("one outfit, threads just begun: map", map, "cells");
    await timed("one outfit, again: map", map, "cells");
    await timed(
      "one outfit: season",
      async () => (await done(pool, "outfit-season", { outing, ...season })).days.length,
      "outings",
    );
    await timed(
      `kit of ${KIT_PIECES}: map`,
      async () => (await done(pool, "kit-map", { kit, windPlace: "tenMetres", axes: AXES })).cells.length,
      "cells",
    );
    await timed(
      `kit of ${KIT_PIECES}: season`,
      async () => (await done(pool, "kit-season", { kit, candidates: [], ...season })).season.days.length,
      "outings",
    );
    return times;
  } finally {
    await pool.destroy();
  }
}
