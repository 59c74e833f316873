import { max, mean } from "d3-array";
import { frontOf, type JudgedOutfit } from "@/core/dresser/search/archive";
import { aloneEvaluator, dress, DresserProblem, OutfitJudge, USUAL_WISHES, type DresserAnswer } from "@/core/dresser";
import { allOutfits, MOST_TRIED_ALL } from "@/core/dresser/search/exhaustive";
import { randomOutfit } from "@/core/dresser/search/random-outfits";
import { seededRandom } from "@/core/numeric";
import { seededDay, seededKit } from "./seeded-kit";

// `npm run -s proof -- dresser`: small kits against all their outfits, large ones against outfits by chance, others with
// a piece more.

/** Sizes of small kits that are tried in turn. */
const SMALL_SIZES = [8, 9, 10, 11, 12] as const;
const LEAST_OUTFITS = 8;
const LARGE_KIT = 60;

/** What a small kit showed. */
export type SmallKit = {
  readonly seed: number;
  readonly pieces: number;
  readonly outfits: number;
  readonly simulated: number;
  /** Outfits that last longer than all of the front that weigh no more, and by how much the worst. */
  readonly missed: number;
  readonly worstMinutes: number;
};

/** What a large kit showed. */
export type LargeKit = {
  readonly seed: number;
  readonly tried: number;
  /** Share of minutes by which the best outfit by chance of no more mass was better; 0 where none was. */
  readonly worstShare: number;
  readonly worst: string;
  readonly ms: number;
};

const minutesWithin = ({ front }: DresserAnswer, massG: number): number =>
  Math.max(-1, ...front.filter((outfit) => outfit.massG <= massG).map(({ minutes }) => minutes));

/** Fronts are compared here, point by point. */
const WHOLE = { isWholeFrontWanted: true } as const;

/** Small kits, each with no more valid outfits than are all looked at, against every one of them. */
export async function smallKits(count: number, mostOutfits: number = MOST_TRIED_ALL): Promise<SmallKit[]> {
  const shown: SmallKit[] = [];
  for (let seed = 1; shown.length < count; seed++) {
    const kit = seededKit(SMALL_SIZES[seed % SMALL_SIZES.length]!, seed);
    const problem = new DresserProblem(seededDay(seed), kit, USUAL_WISHES);
    const all = allOutfits(problem, mostOutfits);
    if (!all || all.length < LEAST_OUTFITS) continue;
    const answer = await dress(problem, aloneEvaluator(problem), WHOLE);
    const judge = new OutfitJudge(problem);
    const missed = all
      .map((code) => judge.judge(code).minutes - minutesWithin(answer, problem.massG(code)))
      .filter((more) => more > 0);
    shown.push({
      seed,
      pieces: kit.length,
      outfits: all.length,
      simulated: answer.simulated,
      missed: missed.length,
      worstMinutes: Math.max(0, ...missed),
    });
  }
  return shown;
}

/** A sketch that lies so far behind is not simulated in full steps: twice the share that a test finds sketches off by. */
const SKETCH_IS_OFF = { share: 0.1, minutes: 2 } as const;

/** Kits of sixty pieces against outfits by chance. @param onKit told of each as it is done: all of them take hours */
export async function largeKits(
  count: number,
  tries: number,
  onKit: (kit: LargeKit) => void = () => undefined,
): Promise<LargeKit[]> {
  const shown: LargeKit[] = [];
  for (let seed = 1; seed <= count; seed++) {
    const problem = new DresserProblem(seededDay(seed), seededKit(LARGE_KIT, seed), USUAL_WISHES);
    const before = performance.now();
    const answer = await dress(problem, aloneEvaluator(problem), { ...WHOLE, seed });
    const ms = performance.now() - before;
    const judge = new OutfitJudge(problem);
    const random = seededRandom(seed);
    let [tried, worstShare, worst] = [0, 0, ""];
    for (let draw = 0; draw < tries; draw++) {
      const code = randomOutfit(problem, random);
      if (!code) continue;
      tried++;
      const massG = problem.massG(code);
      const known = Math.max(0, minutesWithin(answer, massG)); // nothing that light: it arrives too cold
      const sketch = judge.judge(code, true).minutes;
      if (sketch >= 0 && sketch * (1 + SKETCH_IS_OFF.share) + SKETCH_IS_OFF.minutes <= known) continue;
      const { minutes } = judge.judge(code);
      const share = minutes > known ? (minutes - known) / Math.max(1, minutes) : 0;
      if (share > worstShare) [worstShare, worst] = [share, `${massG} g: ${minutes} min by chance, ${known} found`];
    }
    const kit = { seed, tried, worstShare, worst, ms };
    shown.push(kit);
    onKit(kit);
  }
  return shown;
}

