import { fileURLToPath } from "node:url";
import { Piscina } from "piscina";
import {
  aloneEvaluator,
  dress,
  DresserProblem,
  USUAL_WISHES,
  type CloseLook,
  type Judgement,
  type OutfitCode,
  type OutfitEvaluator,
} from "@/core/dresser";
import { toOuting } from "@/formats/outing-file/to-outing";
import { demoByName, demoFile } from "@/server/demo/demo-file";
import { seededKit } from "../proof/dresser/seeded-kit";

export const KIT_SIZES = [20, 60, 200] as const;
const SEED = 1;
const WANTED_MINUTES = 240;
const WARM_UP_BUDGET = 32;

/** How long it takes to be dressed out of a kit. */
export type DresserTimes = {
  readonly pieces: number;
  /** Threads that simulate: as many workers as a page starts where there are so many processors. */
  readonly threads: number;
  /** Until something is found, until the search ends, until all is looked at closely. */
  readonly firstMs: number;
  readonly searchMs: number;
  readonly answerMs: number;
  readonly simulated: number;
};

function problemOf(pieces: number): DresserProblem {
  const outing = { ...toOuting(demoFile(demoByName("Grouse lek before dawn"))), pieces: [], wearings: [] };
  return new DresserProblem(outing, seededKit(pieces, SEED), { ...USUAL_WISHES, wantedMinutes: WANTED_MINUTES });
}

type Asked = {
  readonly pieces: number;
  readonly what: "judge" | "look";
  readonly codes: readonly OutfitCode[];
  readonly isSketch: boolean;
};

let here: { readonly pieces: number; readonly evaluator: OutfitEvaluator } | null = null;

/** In a thread: what a worker beside the one that searches is asked. */
export function benchOutfits({ pieces, what, codes, isSketch }: Asked): Promise<readonly (Judgement | CloseLook)[]> {
  if (here?.pieces !== pieces) here = { pieces, evaluator: aloneEvaluator(problemOf(pieces)) };
  return here.evaluator[what](codes, isSketch);
}

/** Half of what is asked is done here, the other half in a thread meanwhile: as a page's worker and its helper do. */
function besideHelper(problem: DresserProblem, pieces: number, pool: Piscina): OutfitEvaluator {
  const own = aloneEvaluator(problem);
  const halved = async <Result>(
    codes: readonly OutfitCode[],
    what: Asked["what"],
    isSketch: boolean,
    ask: (half: readonly OutfitCode[]) => Promise<readonly Result[]>,
  ): Promise<readonly Result[]> => {
    const [even, odd] = [0, 1].map((turn) => codes.filter((_, index) => index % 2 === turn));
    const asked: Asked = { pieces, what, codes: odd!, isSketch };
    const helped = pool.run(asked, { name: "benchOutfits" }) as Promise<readonly Result[]>;
    const halves = [await ask(even!), await helped];
    return codes.map((_, index) => halves[index % 2]![Math.floor(index / 2)]!);
  };
  return {
    judge: (codes, isSketch) => halved(codes, "judge", isSketch ?? false, (half) => own.judge(half, isSketch)),
    look: (codes) => halved(codes, "look", false, own.look),
  };
}

async function timed(
  problem: DresserProblem,
  evaluator: OutfitEvaluator,
): Promise<Omit<DresserTimes, "pieces" | "threads">> {
  await dress(problem, evaluator, { seed: SEED, budget: WARM_UP_BUDGET });
  const began = performance.now();
  let [firstMs, searchMs] = [0, 0];
  const { simulated } = await dress(problem, evaluator, {
    seed: SEED,
    onProgress: () => {
      searchMs = performance.now() - began;
      firstMs ||= searchMs;
      return true;
    },
  });
  return { firstMs, searchMs, answerMs: performance.now() - began, simulated };
}

/**
 * Dresses out of a seeded kit for the grouse lek, in one thread and in two, each after a first time that warms the engine.
 * @param file bundle that exports `benchOutfits`
 */
export async function dresserTimes(
  pieces: number,
  file = fileURLToPath(import.meta.url),
): Promise<readonly DresserTimes[]> {
  const problem = problemOf(pieces);
  const alone = { pieces, threads: 1, ...(await timed(problem, aloneEvaluator(problem))) };
  const pool = new Piscina({ filename: file, minThreads: 1, maxThreads: 1 });
  try {
    return [alone, { pieces, threads: 2, ...(await timed(problem, besideHelper(problem, pieces, pool))) }];
  } finally {
    await pool.destroy();
  }
}
