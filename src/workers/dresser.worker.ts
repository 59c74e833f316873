import { expose, wrap, type Remote } from "comlink";
import {
  CloseLooks,
  dress,
  DresserProblem,
  firstOutfits,
  leftAtHome,
  otherWaysOf,
  OutfitJudge,
  relaxationsOf,
  type CloseLook,
  type DresserAnswer,
  type DresserPiece,
  type DresserProgress,
  type Judgement,
  type LeftAtHome,
  type OtherWay,
  type OutfitCode,
  type OutfitEvaluator,
  type Relaxation,
  type Wishes,
} from "@/core/dresser";
import { CoreError } from "@/core/errors";
import type { Outing } from "@/core/outing";

// What is dressed here, and by how many others beside it. The search itself runs in one worker, which parts what is to be
// simulated among itself and its helpers; whoever simulates, the answer is the same.

/** An answer, or why there is none: errors lose their class on the way out of a worker. */
export type DresserReply =
  { readonly ok: true; readonly answer: DresserAnswer } | { readonly ok: false; readonly message: string };

let problem: DresserProblem | null = null;
let judge: OutfitJudge | null = null;
let looks: CloseLooks | null = null;
let isCancelled = false;
/** Somebody waits: nothing more is warmed up. */
let isAsked = false;
let helpers: readonly Remote<DresserWorker>[] = [];

/** Takes up a kit, an outing and wishes; what follows is about them. */
function take(outing: Outing, kit: readonly DresserPiece[], wishes: Wishes): void {
  problem = new DresserProblem(outing, kit, wishes);
  judge = new OutfitJudge(problem);
  looks = new CloseLooks(problem);
}

const judgeHere = (outfits: readonly OutfitCode[], isSketch?: boolean): Judgement[] =>
  outfits.map((code) => judge!.judge(code, isSketch));
const lookHere = (outfits: readonly OutfitCode[]): CloseLook[] => outfits.map((code) => looks!.look(code));

/** Parts work evenly, in order: this worker's own part is done while the others do theirs. */
async function parted<Result>(
  outfits: readonly OutfitCode[],
  here: (part: readonly OutfitCode[]) => readonly Result[],
  there: (helper: Remote<DresserWorker>, part: readonly OutfitCode[]) => Promise<readonly Result[]>,
): Promise<readonly Result[]> {
  const workers = helpers.length + 1;
  const parts = Array.from({ length: workers }, (_, turn) => outfits.filter((_own, index) => index % workers === turn));
  const waiting = helpers.map((helper, index) => there(helper, parts[index + 1]!));
  const done = [here(parts[0]!), ...(await Promise.all(waiting))];
  return outfits.map((_, index) => done[index % workers]![Math.floor(index / workers)]!);
}

const evaluator: OutfitEvaluator = {
  judge: (outfits, isSketch) =>
    parted(
      outfits,
      (part) => judgeHere(part, isSketch),
      (helper, part) => helper.judge(part, isSketch),
    ),
  look: (outfits) => parted(outfits, lookHere, (helper, part) => helper.look(part)),
};

/** Helpers, at most: more gain little, as batches are small. */
const MOST_HELPERS = 3;

function startHelpers(): void {
  if (helpers.length > 0) return;
  const count = Math.min(MOST_HELPERS, Math.max(0, navigator.hardwareConcurrency - 1));
  helpers = Array.from({ length: count }, () =>
    wrap<DresserWorker>(new Worker(new URL("./dresser.worker.ts", import.meta.url), { type: "module" })),
  );
}

/** Begins before it is asked: an engine that has simulated some outfits answers several times sooner. */
async function warmUp(outing: Outing, kit: readonly DresserPiece[], wishes: Wishes): Promise<void> {
  if (problem) return;
  startHelpers();
  take(outing, kit, wishes);
  await Promise.all(helpers.map((helper) => helper.take(outing, kit, wishes)));
  try {
    for (const code of firstOutfits(problem!)) {
      if (isAsked) return;
      await evaluator.judge(Array.from({ length: helpers.length + 1 }, () => code));
    }
  } catch (error) {
    if (!(error instanceof CoreError)) throw error; // told when it is asked for
  }
}

async function dressNow(
  outing: Outing,
  kit: readonly DresserPiece[],
  wishes: Wishes,
  onProgress: (progress: DresserProgress) => void,
): Promise<DresserReply> {
  isAsked = true;
  isCancelled = false;
  startHelpers();
  try {
    take(outing, kit, wishes);
    await Promise.all(helpers.map((helper) => helper.take(outing, kit, wishes)));
    const told = (progress: DresserProgress): boolean => {
      onProgress(progress);
      return !isCancelled;
    };
    return { ok: true, answer: await dress(problem!, evaluator, { onProgress: told }) };
  } catch (error) {
    if (error instanceof CoreError) return { ok: false, message: error.message };
    throw error;
  }
}

const left = (code: OutfitCode): Promise<LeftAtHome[]> => leftAtHome(problem!, code, evaluator);
const otherWays = (code: OutfitCode): OtherWay[] => otherWaysOf(problem!, judge!, code);
const relaxations = (look: CloseLook, wantedMinutes: number): Relaxation[] =>
  relaxationsOf(problem!, looks!, look, wantedMinutes);

const api = {
  take,
  judge: judgeHere,
  look: lookHere,
  warmUp,
  dress: dressNow,
  cancel: (): void => void (isCancelled = true),
  left,
  otherWays,
  relaxations,
};
export type DresserWorker = typeof api;

expose(api);
