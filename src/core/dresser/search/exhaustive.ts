import type { DresserProblem } from "../outfit/dresser-problem";
import { SWITCHES, type OutfitCode } from "../outfit/outfit-code";

/** Where a kit makes no more outfits than these, all are looked at. */
export const MOST_TRIED_ALL = 5000;
/** Beginnings of outfits that are looked at in counting, for each outfit wanted. */
const BEGINNINGS_PER_OUTFIT = 8;
/** Of more pieces than these there are always too many outfits: not counted (assumption). */
const MOST_PIECES_COUNTED = 40;

/** Every valid outfit of a problem; `null` where there are more than so many. */
export function allOutfits(problem: DresserProblem, most: number): OutfitCode[] | null {
  const { kit, placements, rules, hasWay } = problem;
  if (placements.filter((own) => own.length > 0).length > MOST_PIECES_COUNTED) return null;
  const found: OutfitCode[] = [];
  const code = problem.bare();
  let beginnings = 0;
  /** @returns whether it goes on */
  const from = (index: number): boolean => {
    if (++beginnings > most * BEGINNINGS_PER_OUTFIT) return false;
    if (index === kit.length) {
      if (!problem.isValid(code)) return true;
      for (let switches = 0; switches < (hasWay ? 1 << SWITCHES : 1); switches++) {
        const own = code.slice();
        for (let place = 0; place < SWITCHES; place++) own[kit.length + place] = (switches >> place) & 1;
        found.push(own);
      }
      return found.length <= most;
    }
    code[index] = 0;
    if (!from(index + 1)) return false;
    for (const placement of placements[index]!) {
      code[index] = placement;
      if (rules.hasConflict(code, index, placement)) continue;
      if (!from(index + 1)) return false;
    }
    code[index] = 0;
    return true;
  };
  return from(0) ? found : null;
}
