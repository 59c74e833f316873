import { HELD_PAST_PLAN_MINUTES, type InTask } from "../limits";
import type { Phase } from "../outing";
import type { SitSpan } from "../outing";
import { kindAt } from "../outing";

/** Which minutes of a sit belong to a task; past the plan its last sitting goes on with its tasks. */
export function taskMinutes(phases: readonly Phase[], { fromMinute, toMinute, lastPhase }: SitSpan): InTask {
  // Minute m of the curves is the end of step m: a task's own minutes are those after its start.
  const tasks = new Uint8Array(toMinute - fromMinute + HELD_PAST_PLAN_MINUTES + 1);
  let start = 0;
  phases.forEach((phase, index) => {
    const end = start + phase.minutes;
    if (start >= fromMinute && end <= toMinute) {
      for (let minute = start; minute < end; minute++) mark(phase, minute - start, minute);
    }
    if (index === lastPhase) {
      for (let held = 0; held < HELD_PAST_PLAN_MINUTES; held++) mark(phase, toMinute + held - start, toMinute + held);
    }
    start = end;
  });
  function mark(phase: Phase, minuteInPhase: number, minute: number): void {
    if (kindAt(phase, minuteInPhase) === "task") tasks[minute - fromMinute + 1] = 1;
  }
  return (sitMinute) => tasks[sitMinute] === 1;
}
