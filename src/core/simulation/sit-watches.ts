import { DIGITS, type Digit } from "../digits";
import { LIMITS, TRUNK_FLOOR, type Bounds, type Limit, type LimitPlace, type Watch } from "../limits";
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

/** Bounds of limits that a person feels elsewhere than others do. */
export type FeltAt = Readonly<Partial<Record<Limit, Bounds>>>;

/** Curve from the start of a sit to the end of what was simulated. */
type Joined = (curve: (series: OutingSeries) => Float64Array) => Float64Array;

type BodyWatch = (joined: Joined, planned: OutingSeries) => readonly Pick<Watch, "values" | "bounds">[];

/** How a limit of the whole body is watched; `null`: it is watched at digits, by `DIGIT_WATCH`. */
const BODY_WATCH: Readonly<Record<Limit, BodyWatch | null>> = {
  toes: null,
  fingers: null,
  face: null,
  shivering: (joined) => [{ values: joined(({ shiveringWPerM2 }) => shiveringWPerM2) }],
  meanSkin: (joined) => [{ values: joined(({ meanSkinC }) => meanSkinC) }],
  trunk: (joined, { trunkC }) => {
    const values = joined((series) => series.trunkC);
    return [{ values: values.map((value) => trunkC[0]! - value) }, { values, bounds: TRUNK_FLOOR }];
  },
  heat: (joined) => [{ values: joined(({ trunkC }) => trunkC) }],
  heatDebt: (joined) => [{ values: joined(({ heatDebtWhPerM2 }) => heatDebtWhPerM2) }],
};

/** Read once: every sit is looked at many times. */
const BODY_WATCHES = LIMITS.flatMap((limit): readonly (readonly [Limit, BodyWatch])[] => {
  const watched = BODY_WATCH[limit];
  return watched ? [[limit, watched]] : [];
});

/**
 * A curve from the start of a sit to the end of what was simulated: planned minutes, then those held past the plan. Planned
 * minutes alone are not copied: a sit that is lived until its end is sure is looked at again and again.
 */
function joined(
  planned: Float64Array,
  from: number,
  to: number,
  held: Float64Array | null,
  heldMinutes: number,
): Float64Array {
  if (!held) return planned.subarray(from, to + 1);
  const values = new Float64Array(to - from + 1 + heldMinutes);
  values.set(planned.subarray(from, to + 1));
  values.set(held.subarray(1, heldMinutes + 1), to - from + 1);
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
  feltAt: FeltAt = {},
): Watch[] {
  const values: Joined = (curve) => joined(curve(planned), fromMinute, toMinute, held && curve(held), heldMinutes);
  const watches: Watch[] = DIGITS.map((digit) => {
    const { limit, place } = DIGIT_WATCH[digit];
    return { limit, place, bounds: feltAt[limit], values: values(({ digitC }) => digitC[digit]) };
  });
  for (const [limit, watched] of BODY_WATCHES) {
    for (const { values: own, bounds = feltAt[limit] } of watched(values, planned))
      watches.push({ limit, place: WHOLE_BODY, bounds, values: own });
  }
  return watches;
}
