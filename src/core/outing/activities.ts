import type { Doing, Phase, PhaseKind, Recurring } from "./outing";

// A phase is an activity of its own, into which tasks and breaks are woven at their minutes.

/** What is done at a minute: 0 is the phase's own doing, then its recurring ones in order. */
export function activityAt({ recurring }: Phase, minuteInPhase: number): number {
  if (!recurring) return 0;
  for (let index = 0; index < recurring.length; index++) {
    const { firstAfterMinutes, everyMinutes, minutes } = recurring[index]!;
    const since = minuteInPhase - firstAfterMinutes;
    if (since < 0) continue;
    if ((everyMinutes === null ? since : since % everyMinutes) < minutes) return index + 1;
  }
  return 0;
}

/** All activities of a phase, in the order of `activityAt`. */
export const activitiesOf = (phase: Phase): readonly (Doing & Pick<Recurring, "bares">)[] => [
  phase,
  ...(phase.recurring ?? []),
];

/** What a minute of a phase counts as. */
export const kindAt = (phase: Phase, minuteInPhase: number): PhaseKind =>
  phase.recurring?.[activityAt(phase, minuteInPhase) - 1]?.kind ?? phase.kind;

export const isWalked = ({ walkSpeedMPerS, effort }: Doing): boolean => walkSpeedMPerS > 0 || effort?.kind === "walk";

/** Whether a doing of a phase is neither walked nor the way itself. */
export const isDoneStill = (doing: Doing, phase: Phase): boolean =>
  !isWalked(doing) && !(doing === phase && (phase.kind === "walkIn" || phase.kind === "walkOut"));
