import type { KnownPiece } from "../dressing";
import { planRotation, swapsFor, type RotationPlan } from "./rotation";
import { ROTATED_KINDS, withSwaps, type Swap } from "./stand-in";
import { dayLived, liveTrip, type SimulateDay, type Trip, type TripDay } from "./trip";
import { plannedMinutesGiven } from "./what-to-leave";

// Day by day nobody saves a pair for a colder day. Where a day falls short of its plan, the days before it are worn otherwise,
// one after the other, and what follows is planned day by day again: kept is what gives more minutes of all plans.

/** What gains less over all days is not worth another order, min (assumption). */
const LEAST_GAIN_MINUTES = 2;
/** So many other orders are tried at most: each lives through all later days again. */
const MOST_TRIED = 100;

const isShort = ({ verdict, minutesStill, plannedMinutes }: TripDay): boolean =>
  verdict.kind !== "longerThan" && minutesStill < plannedMinutes;

/** Other ways to wear a day: without one of its swaps, or with one more; what is dry may be saved too. */
function otherwise(trip: Trip, kit: readonly KnownPiece[], day: number, swaps: readonly Swap[]): Swap[][] {
  const outing = withSwaps(trip.days[day]!, kit, swaps);
  const worn = new Set(outing.wearings.map(({ pieceId }) => pieceId));
  const turned = kit.filter(({ id, kind }) => worn.has(id) && ROTATED_KINDS.includes(kind));
  return [
    ...swaps.map((_, index) => swaps.filter((_own, place) => place !== index)),
    ...turned.flatMap((piece) => swapsFor(outing, kit, piece).map((swap) => [...swaps, swap])),
  ];
}

const ofDay = ({ swaps }: RotationPlan, day: number): Swap[] => swaps.filter((swap) => swap.day === day);

/**
 * Plans what is worn in turns, and saves pairs for days that would fall short without them.
 * @param kit all that may go along, of whom the trip is
 * @returns never fewer minutes of all plans together than day by day
 * @throws {CoreError} as `simulateOuting` does
 */
export function planAhead(trip: Trip, kit: readonly KnownPiece[], simulate: SimulateDay = dayLived): RotationPlan {
  let plan = planRotation(trip, kit, simulate);
  const lived = liveTrip({ ...trip, days: plan.days }, simulate);
  let best = plannedMinutesGiven(lived);
  const lastShort = lived.findLastIndex(isShort);
  let tries = 0;
  for (let day = 0; day < lastShort; day++) {
    const before = plan.days.slice(0, day).map((_, place) => ofDay(plan, place));
    for (const swaps of otherwise(trip, kit, day, ofDay(plan, day))) {
      if (++tries > MOST_TRIED) return plan;
      const other = planRotation(trip, kit, simulate, [...before, swaps]);
      const minutes = plannedMinutesGiven(liveTrip({ ...trip, days: other.days }, simulate));
      if (minutes <= best + LEAST_GAIN_MINUTES) continue;
      best = minutes;
      plan = other;
    }
  }
  return plan;
}
