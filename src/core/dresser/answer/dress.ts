import { Archive, type JudgedOutfit } from "../search/archive";
import { isAnimalFree, lightestThatLasts, noiseOf, quietestThatLasts, shownBeside, spreadOut } from "./choose-outfits";
import { CloseLooks, countedOn, lasts, type CloseLook } from "./close-look";
import type { DresserProblem, Load } from "../outfit/dresser-problem";
import { nextLooks, type Looked } from "./next-looks";
import { keyOf, type OutfitCode } from "../outfit/outfit-code";
import { OutfitJudge, type Judgement } from "../search/outfit-judge";
import { searchFront, settleFront, SIMULATION_BUDGET } from "../search/search";

/** Who simulates: alone in this process, or several workers beside each other. The answer is the same. */
export type OutfitEvaluator = {
  /** @param isSketch whether steps four times as long are close enough; not when not given */
  readonly judge: (outfits: readonly OutfitCode[], isSketch?: boolean) => Promise<readonly Judgement[]>;
  readonly look: (outfits: readonly OutfitCode[]) => Promise<readonly CloseLook[]>;
};

/** Why an outfit is named among those shown. */
export const PICKS = ["lightestThatDoes", "warmest", "quietest", "animalFree"] as const;
export type Pick = (typeof PICKS)[number];

/** An outfit of the answer. */
export type DressedOutfit = CloseLook &
  Load & {
    readonly picks: readonly Pick[];
    /** It lasts as long as is wanted, as sure as is wished. */
    readonly does: boolean;
    readonly loudestNoise: number;
  };

export type DresserAnswer = {
  /** Of the front those that differ truly, and what is named beside it; the lightest first. */
  readonly outfits: readonly DressedOutfit[];
  /** All of the front, by single simulations; a line to draw where its figures were not asked for. */
  readonly front: readonly JudgedOutfit[];
  /** `null`: as long as possible. */
  readonly wantedMinutes: number | null;
  /** Whether any outfit does what is wanted. */
  readonly canBeDone: boolean;
  /** How many outfits were simulated to find them. */
  readonly simulated: number;
};

/** What is known on the way: the front as it stands, by single simulations. */
export type DresserProgress = {
  readonly front: readonly JudgedOutfit[];
  readonly simulated: number;
  readonly budget: number;
};

export type DresserOptions = {
  readonly seed?: number | undefined;
  readonly budget?: number | undefined;
  /** Whether figures are taken of the whole front, not only of the outfits of the answer; not when not given. */
  readonly isWholeFrontWanted?: boolean | undefined;
  /** Told after every batch; @returns whether to go on searching. */
  readonly onProgress?: ((progress: DresserProgress) => boolean) | undefined;
};

/** Simulates alone, one outfit after the other. */
export function aloneEvaluator(problem: DresserProblem): OutfitEvaluator {
  const judge = new OutfitJudge(problem);
  const looks = new CloseLooks(problem);
  return {
    judge: async (outfits, isSketch) => outfits.map((code) => judge.judge(code, isSketch)),
    look: async (outfits) => outfits.map((code) => looks.look(code)),
  };
}

/** So many of the front are looked at closely before what is named is known: its ends and what lies between. */
const FIRST_LOOKS = 3;

/**
 * Finds what to wear: the few outfits of a kit that truly differ, from the lightest to the warmest, each simulated.
 * The same seed gives the same answer, whoever simulates. Stopped early, it answers with what is known.
 * @throws {CoreError} as `simulateOuting` does
 */
export async function dress(
  problem: DresserProblem,
  evaluator: OutfitEvaluator = aloneEvaluator(problem),
  { seed = 1, budget = SIMULATION_BUDGET, isWholeFrontWanted = false, onProgress = () => true }: DresserOptions = {},
): Promise<DresserAnswer> {
  const archive = new Archive();
  const search = searchFront(problem, archive, budget, seed);
  for (let step = search.next(); !step.done;) {
    step = search.next(await evaluator.judge(step.value.codes, step.value.isSketch));
    if (!onProgress({ front: archive.front(), simulated: archive.size, budget })) break;
  }
  const settling = settleFront(problem, archive, (known) =>
    isWholeFrontWanted ? known.front() : spreadOut(known.closeFront()),
  );
  for (let step = settling.next(); !step.done;) step = settling.next(await evaluator.judge(step.value.codes));
  return answerFrom(problem, archive, evaluator);
}

