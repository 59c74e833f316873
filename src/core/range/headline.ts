import { type Crossing, type Level, type LimitPlace, type Limit, leastMinutesStill } from "../limits";
import type { SitAnswer } from "../simulation";
import type { MinutesBound, MinutesRange } from "./minutes-range";

/** What of the answer is told first: the middle of what may be, which limit ends most of it, and what comes next. */
export type Headline = {
  readonly kind: "ends" | "arrivesTooCold" | "longerThan";
  /** Minutes still; of "longer than" as far as was simulated, of "arrives too cold" 0. */
  readonly minutes: number;
  /** Where eight cases of ten lie; `null` until the range is known. */
  readonly low: MinutesBound | null;
  readonly high: MinutesBound | null;
  readonly endedBy: { readonly limit: Limit; readonly place: LimitPlace; readonly level: Level } | null;
  /** Next limit of another kind or place; `null` where none is known. */
  readonly runnerUp: Crossing | null;
};

/** Another place or kind than what ends it. */
const isOther = (one: Pick<Crossing, "limit" | "place">, other: Headline["endedBy"]): boolean =>
  one.limit !== other?.limit || one.place.part !== other.place.part;

/**
 * The headline of a sit. The first of several limits comes earlier in the middle of all cases than in the middle of all
 * inputs: so the figure is the middle of the range, the runner-up comes from the single run in its proportion.
 */
export function headlineOf({ verdict }: Pick<SitAnswer, "verdict">, range: MinutesRange): Headline {
  const { low, middle, high } = range;
  if (middle.kind === "longerThan") {
    return { kind: "longerThan", minutes: middle.minutes, low, high, endedBy: null, runnerUp: null };
  }
  const [first = null] = range.endedBy;
  const endedBy = first && { limit: first.limit, place: first.place, level: first.level };
  const singles = verdict.kind === "longerThan" ? [] : [verdict.crossing, verdict.runnerUp];
  const next = singles.find((crossing) => crossing !== null && isOther(crossing, endedBy)) ?? null;
  const ratio = middleOverSingle(verdict, middle);
  const runnerUp = next && { ...next, minute: Math.max(middle.minutes, Math.round(next.minute * ratio)) };
  const kind = middle.minutes === 0 ? "arrivesTooCold" : "ends";
  return { kind, minutes: middle.minutes, low, high, endedBy, runnerUp };
}

/**
 * The headline as it is estimated before its range is known.
 * @param ratio from `middleOverSingle` of the last range that was known
 */
export function estimatedHeadline({ verdict }: Pick<SitAnswer, "verdict">, ratio: number): Headline {
  const unknown = { low: null, high: null } as const;
  if (verdict.kind === "longerThan") {
    return { kind: "longerThan", minutes: verdict.minutes, endedBy: null, runnerUp: null, ...unknown };
  }
  const { crossing, runnerUp } = verdict;
  const scaled = (minute: number): number => Math.round(minute * ratio);
  return {
    kind: verdict.kind,
    minutes: scaled(leastMinutesStill(verdict)),
    endedBy: { limit: crossing.limit, place: crossing.place, level: crossing.level },
    runnerUp: runnerUp && { ...runnerUp, minute: scaled(runnerUp.minute) },
    ...unknown,
  };
}

/** How the middle of the range stands to the single run: what a draft is multiplied by until its own range is known. */
export const middleOverSingle = (verdict: SitAnswer["verdict"], middle: MinutesBound): number =>
  verdict.kind === "ends" && middle.kind === "minutes" && verdict.minutesStill > 0
    ? middle.minutes / verdict.minutesStill
    : 1;
