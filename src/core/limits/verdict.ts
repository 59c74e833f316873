import { LIMITS, type Level, type Limit } from "./limit-table";
import { firstCrossing, type Crossing, type InTask, type Watch } from "./watch";

/** The answer for one sit: a union, never a magic number. */
export type Verdict =
  | {
      readonly kind: "ends";
      readonly minutesStill: number;
      readonly crossing: Crossing;
      readonly runnerUp: Crossing | null;
    }
  | { readonly kind: "arrivesTooCold"; readonly crossing: Crossing; readonly runnerUp: Crossing | null }
  | { readonly kind: "longerThan"; readonly minutes: number };

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

/**
 * Finds what ends a sit first, and the runner-up among the other limits.
 * @param watches every watched quantity from the start of the sit
 * @param simulatedMinutes how far the values reach: what "longer than" may claim
 */
export function judge(
  watches: readonly Watch[],
  accepted: AcceptedLevels,
  inTask: InTask,
  simulatedMinutes: number,
): Verdict {
  const crossings = mergeSides(
    watches.flatMap((watch): Crossing[] => {
      const level = accepted[watch.limit];
      const minute = firstCrossing(watch, level, inTask);
      return minute === null ? [] : [{ limit: watch.limit, place: watch.place, level, minute }];
    }),
  ).sort((one, other) => one.minute - other.minute);
  const [first] = crossings;
  if (!first) return { kind: "longerThan", minutes: simulatedMinutes };
  const runnerUp =
    crossings.find(({ limit, place }) => limit !== first.limit || place.part !== first.place.part) ?? null;
  return first.minute === 0
    ? { kind: "arrivesTooCold", crossing: first, runnerUp }
    : { kind: "ends", minutesStill: first.minute, crossing: first, runnerUp };
}
