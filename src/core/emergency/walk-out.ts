import { EFFORT_CLASS } from "../effort";
import { LEVELS, LIMIT_TABLE, TRUNK_FLOOR, type Limit } from "../limits";
import { type Outing, type Phase, totalMinutes } from "../outing";
import { simulateOuting, type OutingResult } from "../simulation";

/** On foot at night with what was carried in: no hurry, to stay dry (assumption). */
const ON_FOOT: Pick<Phase, "kind" | "posture" | "activityRatio" | "walkSpeedMPerS"> = {
  kind: "walkOut",
  posture: "standing",
  activityRatio: 3.5,
  walkSpeedMPerS: 1,
};
/** Waiting at the end of it, min: for help, or a house that has to be opened (assumption). */
export const WAITS_MIN = 60;
const WAITING: Phase = {
  kind: "sit",
  minutes: WAITS_MIN,
  posture: "standing",
  activityRatio: EFFORT_CLASS.standingStill.activityRatio,
  walkSpeedMPerS: 0,
};
const HARD = LEVELS.at(-1)!;

/** How somebody stands at a minute. */
export type Standing = {
  readonly toesC: number;
  readonly fingersC: number;
  readonly trunkC: number;
  readonly heatDebtWhPerM2: number;
  /** Water in the clothes of the trunk, g/m². */
  readonly trunkWaterGPerM2: number;
};

/** What becomes of somebody who has to walk on because the vehicle stays. */
export type AfterWalkOut = {
  readonly endMinute: number;
  readonly onArrival: Standing;
  /** After an hour of standing still there. */
  readonly afterWaiting: Standing;
  /** Limits that are past their hard level then. */
  readonly hardPassed: readonly Limit[];
};

function standingAt({ series }: OutingResult, minute: number): Standing {
  const colder = (one: Float64Array, other: Float64Array): number => Math.min(one[minute]!, other[minute]!);
  const { digitC } = series;
  return {
    toesC: colder(digitC.leftToes, digitC.rightToes),
    fingersC: colder(digitC.leftFingers, digitC.rightFingers),
    trunkC: series.trunkC[minute]!,
    heatDebtWhPerM2: series.heatDebtWhPerM2[minute]!,
    trunkWaterGPerM2: series.waterGPerM2.trunk[minute]!,
  };
}

const isPastHard = ({ toesC, fingersC, trunkC, heatDebtWhPerM2 }: Standing): Limit[] => {
  const hard = (limit: Limit): number => LIMIT_TABLE[limit].value[HARD];
  return [
    ...(toesC < hard("toes") ? (["toes"] as const) : []),
    ...(fingersC < hard("fingers") ? (["fingers"] as const) : []),
    ...(trunkC < TRUNK_FLOOR.value[HARD] ? (["trunk"] as const) : []),
    ...(heatDebtWhPerM2 > hard("heatDebt") ? (["heatDebt"] as const) : []),
  ];
};

/**
 * What becomes of the plan when the vehicle stays: after its end so many minutes on foot in what is worn by then, and an
 * hour of waiting. The last hour's weather is held.
 * @param minutes on foot, at least 1
 * @throws {CoreError} as `simulateOuting` does
 * @source whole model; pace and waiting are assumptions (docs/method.md, "Emergencies")
 */
export function walkOut(outing: Outing, minutes: number): AfterWalkOut {
  const planned = totalMinutes(outing.phases);
  const end = planned + minutes;
  const longer: Outing = {
    ...outing,
    phases: [...outing.phases, { ...ON_FOOT, minutes }, WAITING],
    wearings: outing.wearings.map((wearing) =>
      wearing.toMinute >= planned ? { ...wearing, toMinute: end + WAITS_MIN } : wearing,
    ),
  };
  const result = simulateOuting(longer);
  const [onArrival, afterWaiting] = [standingAt(result, end), standingAt(result, end + WAITS_MIN)];
  const hardPassed = [...new Set([...isPastHard(onArrival), ...isPastHard(afterWaiting)])];
  return { endMinute: end, onArrival, afterWaiting, hardPassed };
}
