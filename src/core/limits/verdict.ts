import { LIMITS, type Level, type Limit } from "./limit-table";
import { firstCrossing, type Crossing, type InTask, type Watch } from "./watch";

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

/** Left and right of the same limit at the same minute are one crossing. */
function mergeSides(crossings: readonly Crossing[]): Crossing[] {
  const merged: Crossing[] = [];
  for (const crossing of crossings) {
    const twin = merged.findIndex(
      ({ limit, minute, place }) =>
        limit === crossing.limit && minute === crossing.minute && place.part === crossing.place.part,
    );
    if (twin < 0) merged.push(crossing);
    else merged[twin] = { ...crossing, place: { part: crossing.place.part, side: "both" } };
  }
  return merged;
}

/** All limits passed for good, the first first. */
export const crossingsOf = (watches: readonly Watch[], accepted: AcceptedLevels, inTask: InTask): Crossing[] =>
  mergeSides(
    watches.flatMap((watch): Crossing[] => {
      const level = accepted[watch.limit];
      const minute = firstCrossing(watch, level, inTask);
      return minute === null ? [] : [{ limit: watch.limit, place: watch.place, level, minute }];
    }),
  ).sort((one, other) => one.minute - other.minute);

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

/** The same with the runner-up. */
export function judgeWithRunnerUp(crossings: readonly Crossing[], simulatedMinutes: number): Verdict {
  const verdict = judge(crossings, simulatedMinutes);
  return verdict.kind === "longerThan" ? verdict : { ...verdict, runnerUp: runnerUpOf(crossings) };
}
