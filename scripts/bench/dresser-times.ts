import { aloneEvaluator, dress, DresserProblem, USUAL_WISHES } from "@/core/dresser";
import { toOuting } from "@/formats/outing-file/to-outing";
import { demoByName, demoFile } from "@/server/demo/demo-file";
import { seededKit } from "../proof/dresser/seeded-kit";

export const KIT_SIZES = [20, 60, 200] as const;
const SEED = 1;
const WANTED_MINUTES = 240;

/** How long it takes to be dressed out of a kit. */
export type DresserTimes = {
  readonly pieces: number;
  /** Until something is found, until the search ends, until all is looked at closely. */
  readonly firstMs: number;
  readonly searchMs: number;
  readonly answerMs: number;
  readonly simulated: number;
};

/** Dresses once out of a seeded kit for the grouse lek, after a first time that warms the engine. */
export async function dresserTimes(pieces: number): Promise<DresserTimes> {
  const outing = { ...toOuting(demoFile(demoByName("Grouse lek before dawn"))), pieces: [], wearings: [] };
  const wishes = { ...USUAL_WISHES, wantedMinutes: WANTED_MINUTES };
  const problem = new DresserProblem(outing, seededKit(pieces, SEED), wishes);
  await dress(problem, aloneEvaluator(problem), { seed: SEED, budget: 32 });
  const began = performance.now();
  let [firstMs, searchMs] = [0, 0];
  const { simulated } = await dress(problem, aloneEvaluator(problem), {
    seed: SEED,
    onProgress: () => {
      searchMs = performance.now() - began;
      firstMs ||= searchMs;
      return true;
    },
  });
  return { pieces, firstMs, searchMs, answerMs: performance.now() - began, simulated };
}
