import { clamp, type RandomStream } from "../../numeric";
import type { Archive, JudgedOutfit } from "./archive";
import type { DresserProblem } from "../outfit/dresser-problem";
import { LEAST_MINUTES, type Anchor, type MinutesModel } from "./minutes-model";
import { Nearby } from "./nearby";
import { keyOf, type OutfitCode } from "../outfit/outfit-code";
import { LEAST_GAIN, spreadChoice, type Candidate } from "./spread-choice";
import type { Variations } from "./variations";

/** The best outfit known, or guessed, of a range of mass. */
type Best = {
  readonly code: OutfitCode;
  readonly anchor: Anchor;
  readonly steps: number;
  readonly minutes: number;
  readonly isJudged: boolean;
};

/** What a guess walks with. */
export type Guessing = {
  readonly problem: DresserProblem;
  readonly archive: Archive;
  readonly model: MinutesModel;
  readonly variations: Variations;
  readonly random: RandomStream;
};

/** How many ranges of mass have a best each (assumption). */
const MASS_RANGES = 64;

/** What of the front a round looks at. All assumptions. */
export type Focus = {
  /** How many outfits are thought of. */
  readonly thoughts: number;
  /** What lasts less than this share of the best is worth no simulation. */
  readonly leastShare: number;
  /** Of what lasts less than this share of what is simulated half as long again is still little: gains count less. */
  readonly fewShare: number;
  /** Somebody known to last less is taken to last so long. */
  readonly leastKnownMinutes: number;
};
export const WHOLE_FRONT: Focus = { thoughts: 4_000, leastShare: 0.1, fewShare: 0.5, leastKnownMinutes: 1 };
/** Where little is carried each gram counts, and guesses tell no fewer minutes than the model knows apart. */
export const LIGHT_END: Focus = {
  thoughts: 3_000,
  leastShare: 0,
  fewShare: 0.02,
  leastKnownMinutes: LEAST_MINUTES,
};
/** How much less a guess is trusted with every step from what was simulated. */
const TRUSTED_PER_STEP = 0.985;
/** What a guess past the end of what is simulated is worth beyond it: nothing more can be seen, but it is the likelier to get there. */
const PAST_END_SHARE = 0.1;
/** Below the lightest that was simulated, as a share of the span of masses. */
const ROOM_BELOW = 0.15;
/** How often two changes are made at once. */
const TWO_CHANGES_SHARE = 0.7;
/** How often a part of the body is dressed as another outfit dresses it: what keeps feet warm does so for all. */
const CROSSED_SHARE = 0.4;
/** How often that other is one of the best; else any that was simulated. */
const OF_BEST_SHARE = 0.5;

const countedUpTo = (minutes: number, mostMinutes: number): number =>
  minutes <= mostMinutes ? minutes : mostMinutes * (1 + PAST_END_SHARE * (1 - mostMinutes / minutes));

/**
 * Outfits that may lie beyond the front: for each range of mass the best is varied again and again, by the guess alone,
 * starting from all that was simulated. Not simulated yet, valid, what promises most first.
 * @param hope what guesses are multiplied by: over 1 for who has simulations left and nothing that promises enough
 */
export function guessedFront(
  { problem, archive, model, variations, random }: Guessing,
  most: number,
  hope: number = 1,
  { thoughts, leastShare, fewShare, leastKnownMinutes }: Focus = WHOLE_FRONT,
): OutfitCode[] {
  const bearable = archive.bearable();
  const masses = bearable.map(({ massG }) => massG);
  const heaviest = Math.max(...masses);
  const lightest = Math.min(...masses);
  // Room below: what is lighter than all that was simulated has ranges of its own.
  const least = lightest - ROOM_BELOW * (heaviest - lightest);
  const rangeOf = (massG: number): number =>
    clamp(Math.floor(((massG - least) / Math.max(1, heaviest - least)) * MASS_RANGES), 0, MASS_RANGES - 1);
  const judged = new Array<JudgedOutfit | undefined>(MASS_RANGES);
  for (const own of bearable) {
    const range = rangeOf(own.massG);
    if ((judged[range]?.minutes ?? -1) < own.minutes) judged[range] = own;
  }
  const best = judged.map((own): Best | undefined => {
    if (!own) return undefined;
    const { code, minutes } = own;
    return { code, anchor: model.anchorAt(code, own), steps: 0, minutes, isJudged: true };
  });
  const oneOf = <Of>(items: readonly Of[]): Of | undefined => items[Math.floor(random() * items.length)];
  /** What keeps one part warmest may be best in nothing else. */
  const crossedWith = (): Pick<Best, "code"> | undefined => (random() < OF_BEST_SHARE ? oneOf(best) : oneOf(bearable));
  const code = problem.bare();
  for (let thought = 0; thought < thoughts; thought++) {
    const parent = oneOf(best);
    if (!parent) continue;
    const other = random() < CROSSED_SHARE ? crossedWith() : undefined;
    code.set(parent.code);
    if (other) variations.cross(code, other.code);
    else variations.change(code);
    if (random() < TWO_CHANGES_SHARE) variations.change(code);
    const range = rangeOf(problem.massG(code));
    const steps = parent.steps + 1;
    const trust = TRUSTED_PER_STEP ** steps;
    const beaten = (best[range]?.minutes ?? 0) * LEAST_GAIN;
    if (beaten >= problem.mostMinutes * trust) continue;
    const guessed = hope * model.guess(code, parent.anchor, beaten / (hope * trust));
    const minutes = countedUpTo(guessed, problem.mostMinutes) * trust;
    if (minutes <= beaten || archive.has(keyOf(code)) || !problem.isValid(code)) continue;
    best[range] = { code: code.slice(), anchor: parent.anchor, steps, minutes, isJudged: false };
  }
  const nearby = new Nearby(model, bearable);
  const leastMinutes = leastShare * Math.max(...bearable.map(({ minutes }) => minutes));
  const candidates = best.flatMap((own): Candidate[] => {
    if (!own || own.isJudged) return [];
    const { code } = own;
    const massG = problem.massG(code);
    const known = archive.minutesWithin(massG);
    if (known >= problem.mostMinutes) return [];
    const amongNear = countedUpTo(hope * nearby.guess(code), problem.mostMinutes);
    // One guess follows the best of all it came from, the other all that is near: each alone is off where the other is not.
    const minutes = Math.sqrt(own.minutes * amongNear);
    return minutes < leastMinutes ? [] : [{ code, massG, minutes, known: Math.max(leastKnownMinutes, known) }];
  });
  return spreadChoice(candidates, most, problem.mostMinutes * fewShare);
}
