import { DIGITS, type Digit } from "../digits";
import { TRUNK_FLOOR, type Limit, type LimitPlace, type Watch } from "../limits";
import type { OutingSeries } from "./series";

const DIGIT_WATCH: Readonly<Record<Digit, { limit: Limit; place: LimitPlace }>> = {
  leftToes: { limit: "toes", place: { part: "toes", side: "left" } },
  rightToes: { limit: "toes", place: { part: "toes", side: "right" } },
  leftFingers: { limit: "fingers", place: { part: "fingers", side: "left" } },
  rightFingers: { limit: "fingers", place: { part: "fingers", side: "right" } },
  nose: { limit: "face", place: { part: "nose", side: null } },
  cheeks: { limit: "face", place: { part: "cheeks", side: null } },
  ears: { limit: "face", place: { part: "ears", side: null } },
};
const WHOLE_BODY: LimitPlace = { part: "body", side: null };

/** A curve from the start of a sit to the end of what was simulated: planned minutes, then those held past the plan. */
function joined(
  planned: Float64Array,
  from: number,
  to: number,
  held: Float64Array | null,
  heldMinutes: number,
): Float64Array {
  const values = new Float64Array(to - from + 1 + heldMinutes);
  values.set(planned.subarray(from, to + 1));
  if (held) values.set(held.subarray(1, heldMinutes + 1), to - from + 1);
  return values;
}

/**
 * Everything a sit is judged by.
 * @param fromMinute, toMinute the sit in `planned`
 * @param held curves from the sit's end on, index 0 being that end; `null` when nothing was simulated past the plan
 */
export function sitWatches(
  planned: OutingSeries,
  fromMinute: number,
  toMinute: number,
  held: OutingSeries | null,
  heldMinutes: number,
): Watch[] {
  const values = (curve: (series: OutingSeries) => Float64Array): Float64Array =>
    joined(curve(planned), fromMinute, toMinute, held && curve(held), heldMinutes);
  const trunkC = values((series) => series.trunkC);
  return [
    ...DIGITS.map((digit) => ({ ...DIGIT_WATCH[digit], values: values(({ digitC }) => digitC[digit]) })),
    { limit: "shivering", place: WHOLE_BODY, values: values(({ shiveringWPerM2 }) => shiveringWPerM2) },
    { limit: "meanSkin", place: WHOLE_BODY, values: values(({ meanSkinC }) => meanSkinC) },
    { limit: "trunk", place: WHOLE_BODY, values: trunkC.map((value) => planned.trunkC[0]! - value) },
    { limit: "trunk", place: WHOLE_BODY, values: trunkC, bounds: TRUNK_FLOOR },
    { limit: "heat", place: WHOLE_BODY, values: trunkC },
    { limit: "heatDebt", place: WHOLE_BODY, values: values(({ heatDebtWhPerM2 }) => heatDebtWhPerM2) },
  ];
}
