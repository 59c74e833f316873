import { placementsApart, type OutfitCode } from "../outfit/outfit-code";

/** An outfit that may be simulated next. */
export type Candidate = {
  readonly code: OutfitCode;
  readonly massG: number;
  /** As guessed. */
  readonly minutes: number;
  /** The most minutes known, or believed, of what weighs no more. */
  readonly known: number;
};

/** A guess has to beat what is known by so much to be worth a simulation. */
export const LEAST_GAIN = 1.01;
/** What differs in no more placements is taken for one idea: the simulation of one tells of both (assumption). */
const ALIKE_UP_TO = 3;

/**
 * Those that promise most, the first believed as the next is chosen: what is like it, or heavier and lasts no longer, adds
 * nothing until that is simulated.
 * @param fewMinutes gains of what lasts less are held against these: half as long again as little is still little
 */
export function spreadChoice(candidates: readonly Candidate[], most: number, fewMinutes: number): OutfitCode[] {
  const gainOf = ({ minutes, known }: Candidate): number =>
    minutes > known * LEAST_GAIN ? (minutes - known) / Math.max(known, fewMinutes) : 0;
  const chosen: OutfitCode[] = [];
  let left = candidates;
  while (chosen.length < most) {
    const [first, ...others] = left;
    if (!first) break;
    const top = others.reduce((best, own) => (gainOf(own) > gainOf(best) ? own : best), first);
    if (gainOf(top) === 0) break;
    chosen.push(top.code);
    left = left
      .filter(({ code }) => placementsApart(code, top.code, ALIKE_UP_TO) > ALIKE_UP_TO)
      .map((own) => (own.massG < top.massG ? own : { ...own, known: Math.max(own.known, top.minutes) }));
  }
  return chosen;
}
