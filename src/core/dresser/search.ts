import { seededRandom } from "../numeric";
import { randomOutfit } from "./random-outfits";
import { Archive, type JudgedOutfit } from "./archive";
import type { DresserProblem } from "./dresser-problem";
import { allOutfits, MOST_TRIED_ALL } from "./exhaustive";
import { firstOutfits } from "./first-outfits";
import { MinutesModel, type Anchor } from "./minutes-model";
import { neighboursOf } from "./neighbours";
import { keyOf, type OutfitCode } from "./outfit-code";
import type { Judgement } from "./outfit-judge";

/** Outfits that wait for the simulation's word; their judgements are what the search goes on with. */
export type Asked = readonly OutfitCode[];
export type Search = Generator<Asked, Archive, readonly Judgement[]>;

/** How many outfits are simulated, at most, where not all can be. */
export const SIMULATION_BUDGET = 320;
const BATCH = 16;
/** Drawn by chance to learn from, before anything is guessed. */
const DRAWN = 64;
/** Of the front so many are looked around at a time, spread over its mass. */
const LOOKED_AROUND = 10;
const MASS_BINS = 8;

/** Asks for outfits, takes in what is said of them, and learns from it. */
function* judged(
  problem: DresserProblem,
  archive: Archive,
  model: MinutesModel,
  codes: Asked,
): Generator<Asked, void, readonly Judgement[]> {
  const fresh = [...new Map(codes.map((code) => [keyOf(code), code])).entries()]
    .filter(([key]) => !archive.has(key))
    .map(([, code]) => code);
  for (let from = 0; from < fresh.length; from += BATCH) {
    const batch = fresh.slice(from, from + BATCH);
    const judgements = yield batch;
    batch.forEach((code, index) => {
      const judgement = judgements[index]!;
      archive.add({ code, massG: problem.massG(code), ...judgement });
      if (judgement.coveredMinutes > 0) model.learn(code, judgement);
    });
  }
}

/** Some of the front, spread over it. */
function spread(front: readonly JudgedOutfit[], most: number, turn: number): readonly JudgedOutfit[] {
  if (front.length <= most) return front;
  const step = front.length / most;
  return Array.from(
    { length: most },
    (_, index) => front[Math.floor(index * step + (turn % Math.ceil(step))) % front.length]!,
  );
}

type Promising = { readonly code: OutfitCode; readonly key: string; readonly anchor: Anchor; readonly margin: number };

/** The most promising valid outfits of each range of mass. */
function best(problem: DresserProblem, archive: Archive, found: readonly Promising[], each: number): Promising[] {
  const front = archive.front();
  const [lightest, heaviest] = [front[0]?.massG ?? 0, front.at(-1)?.massG ?? 0];
  const binWidthG = Math.max(1, (heaviest - lightest) / MASS_BINS);
  const taken = new Array<number>(MASS_BINS).fill(0);
  const sorted = [...found].sort((one, other) => other.margin - one.margin || (one.key < other.key ? -1 : 1));
  return sorted.filter(({ code }) => {
    const bin = Math.max(0, Math.min(MASS_BINS - 1, Math.floor((problem.massG(code) - lightest) / binWidthG)));
    if (taken[bin]! >= each || !problem.isValid(code)) return false;
    taken[bin] = taken[bin]! + 1;
    return true;
  });
}

/** Outfits some steps from the front that may lie beyond it: a guess walks ahead of the simulation. */
function promising(problem: DresserProblem, archive: Archive, model: MinutesModel, turn: number): OutfitCode[] {
  const seen = new Set<string>();
  const found: Promising[] = [];
  let from: readonly { readonly code: OutfitCode; readonly anchor: Anchor }[] = spread(
    archive.front(),
    LOOKED_AROUND,
    turn,
  ).map((own) => ({ code: own.code, anchor: model.anchorAt(own.code, own) }));
  for (let step = 1; step <= STEPS_AHEAD; step++) {
    const reached: Promising[] = [];
    for (const { code, anchor } of from) {
      for (const next of neighboursOf(problem, code)) {
        const key = keyOf(next);
        if (seen.has(key) || archive.has(key)) continue;
        seen.add(key);
        const reach = Math.max(1, archive.minutesWithin(problem.massG(next)));
        const margin = (model.guess(next, anchor) / reach) * TRUSTED_PER_STEP ** step;
        if (margin > LEAST_MARGIN) reached.push({ code: next, key, anchor, margin });
      }
    }
    const next = best(problem, archive, reached, BATCH / MASS_BINS);
    found.push(...next);
    from = next;
  }
  return best(problem, archive, found, BATCH / MASS_BINS).map(({ code }) => code);
}
/** How many steps the guess walks ahead, how much less each is trusted, and what is not looked at (assumptions). */
const STEPS_AHEAD = 3;
const TRUSTED_PER_STEP = 0.95;
const LEAST_MARGIN = 0.9;

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
  yield* judged(problem, archive, model, firstOutfits(problem));
  const random = seededRandom(seed);
  const drawn = Array.from({ length: DRAWN }, () => randomOutfit(problem, random));
  yield* judged(
    problem,
    archive,
    model,
    drawn.filter((code) => code !== null),
  );
  const all = allOutfits(problem, MOST_TRIED_ALL);
  if (all && all.length <= budget) {
    yield* judged(problem, archive, model, all);
    return archive;
  }
  for (let turn = 0; archive.size < budget; turn++) {
    const next = promising(problem, archive, model, turn);
    if (next.length === 0) break;
    yield* judged(problem, archive, model, next);
  }
  if (all) yield* withoutTheHopeless(problem, archive, model, all);
  return archive;
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
    yield* judged(problem, archive, model, hopeful);
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
