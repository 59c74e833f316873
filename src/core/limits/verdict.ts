import { LIMITS, type Level, type Limit, type LimitPart } from "./limit-table";
import { passing, type Crossing, type InTask, type Recovery, type Watch } from "./watch";

/** What ends a sit at one level: a union, never a magic number. */
export type LevelVerdict =
  | { readonly kind: "ends"; readonly minutesStill: number; readonly crossing: Crossing }
  | { readonly kind: "arrivesTooCold"; readonly crossing: Crossing }
  | { readonly kind: "longerThan"; readonly minutes: number };

/** The answer for one sit, at the levels a person accepts, with the next limit in line. */
export type Verdict =
  | (Exclude<LevelVerdict, { kind: "longerThan" }> & { readonly runnerUp: Crossing | null })
  | Extract<LevelVerdict, { kind: "longerThan" }>;

/** Level a person accepts per limit. */
export type AcceptedLevels = Readonly<Record<Limit, Level>>;

export const levelEverywhere = (level: Level): AcceptedLevels =>
  Object.fromEntries(LIMITS.map((limit) => [limit, level])) as AcceptedLevels;

/** Left and right of the same limit at the same minute are one. */
function mergeSides<Told extends Omit<Crossing, "minute">>(all: readonly Told[], at: (told: Told) => number): Told[] {
  const merged: Told[] = [];
  for (const told of all) {
    const { limit, place } = told;
    const other = merged.findIndex(
      (known) => known.limit === limit && known.place.part === place.part && at(known) === at(told),
    );
    if (other < 0) merged.push(told);
    else if (place.side !== null) merged[other] = { ...told, place: { part: place.part, side: "both" } };
  }
  return merged.sort((one, other) => at(one) - at(other));
}

/** What passes its limit for good, the first first, and what was beyond as the sit began and is left. */
export type Passings = { readonly crossings: readonly Crossing[]; readonly recoveries: readonly Recovery[] };

export function passingsOf(watches: readonly Watch[], accepted: AcceptedLevels, inTask: InTask): Passings {
  const crossings: Crossing[] = [];
  const recoveries: Recovery[] = [];
  for (const watch of watches) {
    const { limit, place } = watch;
    const level = accepted[limit];
    const { crossedAt, backAfterMinutes } = passing(watch, level, inTask);
    if (crossedAt !== null) crossings.push({ limit, place, level, minute: crossedAt });
    if (backAfterMinutes !== null) recoveries.push({ limit, place, level, backAfterMinutes });
  }
  return {
    crossings: mergeSides(crossings, ({ minute }) => minute),
    recoveries: mergeSides(recoveries, ({ backAfterMinutes }) => backAfterMinutes),
  };
}

/** How long a sit lasts and what ends it, where no more is asked; `null` longer than was looked at. */
export type Lasting = {
  readonly minutesStill: number | null;
  readonly limit: Limit | null;
  /** Where it is passed. */
  readonly part: LimitPart | null;
};

export const lastingOf = (verdict: LevelVerdict): Lasting =>
  verdict.kind === "longerThan"
    ? { minutesStill: null, limit: null, part: null }
    : {
        minutesStill: leastMinutesStill(verdict),
        limit: verdict.crossing.limit,
        part: verdict.crossing.place.part,
      };

/** The next limit of another kind or place. */
export const runnerUpOf = ([first, ...later]: readonly Crossing[]): Crossing | null =>
  later.find(({ limit, place }) => limit !== first?.limit || place.part !== first.place.part) ?? null;

/**
 * What ends a sit, from its crossings.
 * @param simulatedMinutes how far the values reach: what "longer than" may claim
 */
export function judge(crossings: readonly Crossing[], simulatedMinutes: number): LevelVerdict {
  const [first] = crossings;
  if (!first) return { kind: "longerThan", minutes: simulatedMinutes };
  return first.minute === 0
    ? { kind: "arrivesTooCold", crossing: first }
    : { kind: "ends", minutesStill: first.minute, crossing: first };
}

/** Minutes still by a verdict: 0 for who arrives beyond a limit, `null` where nothing ends the sit as far as was simulated. */
export const minutesStillOf = (verdict: LevelVerdict): number | null =>
  verdict.kind === "longerThan" ? null : verdict.kind === "ends" ? verdict.minutesStill : 0;

/** Minutes the sit lasts at least: as far as was simulated where nothing ends it. */
export const leastMinutesStill = (verdict: LevelVerdict): number =>
  verdict.kind === "longerThan" ? verdict.minutes : verdict.kind === "ends" ? verdict.minutesStill : 0;

/** The same with the runner-up. */
export function judgeWithRunnerUp(crossings: readonly Crossing[], simulatedMinutes: number): Verdict {
  const verdict = judge(crossings, simulatedMinutes);
  return verdict.kind === "longerThan" ? verdict : { ...verdict, runnerUp: runnerUpOf(crossings) };
}
