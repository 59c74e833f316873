import { usualWearing } from "../../dressing";
import type { DresserProblem } from "../outfit/dresser-problem";
import { PLACEMENT, withPlacement, type OutfitCode, type Placement } from "../outfit/outfit-code";

/** Where a piece usually is: what is big and warm waits for the seat. */
function usualPlacement({ kit, placements }: DresserProblem, index: number): Placement | undefined {
  const piece = kit[index]!;
  const wanted = usualWearing(piece).isForTheSit ? PLACEMENT.seat : PLACEMENT.start;
  return placements[index]!.includes(wanted) ? wanted : placements[index]![0];
}

/**
 * What nobody goes without and what is held in, of each the first by some order that goes with what is on already: boots
 * before socks, and socks before long underwear, which would take their room.
 * @param before what is put on before all that
 */
function decentlyDressed(
  problem: DresserProblem,
  order: readonly number[],
  before: readonly number[] = [],
): OutfitCode {
  const { kit, rules, wishes } = problem;
  let code = problem.bare();
  const put = (index: number, placement: Placement | undefined): boolean => {
    if (placement === undefined) return false;
    const next = withPlacement(code, [index, placement]);
    const fits = problem.isBeginning(next);
    if (fits) code = next;
    return fits;
  };
  for (const index of order) if (wishes.heldIn.includes(kit[index]!.id)) put(index, usualPlacement(problem, index));
  for (const index of before) put(index, usualPlacement(problem, index));
  for (const answers of rules.needed) {
    if (answers.some((index) => code[index] === PLACEMENT.start)) continue;
    order.find((index) => answers.includes(index) && put(index, PLACEMENT.start));
  }
  return code;
}

/** Puts on whatever else goes with an outfit, in an order; what has to lie under something else once that is on. */
function filledUp(problem: DresserProblem, code: OutfitCode, order: readonly number[]): OutfitCode {
  let filled = code;
  for (let turn = 0; turn < 2; turn++) {
    for (const index of order) {
      const placement = usualPlacement(problem, index);
      if (filled[index]! > 0 || placement === undefined) continue;
      const next = withPlacement(filled, [index, placement]);
      if (problem.isValid(next)) filled = next;
    }
  }
  return filled;
}

/** Pieces that may be worn at all, by some measure. */
const wearable = ({ placements }: DresserProblem, measure: (index: number) => number): number[] =>
  placements
    .flatMap((own, index) => (own.length > 0 ? [index] : []))
    .sort((one, other) => measure(one) - measure(other) || one - other);

/** What brings heat goes on before all cloth: beside so much that it tells, it weighs little (m²·K/W; assumption). */
const HEAT_BEFORE_CLOTH = 10;
/** So many outfits to begin with, at most: one for each of the great choices of a usual kit (assumption). */
const MOST_FIRST = 9;

/**
 * Outfits to begin with: the warmest by its labels; where that is too much to carry, the lightest that is decent with
 * whatever else goes. Then the warmest with a piece that is on in none of them, big ones first: a suit keeps out the parka
 * and the bib, one pair of boots all others, and change by change nobody comes from one to the other. Nothing where none can
 * be worn. (Of the very lightest the search learns nothing: who arrives too cold in it tells no more than that, and its
 * guesses of outfits worth wearing get worse.)
 */
export function firstOutfits(problem: DresserProblem): OutfitCode[] {
  const byMass = wearable(problem, (index) => problem.massesG[index]!);
  const warmthOf = (index: number): number =>
    problem.features.warmthOf(index) + (problem.kit[index]!.heat ? HEAT_BEFORE_CLOTH : 0);
  const byWarmth = wearable(problem, (index) => -warmthOf(index));
  const first = [byWarmth, byMass]
    .map((order) => filledUp(problem, decentlyDressed(problem, order), byWarmth))
    .find((code) => problem.isValid(code));
  if (!first) return [];
  const found = [first];
  for (const index of byWarmth) {
    if (found.length === MOST_FIRST) break;
    if (found.some((code) => code[index]! > 0)) continue;
    const code = filledUp(problem, decentlyDressed(problem, byWarmth, [index]), byWarmth);
    if (code[index]! > 0 && problem.isValid(code)) found.push(code);
  }
  return found;
}
