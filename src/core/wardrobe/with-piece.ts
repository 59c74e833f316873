import { PLACEMENT, SWITCHES, type DresserProblem, type OutfitCode } from "../dresser";
import { coveredMask } from "../labels";

/**
 * An outfit with one piece more: put on wherever it may be, over all that is worn or in the place of one of them that
 * covers some of the same.
 * @param problem of a kit in which the piece stands at `place`
 * @param code of that kit, without the piece
 */
export function outfitsWith(problem: DresserProblem, code: OutfitCode, place: number): OutfitCode[] {
  const own = coveredMask(problem.kit[place]!.label);
  const instead = problem.kit.flatMap(({ label }, index) =>
    index !== place && code[index]! > 0 && (coveredMask(label) & own) !== 0 ? [index] : [],
  );
  return problem.placements[place]!.filter((placement) => placement !== PLACEMENT.home)
    .flatMap((placement) =>
      [null, ...instead].map((gone) => {
        const changed = code.slice();
        changed[place] = placement;
        if (gone !== null) changed[gone] = PLACEMENT.home;
        return changed;
      }),
    )
    .filter((changed) => problem.isValid(changed));
}

/** An outfit of a kit as one of the same kit with so many pieces more, none of which is worn. */
export function widened(code: OutfitCode, more: number): OutfitCode {
  const pieces = code.length - SWITCHES;
  return Uint8Array.from([...code.slice(0, pieces), ...Array.from({ length: more }, () => 0), ...code.slice(pieces)]);
}
