import { traitsOf, wornAsLearnt, type Learnt } from "../outing";
import { NO_CHANCE } from "../range";
import type { ToldSit } from "./fit-logbook";
import { SitAgain, type SitMeasures } from "./sit-measures";

/** A note that stays far from all that was learnt, itself among it: something was other than told. */
export type OddNote = {
  /** Place among the sits. */
  readonly sit: number;
  readonly toldMinutes: number;
  readonly expectedMinutes: number;
};

/** What chance, the model and the telling move minutes by, natural logarithm (assumption: the spreads of docs/logbook.md together). */
const USUAL_SPREAD = 0.4;
const ODD_FROM_DEVIATIONS = 3;

const TIMED = [
  { parts: ["leftToes", "rightToes"], ln: ({ lnToes }: SitMeasures) => lnToes },
  { parts: ["leftFingers", "rightFingers"], ln: ({ lnFingers }: SitMeasures) => lnFingers },
  { parts: ["body"], ln: ({ lnBody }: SitMeasures) => lnBody },
] as const;

/**
 * Notes of which it should be asked what was different.
 * @throws {CoreError} as `simulateOuting` does
 */
export function oddNotes(learnt: Learnt, sits: readonly ToldSit[]): OddNote[] {
  return sits.flatMap(({ outing, felt }, sit): OddNote[] => {
    const told = TIMED.flatMap(({ parts, ln }) => {
      const minutes = parts.flatMap((part) => felt.parts[part]?.coldAfterMinutes ?? []);
      return minutes.length > 0 ? [{ minutes: Math.max(1, Math.min(...minutes)), ln }] : [];
    });
    if (told.length === 0) return [];
    const worn = wornAsLearnt(learnt, outing);
    const expected = new SitAgain(outing, felt.minutes).measures(traitsOf(learnt), worn, NO_CHANCE);
    return told
      .filter(({ minutes, ln }) => Math.abs(Math.log(minutes) - ln(expected)) > ODD_FROM_DEVIATIONS * USUAL_SPREAD)
      .slice(0, 1)
      .map(({ minutes, ln }) => ({ sit, toldMinutes: minutes, expectedMinutes: Math.round(Math.exp(ln(expected))) }));
  });
}
