import type { Phase } from "../outing";
import { dressingOrder, type DressingStep } from "./dressing-order";
import { endOf, phaseStarts, type Planned } from "./planned";

/** What comes next, minute by minute of the outing. */
export type CardMoment = {
  readonly minute: number;
  readonly act:
    | { readonly kind: "phase"; readonly phase: Phase }
    | { readonly kind: "dress"; readonly steps: readonly DressingStep[] }
    | { readonly kind: "watchYourself" }
    | { readonly kind: "turnBack" }
    | { readonly kind: "end" };
};

/** The sit that decides: when it ends, and in one case of ten already, min from its start; `null` later than was looked at. */
export type DecidingSit = {
  readonly fromMinute: number;
  readonly toMinute: number;
  readonly endMinutes: number | null;
  readonly lowMinutes: number | null;
};

/** Minute at which the last sit ends as planned. */
function plannedLeave({ phases }: Pick<Planned, "phases">): number {
  const lastSit = phases.findLastIndex(({ kind }) => kind === "sit");
  return lastSit < 0 ? endOf({ phases }) : phaseStarts({ phases })[lastSit]! + phases[lastSit]!.minutes;
}

/** When to leave, fixed beforehand because a cold head judges badly: as planned, or when the sit is computed to end. */
export function turnBackMinute(
  planned: Pick<Planned, "phases">,
  { fromMinute, toMinute, endMinutes }: DecidingSit,
): number {
  const isShort = endMinutes !== null && fromMinute + endMinutes < toMinute;
  return isShort ? fromMinute + endMinutes : plannedLeave(planned);
}

/** From when one in ten would be too cold already; `null` where that is not before turning back. */
export function watchYourselfMinute(planned: Pick<Planned, "phases">, sit: DecidingSit): number | null {
  const { fromMinute, lowMinutes } = sit;
  if (lowMinutes === null) return null;
  return fromMinute + lowMinutes < turnBackMinute(planned, sit) ? fromMinute + lowMinutes : null;
}

const ORDER = ["turnBack", "watchYourself", "end", "phase", "dress"] as const;

/**
 * Everything that has its minute: phases, what goes on and off, looking at oneself, turning back, being out. Who turns
 * back before the plan leaves out the rest of it and walks out from there.
 */
export function cardMoments(planned: Planned, sit: DecidingSit): CardMoment[] {
  const starts = phaseStarts(planned);
  const out = dressingOrder(planned).filter(({ spot }) => spot === "out");
  const dressMinutes = [...new Set(out.map(({ minute }) => minute))];
  const asPlanned: CardMoment[] = [
    ...planned.phases.map((phase, index): CardMoment => ({ minute: starts[index]!, act: { kind: "phase", phase } })),
    ...dressMinutes.map((minute): CardMoment => ({
      minute,
      act: { kind: "dress", steps: out.filter((step) => step.minute === minute) },
    })),
    { minute: endOf(planned), act: { kind: "end" } },
  ];
  const [leave, turnBack, watch] = [
    plannedLeave(planned),
    turnBackMinute(planned, sit),
    watchYourselfMinute(planned, sit),
  ];
  const kept = asPlanned.flatMap((moment): CardMoment[] => {
    if (moment.minute >= leave) return [{ ...moment, minute: moment.minute + turnBack - leave }];
    return moment.minute < turnBack ? [moment] : [];
  });
  const moments: CardMoment[] = [
    ...kept,
    { minute: turnBack, act: { kind: "turnBack" } },
    ...(watch === null ? [] : [{ minute: watch, act: { kind: "watchYourself" as const } }]),
  ];
  return moments.sort(
    (one, other) => one.minute - other.minute || ORDER.indexOf(one.act.kind) - ORDER.indexOf(other.act.kind),
  );
}
