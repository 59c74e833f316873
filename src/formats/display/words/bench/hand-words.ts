import * as m from "@/messages";
import { LONGEST_REWARM_MINUTES, LONGEST_TASK_MINUTES, type HandTask } from "@/core/bench";
import type { Level } from "@/core/limits";
import { durationText } from "../../time";

/** "25 min", or that it is longer than was looked at. */
export const fingerText = (minutes: number | null, lookedAtMinutes: number): string =>
  minutes === null ? m.over({ hours: durationText(lookedAtMinutes) }) : durationText(minutes);

/** How long a task can be done; fingers that are past their limit before it do not begin. */
export const taskText = ({ minutes }: HandTask, level: Level): string =>
  minutes[level] === 0 ? m.tooColdBefore : fingerText(minutes[level], LONGEST_TASK_MINUTES);

/** How long the hand takes to come back. */
export const rewarmText = ({ rewarmMinutes }: HandTask): string =>
  rewarmMinutes === 0 ? m.nothingToWarm : fingerText(rewarmMinutes, LONGEST_REWARM_MINUTES);

/** What comes off for a task, by the names of the layers. */
export function offText({ off }: HandTask, names: readonly string[]): string {
  if (names.length === 0) return m.bareAsItIs;
  if (off.length === 0) return m.nothingComesOff;
  if (off.length === names.length) return m.bare;
  return m.without({ off: off.map((index) => names[index]).join(m.and) });
}
