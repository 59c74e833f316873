import * as m from "@/messages";
import type { LiveAnswer } from "@/core/live";
import type { LoggerFault } from "@/core/loggers";
import type { Sensor } from "@/core/loggers";
import { differenceText } from "../quantities";
import { durationText } from "../time";

export const SENSOR_WORDS: Readonly<Record<Sensor, string>> = {
  leftToes: m.liveSensorLeftToes,
  rightToes: m.liveSensorRightToes,
  leftFingers: m.liveSensorLeftFingers,
  rightFingers: m.liveSensorRightFingers,
  air: m.liveSensorAir,
};

/** What is wrong with a logger. @param clock of the minute it began */
export function faultWords({ sensor, kind }: LoggerFault, clock: string): string {
  const name = SENSOR_WORDS[sensor];
  const words: Readonly<Record<LoggerFault["kind"], string>> = {
    impossible: m.liveFaultImpossible({ sensor: name }),
    jump: m.liveFaultJump({ sensor: name }),
    stuck: m.liveFaultStuck({ sensor: name, clock }),
    apart: m.liveFaultApart({ sensor: name }),
    swapped: m.liveFaultSwapped({ sensor: name }),
    silent: m.liveFaultSilent({ sensor: name, clock }),
  };
  return words[kind];
}

/** Nearer to the plan than this nobody would say it is off, K. */
const AS_PLANNED_K = 0.75;

/** How a logger's latest reading lies to the plan. */
export function againstPlanWords({ byK }: LiveAnswer["againstPlan"][number]): string {
  if (Math.abs(byK) < AS_PLANNED_K) return m.liveAsPlanned;
  const by = differenceText(Math.abs(byK), 1);
  return byK > 0 ? m.liveWarmer({ by }) : m.liveColder({ by });
}

/** Fewer minutes than this are no news. */
const NEWS_MINUTES = 3;

/** What all that was heard made of the plan; `null` where it is no news, or either has no end. */
export function changedWords(plannedMinutes: number | null, nowMinutes: number | null): string | null {
  if (plannedMinutes === null || nowMinutes === null) return null;
  const by = nowMinutes - plannedMinutes;
  if (Math.abs(by) < NEWS_MINUTES) return null;
  const minutes = durationText(Math.abs(by));
  return by > 0 ? m.liveChanged({ minutes }) : m.liveChangedShorter({ minutes });
}
