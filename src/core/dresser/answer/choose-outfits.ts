import { holdsDown } from "../../changes";
import { frontOf, type JudgedOutfit } from "../search/archive";
import type { DresserProblem } from "../outfit/dresser-problem";
import { keyOf } from "../outfit/outfit-code";

/** As many outfits of the front are shown; with those that are named about eight in all. */
const MOST_SHOWN = 6;
/** Outfits differ truly when one lasts so much longer (assumptions). */
const DIFFERS_BY = { share: 0.08, minutes: 5 } as const;
/** The warmest stands for a lighter one that lasts nearly as long only where it weighs hardly more (assumption). */
const HARDLY_HEAVIER = 1.05;

/** Of the front those that differ truly, at most so many: lightest and warmest, and the ones spread between them. */
export function spreadOut(front: readonly JudgedOutfit[], most: number = MOST_SHOWN): JudgedOutfit[] {
  const warmest = front.at(-1);
  if (!warmest) return [];
  // From the warmest down, so that of those that last alike the lightest stays.
  const differing: JudgedOutfit[] = [];
  for (const outfit of front) {
    if (outfit.minutes <= 0 && outfit !== warmest) continue; // arrives too cold: nobody asks for it
    const before = differing.at(-1);
    const isMore = !before || outfit.minutes >= before.minutes * (1 + DIFFERS_BY.share) + DIFFERS_BY.minutes;
    if (isMore) differing.push(outfit);
  }
  const last = differing.at(-1)!;
  if (warmest.minutes > last.minutes) {
    if (warmest.massG <= last.massG * HARDLY_HEAVIER) differing.pop();
    differing.push(warmest);
  }
  while (differing.length > most) differing.splice(leastMissed(differing), 1);
  return differing;
}

/** Place of the outfit that its neighbours stand in for best; the ends stay. */
function leastMissed(outfits: readonly JudgedOutfit[]): number {
  const [first, last] = [outfits[0]!, outfits.at(-1)!];
  const massSpan = Math.max(1, last.massG - first.massG);
  const minuteSpan = Math.max(1, last.minutes - first.minutes);
  let least = { place: 1, gap: Infinity };
  for (let place = 1; place < outfits.length - 1; place++) {
    const [before, after] = [outfits[place - 1]!, outfits[place + 1]!];
    const gap = Math.hypot((after.massG - before.massG) / massSpan, (after.minutes - before.minutes) / minuteSpan);
    if (gap < least.gap) least = { place, gap };
  }
  return least.place;
}

/** How loud an outfit is: its loudest piece, then how many are heard at all. */
export function noiseOf(
  problem: DresserProblem,
  { code }: Pick<JudgedOutfit, "code">,
): readonly [loudest: number, heard: number] {
  const noises = problem.kit.flatMap(({ traits }, index) => (code[index]! > 0 ? [traits.noise ?? 0] : []));
  return [Math.max(0, ...noises), noises.filter((noise) => noise >= HEARD_FROM).length];
}
/** Heard by somebody beside one, by NOISE. */
const HEARD_FROM = 2;

/** Whether nothing of an outfit is known or taken to be of animals. */
export const isAnimalFree = (problem: DresserProblem, { code }: Pick<JudgedOutfit, "code">): boolean =>
  problem.kit.every((piece, index) => code[index] === 0 || (piece.traits.isAnimalFree === true && !holdsDown(piece)));

/** The best of some outfits: the lightest that lasts as guessed, else the one that lasts longest. */
export function lightestThatLasts(outfits: readonly JudgedOutfit[], minutes: number): JudgedOutfit | undefined {
  const front = frontOf(outfits);
  return front.find((outfit) => outfit.minutes >= minutes || outfit.isLonger) ?? front.at(-1);
}

/** The quietest of those that last as guessed; of equally quiet ones the lightest. */
export function quietestThatLasts(
  problem: DresserProblem,
  outfits: readonly JudgedOutfit[],
  minutes: number,
): JudgedOutfit | undefined {
  const lasting = outfits.filter((outfit) => outfit.minutes >= minutes || outfit.isLonger);
  const noises = new Map(lasting.map((outfit) => [outfit, noiseOf(problem, outfit)]));
  return lasting.sort((one, other) => {
    const [loud, heard] = noises.get(one)!;
    const [otherLoud, otherHeard] = noises.get(other)!;
    return (
      loud - otherLoud ||
      heard - otherHeard ||
      one.massG - other.massG ||
      (keyOf(one.code) < keyOf(other.code) ? -1 : 1)
    );
  })[0];
}
