import { leastMinutesStill, type Verdict } from "../limits";
import { totalMinutes, type Outing, type PieceWater } from "../outing";
import type { Piece } from "../pieces";
import { simulateWithWater } from "../simulation";
import { MS_PER_HOUR, MS_PER_MINUTE } from "../units";
import { waterG } from "./water-in-piece";
import { dryOvernight, usuallyDried } from "./overnight";
import type { DriedHow, Night } from "./night";

/** A night between two days, and what is done otherwise than usual with single pieces in it. */
export type TripNight = Night & { readonly how: Readonly<Record<string, DriedHow>> };

/** Days in a row of one person out of one bag: the night after each stands at its place; that of the last day does not count. */
export type Trip = { readonly days: readonly Outing[]; readonly nights: readonly TripNight[] };

/** A piece on one day. */
export type PieceOnDay = {
  readonly pieceId: string;
  readonly isWorn: boolean;
  /** Water as one steps out, as one comes in, and what dries in the night after, g. */
  readonly startG: number;
  readonly endG: number;
  readonly driedG: number;
};

export type TripDay = {
  /** Of the sit that decides. */
  readonly verdict: Verdict;
  readonly minutesStill: number;
  readonly plannedMinutes: number;
  readonly pieces: readonly PieceOnDay[];
  /** From coming in to stepping out again; `null` after the last day. */
  readonly nightHours: number | null;
};

/** What is kept of a day that was simulated. */
export type DayLived = Pick<TripDay, "verdict" | "plannedMinutes"> & { readonly waterAtEnd: readonly PieceWater[] };

/** @throws {CoreError} as `simulateOuting` does */
export function dayLived(outing: Outing): DayLived {
  const { result, waterAtEnd } = simulateWithWater(outing);
  const { verdict, fromMinute, toMinute } = result.sits[result.decidingSit]!;
  return { verdict, plannedMinutes: toMinute - fromMinute, waterAtEnd };
}

type Water = ReadonlyMap<string, readonly number[]>;

/** Every piece of the trip once. */
export const piecesOf = ({ days }: Pick<Trip, "days">): Piece[] => [
  ...new Map(days.flatMap(({ pieces }) => pieces.map((piece) => [piece.id, piece] as const))).values(),
];

/** Hours between the end of one day and the start of the next; never less than none. */
export const hoursBetween = (one: Outing, next: Outing): number =>
  Math.max(
    0,
    ((next.startsAtMs ?? 0) - (one.startsAtMs ?? 0) - totalMinutes(one.phases) * MS_PER_MINUTE) / MS_PER_HOUR,
  );

/** An outing as it begins with the water that is in its pieces; one that begins dry is left as it is. */
function beginningWith(outing: Outing, water: Water): Outing {
  const waterAtStart = outing.pieces.flatMap(({ id }): PieceWater[] => {
    const own = water.get(id);
    return own?.some((value) => value > 0) ? [{ pieceId: id, gPerM2: own }] : [];
  });
  return waterAtStart.length > 0 ? { ...outing, waterAtStart } : outing;
}

/**
 * Lives through a trip: the water in every piece at the end of a day dries overnight as the place lets it, and what is left
 * is in it the next morning. Warmth left in a person is not reckoned beyond a night. A trip of one day is that outing.
 * @param simulate for who keeps what was simulated before
 * @throws {CoreError} as `simulateOuting` does
 */
export function liveTrip(trip: Trip, simulate: (outing: Outing) => DayLived = dayLived): TripDay[] {
  const { days, nights } = trip;
  const pieces = piecesOf(trip);
  let water: Water = new Map();
  return days.map((outing, day): TripDay => {
    const { body } = outing.person;
    const grams = (of: Water, id: string): number => waterG(body, of.get(id) ?? []);
    const { verdict, plannedMinutes, waterAtEnd } = simulate(beginningWith(outing, water));
    const end: Water = new Map([...water, ...waterAtEnd.map(({ pieceId, gPerM2 }) => [pieceId, gPerM2] as const)]);
    const next = days[day + 1];
    const nightHours = next ? hoursBetween(outing, next) : null;
    const night = nights[day];
    const morning: Water =
      nightHours === null || !night
        ? end
        : new Map(
            pieces.map((piece) => {
              const how = night.how[piece.id] ?? usuallyDried(piece);
              return [piece.id, dryOvernight(piece, end.get(piece.id) ?? [], how, night, nightHours)] as const;
            }),
          );
    const before = water;
    water = morning;
    return {
      verdict,
      minutesStill: leastMinutesStill(verdict),
      plannedMinutes,
      nightHours,
      pieces: pieces.map(({ id }) => ({
        pieceId: id,
        isWorn: outing.wearings.some(({ pieceId }) => pieceId === id),
        startG: grams(before, id),
        endG: grams(end, id),
        driedG: grams(end, id) - grams(morning, id),
      })),
    };
  });
}
