import type { KnownPiece } from "../dressing";
import type { Piece } from "../pieces";
import { planAhead } from "./look-ahead";
import { planRotation, type RotationPlan } from "./rotation";
import { ROTATED_KINDS } from "./stand-in";
import { DRIED_HOW, type DriedHow } from "./night";
import { usuallyDried } from "./overnight";
import { plannedMinutesGiven } from "./what-to-leave";
import { dayLived, liveTrip, type SimulateDay, type Trip, type TripDay } from "./trip";
import { dampnessOf } from "./water-in-piece";

/** The day with the least to spare; what nothing ends has the most. */
export function weakestDay(days: readonly TripDay[]): number {
  const spare = ({ verdict, minutesStill, plannedMinutes }: TripDay): number =>
    verdict.kind === "longerThan" ? Infinity : minutesStill - plannedMinutes;
  return days.reduce((least, day, place) => (spare(day) < spare(days[least]!) ? place : least), 0);
}

/** Something else done with a damp piece in the night before a day, and the minutes that day gains by it. */
export type NightMend = { readonly pieceId: string; readonly how: DriedHow; readonly gainedMinutes: number };

/** Ways that help what is damp: nobody dries by packing it. The stove only where one burns. */
const waysIn = ({ fireHours }: { readonly fireHours: number }): readonly DriedHow[] =>
  DRIED_HOW.filter((how) => how !== "packed" && how !== "leftTogether" && (how !== "atTheStove" || fireHours > 0));

/** Of what a mend gains less is not told, min (assumption). */
const LEAST_GAIN_MINUTES = 1;

/**
 * What the night before a day could do for it: each damp piece dried another way, the trip lived again.
 * @returns the greatest gain first, the best way of each piece alone
 * @throws {CoreError} as `simulateOuting` does
 */
export function mendsOfNight(
  trip: Trip,
  lived: readonly TripDay[],
  day: number,
  simulate: SimulateDay = dayLived,
): NightMend[] {
  const night = trip.nights[day - 1];
  if (!night) return [];
  const pieces = new Map(trip.days[day]!.pieces.map((piece) => [piece.id, piece]));
  const damp = lived[day]!.pieces.filter(({ pieceId, startG }) => pieces.has(pieceId) && dampnessOf(startG) !== "dry");
  return damp
    .flatMap(({ pieceId }): NightMend[] => {
      const now = night.how[pieceId] ?? usuallyDried(pieces.get(pieceId) as Piece);
      const tried = waysIn(night)
        .filter((how) => how !== now)
        .map((how): NightMend => {
          const nights = trip.nights.map((own, place) =>
            place === day - 1 ? { ...own, how: { ...own.how, [pieceId]: how } } : own,
          );
          const after = liveTrip({ ...trip, nights, days: trip.days.slice(0, day + 1) }, simulate)[day]!;
          return { pieceId, how, gainedMinutes: after.minutesStill - lived[day]!.minutesStill };
        })
        .sort((one, other) => other.gainedMinutes - one.gainedMinutes);
      return tried[0] && tried[0].gainedMinutes >= LEAST_GAIN_MINUTES ? [tried[0]] : [];
    })
    .sort((one, other) => other.gainedMinutes - one.gainedMinutes);
}

/** One more piece like one that is worn, worn in turns with it, and minutes of plans it gains over all days. */
export type OneMore = { readonly pieceId: string; readonly gainedMinutes: number; readonly drierMornings: number };

const dampMornings = (days: readonly TripDay[]): number =>
  days.reduce(
    (sum, { pieces }) => sum + pieces.filter(({ isWorn, startG }) => isWorn && dampnessOf(startG) !== "dry").length,
    0,
  );

/** So many of the dampest are tried. */
const MOST_TRIED = 4;

/**
 * What one more pair would change: of what is damp on some morning even with everything worn in turns.
 * @throws {CoreError} as `simulateOuting` does
 */
export function oneMorePair(trip: Trip, kit: readonly KnownPiece[], simulate: SimulateDay = dayLived): OneMore[] {
  const inTurns = liveTrip({ ...trip, days: planRotation(trip, kit, simulate).days }, simulate);
  const dampG = (id: string): number =>
    inTurns.reduce((sum, { pieces }) => sum + (pieces.find(({ pieceId }) => pieceId === id)?.startG ?? 0), 0);
  const worn = new Set(trip.days.flatMap(({ pieces }) => pieces.map(({ id }) => id)));
  return kit
    .filter(({ id, kind }) => worn.has(id) && ROTATED_KINDS.includes(kind) && dampnessOf(dampG(id)) !== "dry")
    .sort((one, other) => dampG(other.id) - dampG(one.id))
    .slice(0, MOST_TRIED)
    .map((piece): OneMore => {
      const more = { ...piece, id: `${piece.id} again` };
      const days = liveTrip({ ...trip, days: planRotation(trip, [...kit, more], simulate).days }, simulate);
      return {
        pieceId: piece.id,
        gainedMinutes: plannedMinutesGiven(days) - plannedMinutesGiven(inTurns),
        drierMornings: dampMornings(inTurns) - dampMornings(days),
      };
    })
    .sort((one, other) => other.gainedMinutes - one.gainedMinutes || other.drierMornings - one.drierMornings);
}

/** The weakest day, and what the night before it could do for it. */
export type Weakest = { readonly day: number; readonly mends: readonly NightMend[] };

/** @throws {CoreError} as `simulateOuting` does */
export function weakestOf(trip: Trip, lived: readonly TripDay[], simulate: SimulateDay = dayLived): Weakest {
  const day = weakestDay(lived);
  return { day, mends: mendsOfNight(trip, lived, day, simulate) };
}

/** What is worn in turns, the days as they are then, and what one more pair would add. */
export type InTurns = {
  readonly plan: RotationPlan;
  readonly days: readonly TripDay[];
  readonly oneMore: readonly OneMore[];
};

/** @throws {CoreError} as `simulateOuting` does */
export function foundInTurns(trip: Trip, kit: readonly KnownPiece[], simulate: SimulateDay = dayLived): InTurns {
  const plan = planAhead(trip, kit, simulate);
  const days = liveTrip({ ...trip, days: plan.days }, simulate);
  return { plan, days, oneMore: oneMorePair(trip, kit, simulate) };
}
