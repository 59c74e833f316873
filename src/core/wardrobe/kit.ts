import {
  DresserProblem,
  frontWithin,
  lightestThatLasts,
  spreadOut,
  USUAL_WISHES,
  type DresserPiece,
  type OutfitCode,
  type Wishes,
} from "../dresser";
import type { Outing } from "../outing";

/** A kit and the plan it is for: one person, one way in, one seat. */
export type Kit = {
  readonly outing: Outing;
  readonly pieces: readonly DresserPiece[];
  readonly wantedMinutes: number;
};

/** A placement a piece, as in an outfit's code, and its switches: plain numbers, so that it can be stored. */
export type OutfitNumbers = readonly number[];

export const codeOf = (numbers: OutfitNumbers): OutfitCode => Uint8Array.from(numbers);

export const wishesOf = ({ wantedMinutes }: Kit): Wishes => ({ ...USUAL_WISHES, wantedMinutes });

/** @param outing the kit's own, in the weather it is dressed for */
export const problemOf = (kit: Kit, outing: Outing = kit.outing): DresserProblem =>
  new DresserProblem(outing, kit.pieces, wishesOf(kit));

/** Simulated for each weather a kit is dressed for: half of what one outing is searched with, as neighbours add their own. */
const BUDGET = 160;

/**
 * The outfits of a kit for an outing: those of the dresser's front that differ truly, and the lightest that lasts as wanted.
 * @throws {CoreError} as `simulateOuting` does
 */
export function outfitsFor(kit: Kit, outing: Outing): OutfitNumbers[] {
  const problem = problemOf(kit, outing);
  const front = frontWithin(problem, BUDGET);
  const lightest = lightestThatLasts(front, kit.wantedMinutes);
  const chosen = new Set([...spreadOut(front), ...(lightest ? [lightest] : [])]);
  return [...chosen].map(({ code }) => [...code]);
}

/** Every outfit once, the lightest first. */
export function byMass(problem: DresserProblem, outfits: readonly OutfitNumbers[]): OutfitNumbers[] {
  const once = [...new Map(outfits.map((numbers) => [numbers.join(""), numbers])).values()];
  return once.sort((one, other) => problem.massG(codeOf(one)) - problem.massG(codeOf(other)));
}
