import { seededRandom } from "../../numeric";
import { randomOutfit } from "./random-outfits";
import { Variations } from "./variations";
import { Archive, type JudgedOutfit } from "./archive";
import type { DresserProblem } from "../outfit/dresser-problem";
import { allOutfits, MOST_TRIED_ALL } from "./exhaustive";
import { firstOutfits } from "./first-outfits";
import { guessedFront, LIGHT_END, WHOLE_FRONT } from "./guessed-front";
import { MinutesModel } from "./minutes-model";
import { keyOf, type OutfitCode } from "../outfit/outfit-code";
import type { Judgement } from "./outfit-judge";

/** Outfits that wait for the simulation's word; their judgements are what the search goes on with. */
export type Asked = {
  readonly codes: readonly OutfitCode[];
  /** Steps four times as long are close enough: what they say only orders (a law tries by how little it is off). */
  readonly isSketch: boolean;
};
export type Search = Generator<Asked, Archive, readonly Judgement[]>;

/** How many outfits are simulated, at most, where not all can be. */
export const SIMULATION_BUDGET = 240;
/** Simulated at a time: parted among workers, and learnt from together; the first few are answered at once. */
const FIRST_BATCH = 4;
const BATCH = 8;
/** The last of them look at the light end alone, few at a time: there each tells where the next has to be (assumptions). */
const LIGHT_END_SHARE = 0.1;
const LIGHT_END_BATCH = 4;
/** Where little promises more than is known, guesses are taken for more, step by step. */
const HOPE_STEP = 1.1;
const MOST_HOPE = 3;
/** Drawn by chance to learn from, before anything is guessed. */
const DRAWN = 12;

/** Asks for outfits, takes in what is said of them, and learns from it. */
function* judged(
  problem: DresserProblem,
  archive: Archive,
  model: MinutesModel | null,
  { codes, isSketch }: Asked,
): Generator<Asked, void, readonly Judgement[]> {
  const fresh = [...new Map(codes.map((code) => [keyOf(code), code])).entries()]
    .filter(([key]) => !archive.knows(key, isSketch))
    .map(([, code]) => code);
  for (let from = 0; from < fresh.length;) {
    const batch = fresh.slice(from, from + (archive.size === 0 ? FIRST_BATCH : BATCH));
    from += batch.length;
    const judgements = yield { codes: batch, isSketch };
    batch.forEach((code, index) => {
      const judgement = judgements[index]!;
      archive.add({ code, massG: problem.massG(code), isSketch, ...judgement });
      if (judgement.coveredMinutes > 0) model?.learn(code, judgement);
    });
  }
}

/**
 * Searches the outfits of a kit for the front of minutes over mass. Anytime: the archive is the best known after every
 * batch. Where there are few enough outfits all are looked at; else as many as the budget allows are simulated, those
 * next to the front that a guess puts highest.
 */
export function* searchFront(
  problem: DresserProblem,
  archive = new Archive(),
  budget: number = SIMULATION_BUDGET,
  seed = 1,
): Search {
  const model = new MinutesModel(problem.kit);
  const all = allOutfits(problem, MOST_TRIED_ALL);
  const isSketch = all === null;
  yield* judged(problem, archive, model, { codes: firstOutfits(problem), isSketch });
  if (all && all.length <= budget) {
    yield* judged(problem, archive, model, { codes: all, isSketch: false });
    return archive;
  }
  const random = seededRandom(seed);
  const drawn = Array.from({ length: Math.min(DRAWN, Math.max(0, budget - archive.size)) }, () =>
    randomOutfit(problem, random),
  );
  yield* judged(problem, archive, model, { codes: drawn.filter((code) => code !== null), isSketch });
  const guessing = { problem, archive, model, variations: new Variations(problem, random), random };
  for (let hope = 1; archive.size < budget && hope <= MOST_HOPE;) {
    const isLightEnd = archive.size >= budget * (1 - LIGHT_END_SHARE);
    const most = Math.min(isLightEnd ? LIGHT_END_BATCH : BATCH, budget - archive.size);
    const next = guessedFront(guessing, most, hope, isLightEnd ? LIGHT_END : WHOLE_FRONT);
    if (next.length < most / 2) hope *= HOPE_STEP;
    yield* judged(problem, archive, model, { codes: next, isSketch });
  }
  if (all) yield* withoutTheHopeless(problem, archive, model, all);
  return archive;
}

/**
 * Simulates what is chosen as closely as what is shown, until none of it is a sketch: some of it may turn out
 * to lie behind, and others be chosen.
 */
export function* settleFront(
  problem: DresserProblem,
  archive: Archive,
  chosen: (archive: Archive) => readonly JudgedOutfit[],
): Generator<Asked, void, readonly Judgement[]> {
  for (;;) {
    const sketched = chosen(archive).filter(({ isSketch }) => isSketch);
    if (sketched.length === 0) return;
    yield* judged(problem, archive, null, { codes: sketched.map(({ code }) => code), isSketch: false });
  }
}

/** What a piece less may add at most: a layer that only holds sweat is better left at home (tried by a law). */
const GAIN_OF_LESS = { share: 0.05, minutes: 2 } as const;

/** The most minutes an outfit may last of which a fuller one lasts so long; who arrives too cold in more arrives so in less. */
export const mostOfLess = (fullerMinutes: number): number =>
  fullerMinutes <= 0 ? fullerMinutes : fullerMinutes * (1 + GAIN_OF_LESS.share) + GAIN_OF_LESS.minutes;

/**
 * All outfits, the fullest first. One that is part of another simulated outfit lasts hardly longer than it: where something
 * as light already lasts longer than that, it need not be simulated.
 */
function* withoutTheHopeless(
  problem: DresserProblem,
  archive: Archive,
  model: MinutesModel,
  all: readonly OutfitCode[],
): Generator<Asked, void, readonly Judgement[]> {
  const bounds = new Map<string, number>();
  const count = (code: OutfitCode): number =>
    problem.kit.reduce((sum, _, index) => sum + (code[index]! > 0 ? 1 : 0), 0);
  const bySize = new Map<number, OutfitCode[]>();
  for (const code of all) bySize.set(count(code), [...(bySize.get(count(code)) ?? []), code]);
  for (const size of [...bySize.keys()].sort((one, other) => other - one)) {
    const hopeful: OutfitCode[] = [];
    for (const code of bySize.get(size)!) {
      const key = keyOf(code);
      const bound = Math.min(...fullerKeys(problem, code).map((fuller) => bounds.get(fuller) ?? Infinity));
      bounds.set(key, bound);
      const reach = Math.min(problem.mostMinutes, mostOfLess(bound));
      if (archive.minutesWithin(problem.massG(code)) < reach) hopeful.push(code);
    }
    yield* judged(problem, archive, model, { codes: hopeful, isSketch: false });
    for (const code of bySize.get(size)!) {
      const own = archive.get(keyOf(code));
      if (own && own.coveredMinutes > 0 && own.limit !== "heat")
        bounds.set(keyOf(code), Math.min(bounds.get(keyOf(code))!, own.minutes));
    }
  }
}

/** Keys of the same outfit with one piece more. */
function fullerKeys({ kit, placements }: DresserProblem, code: OutfitCode): string[] {
  return kit.flatMap((_, index) =>
    code[index]! > 0
      ? []
      : placements[index]!.map((placement) => {
          const fuller = code.slice();
          fuller[index] = placement;
          return keyOf(fuller);
        }),
  );
}
