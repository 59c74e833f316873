import { cardMoments } from "../wire/evening/card-lists";
import type { FieldCard } from "../wire/evening/field-card";
import { plannedMinutes } from "../wire/outing/hours-of-plan";

const MS_PER_MINUTE = 60_000;
/** How long after the planned end whoever waits is worried, where nobody has said it (assumption). */
const USUAL_ALARM_MINUTES = 60;

/** When somebody goes, turns back, is back, and is overdue, ms since 1970. */
export type Due = {
  readonly startMs: number;
  readonly turnBackMs: number | null;
  readonly backMs: number;
  readonly overdueMs: number;
};

export function dueTimes({ view, sit }: FieldCard): Due {
  const startMs = Date.parse(view.startsAt);
  const turnBack = cardMoments(view, sit).find(({ act }) => act.kind === "turnBack");
  const backMs = startMs + plannedMinutes(view) * MS_PER_MINUTE;
  return {
    startMs,
    turnBackMs: turnBack ? startMs + turnBack.minute * MS_PER_MINUTE : null,
    backMs,
    overdueMs: backMs + (view.plan.leftWith?.alarmAfterMinutes ?? USUAL_ALARM_MINUTES) * MS_PER_MINUTE,
  };
}

/** How it stands now: not gone yet, out as planned, late by the plan, or so late that help is called. */
export function standsNow({ startMs, backMs, overdueMs }: Due, nowMs: number): "notYet" | "out" | "late" | "overdue" {
  if (nowMs < startMs) return "notYet";
  if (nowMs < backMs) return "out";
  return nowMs < overdueMs ? "late" : "overdue";
}
