import type { Phase } from "./outing";

/** A stretch of sitting: tasks and breaks inside it count as sitting time. */
export type SitSpan = {
  /** Minutes from the start of the outing. */
  readonly fromMinute: number;
  readonly toMinute: number;
  /** Phase in which the span ends; what would go on if the sit were held. */
  readonly lastPhase: number;
};

const inSit = (phase: Phase): boolean => phase.kind === "sit" || phase.kind === "task" || phase.kind === "break";

/** Finds the sits of an outing: unbroken runs of sitting, tasks and breaks that hold at least one sit. */
export function sitSpans(phases: readonly Phase[]): SitSpan[] {
  const spans: (SitSpan & { sits: boolean })[] = [];
  let open: (SitSpan & { sits: boolean }) | null = null;
  let minute = 0;
  phases.forEach((phase, index) => {
    const end = minute + phase.minutes;
    if (inSit(phase)) {
      open = {
        fromMinute: open?.fromMinute ?? minute,
        toMinute: end,
        lastPhase: phase.kind === "sit" ? index : (open?.lastPhase ?? index),
        sits: (open?.sits ?? false) || phase.kind === "sit",
      };
    }
    const last = index === phases.length - 1;
    if (open && (!inSit(phase) || last)) {
      spans.push(open);
      open = null;
    }
    minute = end;
  });
  return spans.filter(({ sits }) => sits);
}
