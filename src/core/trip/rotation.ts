import type { KnownPiece } from "../dressing";
import { leastMinutesStill } from "../limits";
import { atSeatFromMinute, type Outing } from "../outing";
import { standsInFor, withSwap, withSwaps, type Swap } from "./stand-in";
import {
  dayLived,
  hoursBetween,
  liveDay,
  morningAfter,
  stateAtStart,
  waterInG,
  type EveningOf,
  type SimulateDay,
  type Trip,
  type TripState,
} from "./trip";
import { NO_SUPPLIES } from "./supplies";
import { DAMP_FROM_G, dampnessOf } from "./water-in-piece";

// Which socks, liners, gloves and hats to wear on which day. Day by day, in order: what is damp in the morning is tried
// against everything of its kind that the kit has, each by the simulation of that day. What is chosen is what lasts
// longest, of equals what is driest; nights in between dry what hangs, so that pairs come round by themselves. What a
// later day needs is looked at in `look-ahead.ts`.

/** A piece instead of another, on one day of the trip. */
export type DaySwap = Swap & { readonly day: number };

export type RotationPlan = { readonly swaps: readonly DaySwap[]; readonly days: readonly Outing[] };

/** A walk in shorter than this wets no sock worth a change at the seat, min (assumption). */
const WALK_WORTH_A_CHANGE_MINUTES = 10;
/** What gains less is not worth another pair, min (assumption). */
const LEAST_GAIN_MINUTES = 2;

type Tried = {
  readonly outing: Outing;
  readonly swap: Swap | null;
  readonly minutes: number;
  readonly dampG: number;
  readonly after: EveningOf;
};

/** What may be worn instead of a piece: all day, or put on at the seat after a walk. */
export function swapsFor(outing: Outing, kit: readonly KnownPiece[], worn: KnownPiece): Swap[] {
  const isWorn = new Set(outing.wearings.map(({ pieceId }) => pieceId));
  const seat = atSeatFromMinute(outing.phases);
  const changes = worn.kind === "sock" && seat >= WALK_WORTH_A_CHANGE_MINUTES;
  return kit
    .filter((other) => !isWorn.has(other.id) && standsInFor(worn, other))
    .flatMap(({ id }): Swap[] => [
      { wornId: worn.id, insteadId: id, fromMinute: null },
      ...(changes ? [{ wornId: worn.id, insteadId: id, fromMinute: seat }] : []),
    ]);
}

/** Minutes of the plan a day gives: beyond it more is worth nothing, so that a spare pair stays spare. */
const worthOf = ({ lived: { verdict, plannedMinutes } }: EveningOf): number =>
  Math.min(plannedMinutes, verdict.kind === "longerThan" ? plannedMinutes : leastMinutesStill(verdict));

/**
 * Plans what is worn in turns.
 * @param kit all that may go along, of whom the trip is
 * @param decided what is worn otherwise on the first days, where that is decided already
 * @throws {CoreError} as `simulateOuting` does
 */
export function planRotation(
  trip: Trip,
  kit: readonly KnownPiece[],
  simulate: SimulateDay = dayLived,
  decided: readonly (readonly Swap[])[] = [],
): RotationPlan {
  const { supplies = NO_SUPPLIES } = trip;
  const swaps: DaySwap[] = [];
  const days: Outing[] = [];
  let state = stateAtStart(trip);
  trip.days.forEach((planned, day) => {
    const known = decided[day] ?? [];
    let best = tried(state, withSwaps(planned, kit, known), null, simulate);
    swaps.push(...known.map((swap) => ({ ...swap, day })));
    for (const worn of decided[day] ? [] : dampOf(state, planned, kit)) {
      const before = best;
      for (const swap of swapsFor(before.outing, kit, worn)) {
        const outing = withSwap(before.outing, kit, swap);
        const other = outing && tried(state, outing, swap, simulate);
        if (other && isBetter(other, best)) best = other;
      }
      if (best !== before && best.swap) swaps.push({ ...best.swap, day });
    }
    days.push(best.outing);
    const next = trip.days[day + 1];
    const night = trip.nights[day];
    state =
      next && night
        ? morningAfter(best.after.evening, night, hoursBetween(planned, next), kit, supplies).morning
        : best.after.evening;
  });
  return { swaps, days };
}

function tried(state: TripState, outing: Outing, swap: Swap | null, simulate: SimulateDay): Tried {
  const after = liveDay(state, outing, simulate);
  const dampG = outing.pieces.reduce((sum, { id }) => sum + waterInG(state, outing, id), 0);
  return { outing, swap, minutes: worthOf(after), dampG, after };
}

/** What lasts longer, or as long and drier: who gains neither wears what is planned. */
const isBetter = (one: Tried, other: Tried): boolean =>
  one.minutes > other.minutes + LEAST_GAIN_MINUTES ||
  (one.minutes >= other.minutes && one.dampG <= other.dampG - DAMP_FROM_G);

/** Pieces of an outing that are damp in the morning, the wettest first. */
function dampOf(state: TripState, outing: Outing, kit: readonly KnownPiece[]): KnownPiece[] {
  const inG = (id: string): number => waterInG(state, outing, id);
  const worn = new Set(outing.wearings.map(({ pieceId }) => pieceId));
  return kit
    .filter(({ id }) => worn.has(id) && dampnessOf(inG(id)) !== "dry")
    .sort((one, other) => inG(other.id) - inG(one.id));
}
