import { sitSpans, withSitMinutes, type Outing, type SitSpan } from "../outing";
import { simulateCurves } from "../simulation";
import { colder } from "./sit-measures";
import type { LearntPart } from "./told-in-minutes";

/** Toes and fingers, the colder side, and the mean skin, °C, minute by minute from the start of the sit until its end. */
export type PastSitCurves = Readonly<Record<LearntPart, readonly number[]>>;

/**
 * The first sit of an outing, as long as it really was, for people in general.
 * @param minutes how long it was
 * @throws {CoreError} as `simulateOuting` does
 */
export function pastSitCurves(outing: Outing, minutes: number): PastSitCurves {
  const { learnt: _learnt, ...person } = outing.person;
  const sat = withSitMinutes({ ...outing, person }, Math.max(1, minutes));
  const [{ fromMinute, toMinute }] = sitSpans(sat.phases) as [SitSpan];
  const { digitC, meanSkinC } = simulateCurves(sat);
  // A sit of several phases can be cut no shorter than all but its last.
  const endMinute = Math.min(toMinute, fromMinute + minutes);
  const sit = (values: Float64Array): Float64Array => values.subarray(fromMinute, endMinute + 1);
  return {
    toes: [...colder(sit(digitC.leftToes), sit(digitC.rightToes))],
    fingers: [...colder(sit(digitC.leftFingers), sit(digitC.rightFingers))],
    body: [...sit(meanSkinC)],
  };
}