/** What a piece more did to a kit. */
export type PieceMore = {
  readonly seed: number;
  readonly pieces: number;
  /** Minutes lost at the same mass, at most, and the minutes that were had before. */
  readonly lostMinutes: number;
  readonly beforeMinutes: number;
};

/** Kits of middling size with a piece more: nothing that was found before may be lost by it. */
export async function piecesMore(count: number): Promise<PieceMore[]> {
  const shown: PieceMore[] = [];
  for (let seed = 1; seed <= count; seed++) {
    const kit = seededKit(MIDDLING_SIZES[seed % MIDDLING_SIZES.length]!, seed);
    const day = seededDay(seed);
    const [fewer, more] = await Promise.all(
      [kit.slice(0, -1), kit].map((own) => {
        const problem = new DresserProblem(day, own, USUAL_WISHES);
        return dress(problem, aloneEvaluator(problem), WHOLE);
      }),
    );
    const losses = fewer!.front.map(({ massG, minutes }) => ({
      lostMinutes: minutes - Math.max(0, minutesWithin(more!, massG * (1 + MASS_TOLERANCE))),
      beforeMinutes: minutes,
    }));
    const worst = losses.reduce((most, own) => (own.lostMinutes > most.lostMinutes ? own : most), {
      lostMinutes: 0,
      beforeMinutes: 0,
    });
    shown.push({ seed, pieces: kit.length, ...worst });
  }
  return shown;
}
/** Fronts are steep: what is found for a little more mass counts as found (the stated tolerance). */
const MASS_TOLERANCE = 0.03;
const MIDDLING_SIZES = [18, 24, 32, 45, 60] as const;

/** How much of what longer searches know the usual one misses. */
export type LongerSearch = {
  readonly seed: number;
  readonly pieces: number;
  /** Share of minutes lost at the same mass, on average over the front of the longer ones, and at most. */
  readonly lostShare: number;
  readonly worstShare: number;
};

const LONGER_SEARCHES = 4;
const LONGER_BUDGET = 800;
/** Nobody asks for less. */
const LEAST_MINUTES = 30;

/** Kits of middling size searched as usual, against the best that several longer searches find. */
export async function longerSearches(count: number): Promise<LongerSearch[]> {
  const shown: LongerSearch[] = [];
  for (let seed = 1; seed <= count; seed++) {
    const kit = seededKit(MIDDLING_SIZES[seed % MIDDLING_SIZES.length]!, seed);
    const problem = new DresserProblem(seededDay(seed), kit, USUAL_WISHES);
    const usual = await dress(problem, aloneEvaluator(problem), WHOLE);
    const known: JudgedOutfit[] = [...usual.front];
    for (let other = 1; other <= LONGER_SEARCHES; other++) {
      const options = { ...WHOLE, seed: 1 + other, budget: LONGER_BUDGET };
      known.push(...(await dress(problem, aloneEvaluator(problem), options)).front);
    }
    const losses = frontOf(known)
      .filter(({ minutes }) => minutes >= LEAST_MINUTES)
      .map(({ massG, minutes }) => {
        const found = Math.max(0, minutesWithin(usual, massG * (1 + MASS_TOLERANCE)));
        return Math.max(0, (minutes - found) / minutes);
      });
    shown.push({ seed, pieces: kit.length, lostShare: mean(losses) ?? 0, worstShare: max(losses) ?? 0 });
  }
  return shown;
}

export type DresserProof = {
  readonly smalls: readonly SmallKit[];
  readonly larges: readonly LargeKit[];
  readonly pieces: readonly PieceMore[];
  readonly longer: readonly LongerSearch[];
};
