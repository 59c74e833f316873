import { leastMinutesStill, type LevelVerdict } from "../limits";
import { normal, seededRandom } from "../numeric";
import type { Outing } from "../outing";
import { LOW_SHARE, RANGE_MEMBERS } from "../range";
import { simulateOneSit } from "../simulation";
import { OutingAsLearnt } from "./as-learnt";
import type { Learnt } from "./calibrate";
import { drawnFrom, wornOf } from "./drawn-from";
import { CHANCES, CHANCE_SPREAD, type Chance } from "./unknowns";

/** Minutes of a sit for a person a logbook is known of; `null` later than was looked at. */
export type LearntRange = {
  readonly low: number | null;
  readonly middle: number | null;
  readonly high: number | null;
};

/** The same for every plan, so that plans differ by themselves alone. */
const SEED = 1;

/**
 * Where the minutes of an outing's first sit lie in eight cases of ten: the person and the clothes drawn from what was
 * learnt, the outing's chances from what they usually are.
 * @param learnt `null`: of nobody in particular, by the same means
 * @throws {CoreError} as `simulateOuting` does
 */
export function learntRange(outing: Outing, learnt: Learnt | null, seed = SEED): LearntRange {
  const random = seededRandom(seed);
  const again = new OutingAsLearnt(outing);
  const draw = drawnFrom(learnt);
  const minutes = Array.from({ length: RANGE_MEMBERS }, () => {
    const own = draw(random);
    const chance = Object.fromEntries(CHANCES.map((name) => [name, CHANCE_SPREAD[name] * normal(random)])) as Chance;
    const worn = wornOf(own, outing, random);
    return minutesOf(simulateOneSit(...withoutSeries(again.as(own.traits, worn, chance))), chance);
  }).sort((one, other) => one - other);
  const at = (share: number): number | null => {
    const value = minutes[Math.round(share * (minutes.length - 1))]!;
    return value === Infinity ? null : Math.round(value);
  };
  return { low: at(LOW_SHARE), middle: at(0.5), high: at(1 - LOW_SHARE) };
}

const withoutSeries = ([outing, options]: ReturnType<OutingAsLearnt["as"]>) => [outing, 0, options] as const;

const minutesOf = (verdict: LevelVerdict, { lnModel }: Chance): number =>
  verdict.kind === "longerThan" ? Infinity : leastMinutesStill(verdict) * Math.exp(lnModel);