async function answerFrom(
  problem: DresserProblem,
  archive: Archive,
  evaluator: OutfitEvaluator,
): Promise<DresserAnswer> {
  const { sureShare, wantedMinutes: wished } = problem.wishes;
  const outfits = archive.bearable();
  const front = archive.closeFront();
  const looks = new Map<string, CloseLook>();
  const unbearable = new Set<JudgedOutfit>();
  /** What was only sketched is looked at once it can truly be borne. */
  const lookAt = async (wanted: readonly JudgedOutfit[]): Promise<void> => {
    const sketched = wanted.filter(({ isSketch, code }) => isSketch && !looks.has(keyOf(code)));
    const judgements = sketched.length === 0 ? [] : await evaluator.judge(sketched.map(({ code }) => code));
    sketched.forEach((outfit, place) => judgements[place]!.minutes < 0 && unbearable.add(outfit));
    const borne = wanted.filter((outfit) => !unbearable.has(outfit)).map(({ code }) => code);
    const fresh = borne.filter((code) => !looks.has(keyOf(code)));
    (await evaluator.look(fresh)).forEach((look) => looks.set(keyOf(look.code), look));
  };
  await lookAt(spreadOut(front, FIRST_LOOKS));
  const ratio = countedOverSingle([...looks.values()], sureShare);
  const lookedAt = (outfit: JudgedOutfit): Looked | null => {
    if (unbearable.has(outfit)) return null;
    const look = looks.get(keyOf(outfit.code));
    return {
      massG: outfit.massG,
      minutes: outfit.minutes,
      countedMinutes: look ? countedOn(look, sureShare).minutes : null,
      does: wished !== null && look !== undefined && lasts(look, wished, sureShare),
    };
  };
  // A middle may lie above the single run, the lower end of a range hardly does.
  const mayLast = front.filter(({ minutes, isLonger }) => isLonger || minutes * Math.max(1, ratio) >= (wished ?? 0));
  const lightest = wished === null ? undefined : await lightestOf(mayLast, lookedAt, wished, lookAt);
  const guessed = (wished ?? Infinity) / (ratio || 1);
  const named: Partial<Record<Pick, JudgedOutfit | undefined>> = {
    lightestThatDoes: lightest,
    warmest: front.at(-1),
    quietest: quietestThatLasts(problem, outfits, Math.min(guessed, front.at(-1)?.minutes ?? 0)),
    animalFree: lightestThatLasts(
      outfits.filter((outfit) => outfit.minutes > 0 && isAnimalFree(problem, outfit)),
      guessed,
    ),
  };
  const shown = shownBeside(front, [...new Set(Object.values(named).flatMap((outfit) => outfit ?? []))], ({ code }) =>
    looks.has(keyOf(code)),
  );
  await lookAt(shown);
  const borne = shown.filter((outfit) => !unbearable.has(outfit));
  const answered = borne.map(({ code }): DressedOutfit => {
    const key = keyOf(code);
    const look = looks.get(key)!;
    const picks = PICKS.filter((pick) => named[pick] && keyOf(named[pick].code) === key);
    const [loudestNoise] = noiseOf(problem, look);
    return {
      ...look,
      ...problem.loadOf(look.code),
      picks,
      does: wished === null || lasts(look, wished, sureShare),
      loudestNoise,
    };
  });
  answered.sort((one, other) => one.carriedG - other.carriedG || one.minutesStill - other.minutesStill);
  return {
    outfits: answered,
    front,
    wantedMinutes: wished,
    canBeDone: wished === null || answered.some(({ does }) => does),
    simulated: archive.size,
  };
}

/** How what is counted on stands to the single run, in the middle of what was looked at. */
function countedOverSingle(looks: readonly CloseLook[], sureShare: number): number {
  const ratios = looks
    .filter(({ minutesStill }) => minutesStill > 0)
    .map((look) => countedOn(look, sureShare).minutes / look.minutesStill)
    .sort((one, other) => one - other);
  return ratios[Math.floor(ratios.length / 2)] ?? 1;
}

/**
 * The lightest of the front that lasts as wished: what is lighter and was looked at last falls short. Ends of ranges do not
 * grow as evenly as minutes do.
 */
async function lightestOf(
  front: readonly JudgedOutfit[],
  lookedAt: (outfit: JudgedOutfit) => Looked | null,
  wantedMinutes: number,
  lookAt: (wanted: readonly JudgedOutfit[]) => Promise<void>,
): Promise<JudgedOutfit | undefined> {
  for (;;) {
    const hopeful = front.flatMap((outfit) => {
      const looked = lookedAt(outfit);
      return looked ? [{ outfit, looked }] : [];
    });
    const places = nextLooks(
      hopeful.map(({ looked }) => looked),
      wantedMinutes,
    );
    if (places.length === 0) return hopeful.find(({ looked }) => looked.does)?.outfit;
    await lookAt(places.map((place) => hopeful[place]!.outfit));
  }
}
