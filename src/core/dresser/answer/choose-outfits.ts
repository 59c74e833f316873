import { holdsDown } from "../../changes";
import { frontOf, type JudgedOutfit } from "../search/archive";
import type { DresserProblem } from "../outfit/dresser-problem";
import { keyOf } from "../outfit/outfit-code";

/** As many outfits of the front are spread out, and shown with those that are named (assumptions). */
const MOST_SPREAD = 6;
const MOST_SHOWN = 8;
/** Outfits differ truly when one lasts so much longer (assumptions). */
const DIFFERS_BY = { share: 0.08, minutes: 5 } as const;
/** The warmest stands for a lighter one that lasts nearly as long only where it weighs hardly more (assumption). */
const HARDLY_HEAVIER = 1.05;

/** Of the front those that differ truly, at most so many: lightest and warmest, and the ones spread between them. */
export function spreadOut(front: readonly JudgedOutfit[], most: number = MOST_SPREAD): JudgedOutfit[] {
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
  // Those that were simulated closely stay, so that who has that done for what is chosen chooses the same again.
  while (differing.length > most)
    differing.splice(leastMissed(differing, ({ isSketch }) => isSketch) ?? leastMissed(differing) ?? 1, 1);
  return differing;
}

/**
 * What is shown: all that is named, and of the front what differs truly and none of those stands for. Of the rest what was
 * looked at stays the longest, as its figures are there.
 * @returns the lightest first
 */
export function shownBeside(
  front: readonly JudgedOutfit[],
  named: readonly JudgedOutfit[],
  isLookedAt: (outfit: JudgedOutfit) => boolean,
): JudgedOutfit[] {
  const others = spreadOut(front).filter((outfit) => !named.some((own) => standsFor(own, outfit)));
  const shown = [...new Set([...named, ...others])].sort((one, other) => one.massG - other.massG);
  const isNamed = new Set(named);
  while (shown.length > MOST_SHOWN) {
    const place =
      leastMissed(shown, (outfit) => !isNamed.has(outfit) && !isLookedAt(outfit)) ??
      leastMissed(shown, (outfit) => !isNamed.has(outfit));
    if (place === undefined) break;
    shown.splice(place, 1);
  }
  return shown;
}

/** Whether another outfit need not be shown beside one that is: it lasts about as long, and is hardly lighter. */
const standsFor = (own: JudgedOutfit, { minutes, massG }: JudgedOutfit): boolean =>
  Math.abs(own.minutes - minutes) < minutes * DIFFERS_BY.share + DIFFERS_BY.minutes &&
  own.massG <= massG * HARDLY_HEAVIER;

/** Place of the outfit that its neighbours stand in for best; the ends stay, and all that may not go. */
function leastMissed(
  outfits: readonly JudgedOutfit[],
  mayGo: (outfit: JudgedOutfit) => boolean = () => true,
): number | undefined {
  const [first, last] = [outfits[0]!, outfits.at(-1)!];
  const massSpan = Math.max(1, last.massG - first.massG);
  const minuteSpan = Math.max(1, last.minutes - first.minutes);
  let [least, leastGap]: [number | undefined, number] = [undefined, Infinity];
  for (let place = 1; place < outfits.length - 1; place++) {
    if (!mayGo(outfits[place]!)) continue;
    const [before, after] = [outfits[place - 1]!, outfits[place + 1]!];
    const gap = Math.hypot((after.massG - before.massG) / massSpan, (after.minutes - before.minutes) / minuteSpan);
    if (gap < leastGap) [least, leastGap] = [place, gap];
  }
  return least;
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
