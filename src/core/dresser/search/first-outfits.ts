import { usualWearing } from "../../dressing";
import { KIND_TABLE } from "../../pieces";
import type { DresserProblem } from "../outfit/dresser-problem";
import { PLACEMENT, withPlacement, type OutfitCode, type Placement } from "../outfit/outfit-code";

/** Where a piece usually is: what is big and warm waits for the seat. */
function usualPlacement({ kit, placements }: DresserProblem, index: number): Placement | undefined {
  const piece = kit[index]!;
  const wanted = usualWearing(piece).isForTheSit ? PLACEMENT.seat : PLACEMENT.start;
  return placements[index]!.includes(wanted) ? wanted : placements[index]![0];
}

/** Puts pieces on in an order, each that goes with what is on already; then whatever is still held in. */
function dressedInOrder(
  problem: DresserProblem,
  order: readonly number[],
  isEnough: (code: OutfitCode) => boolean,
): OutfitCode {
  let code = problem.bare();
  const pass = (mustBeValid: boolean): void => {
    for (const index of order) {
      if (isEnough(code)) return;
      const placement = usualPlacement(problem, index);
      if (code[index]! > 0 || placement === undefined) continue;
      const next = withPlacement(code, [index, placement]);
      const fits = mustBeValid ? problem.isValid(next) : problem.isBeginning(next);
      if (fits) code = next;
    }
  };
  pass(false);
  pass(true);
  return code;
}

/** Pieces that may be worn at all. */
const wearable = ({ placements }: DresserProblem): number[] =>
  placements.flatMap((own, index) => (own.length > 0 ? [index] : []));

/** Boots first, as room in them decides what goes under; then what is held in, then by warmth. */
function warmestFirst(problem: DresserProblem): number[] {
  const held = (index: number): number => (problem.wishes.heldIn.includes(problem.kit[index]!.id) ? 0 : 1);
  const turn = (index: number): number =>
    problem.kit[index]!.kind === "footwear" ? 0 : KIND_TABLE[problem.kit[index]!.kind].liesUnder ? 2 : 1;
  return wearable(problem).sort(
    (one, other) =>
      held(one) - held(other) ||
      turn(one) - turn(other) ||
      problem.features.warmthOf(other) - problem.features.warmthOf(one) ||
      one - other,
  );
}

/** Outfits to begin with: the warmest by the labels, the least that is decent, and some between. Only valid ones. */
export function firstOutfits(problem: DresserProblem): OutfitCode[] {
  const warmest = dressedInOrder(problem, warmestFirst(problem), () => false);
  const byMass = wearable(problem).sort((one, other) => problem.massesG[one]! - problem.massesG[other]! || one - other);
  const least = dressedInOrder(problem, byMass, (code) => problem.isValid(code));
  const between = thinned(problem, warmest);
  return [least, warmest, ...between].filter((code) => problem.isValid(code));
}

/** The warmest without what weighs most for its warmth, step by step; each valid. */
function thinned(problem: DresserProblem, warmest: OutfitCode): OutfitCode[] {
  const steps: OutfitCode[] = [];
  let code = warmest;
  for (;;) {
    const next = problem.kit
      .map((_, index) => ({ index, worth: problem.features.warmthOf(index) / Math.max(1, problem.massesG[index]!) }))
      .filter(({ index }) => code[index]! > 0)
      .sort((one, other) => one.worth - other.worth)
      .map(({ index }) => withPlacement(code, [index, PLACEMENT.home]))
      .find((less) => problem.isValid(less));
    if (!next) return steps;
    steps.push(next);
    code = next;
  }
}
