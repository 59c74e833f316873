import { expose, wrap, type Remote } from "comlink";
import {
  CloseLooks,
  dress,
  DresserProblem,
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

/** What is searched for, told apart by all it follows from. */
type Asked = { readonly key: string; readonly answer: Promise<DresserReply>; onProgress: OnProgress };
type OnProgress = (progress: DresserProgress) => void;
let searched: Asked | null = null;

/** A search that nobody waits for any more. */
class Abandoned extends Error {}

async function search(
  outing: Outing,
  kit: readonly DresserPiece[],
  wishes: Wishes,
  goesOn: (progress: DresserProgress) => boolean,
): Promise<DresserReply> {
  startHelpers();
  try {
    take(outing, kit, wishes);
    await Promise.all(helpers.map((helper) => helper.take(outing, kit, wishes)));
    return { ok: true, answer: await dress(problem!, evaluator, { onProgress: goesOn }) };
  } catch (error) {
    if (error instanceof CoreError) return { ok: false, message: error.message };
    throw error;
  }
}

/** The search for these, which may go on already. */
function searchFor(outing: Outing, kit: readonly DresserPiece[], wishes: Wishes, onProgress: OnProgress): Asked {
  const key = JSON.stringify([outing, kit, wishes]);
  if (searched?.key === key && !isCancelled) {
    searched.onProgress = onProgress;
    return searched;
  }
  isCancelled = false;
  const before = searched?.answer.catch(() => undefined);
  const asked: Asked = {
    key,
    onProgress,
    // One after the other: they use the same helpers. One that is not wanted any more ends with its next batch.
    answer: Promise.resolve(before).then(() =>
      search(outing, kit, wishes, (progress) => {
        if (searched !== asked) throw new Abandoned();
        asked.onProgress(progress);
        return !isCancelled;
      }),
    ),
  };
  searched = asked;
  return asked;
}

/** Searches before it is asked, while wishes are read: whoever changes none of them waits less, and the engine is warm. */
async function warmUp(outing: Outing, kit: readonly DresserPiece[], wishes: Wishes): Promise<void> {
  if (searched) return;
  await searchFor(outing, kit, wishes, () => undefined).answer.catch((error: unknown) => {
    if (!(error instanceof Abandoned)) throw error;
  });
}

const dressNow = (
  outing: Outing,
  kit: readonly DresserPiece[],
  wishes: Wishes,
  onProgress: OnProgress,
): Promise<DresserReply> => searchFor(outing, kit, wishes, onProgress).answer;

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
