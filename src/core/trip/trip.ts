import { isEverWashed } from "../care";
import type { Range } from "../errors";
import { leastMinutesStill, type Verdict } from "../limits";
import { totalMinutes, type Outing, type PieceWater } from "../outing";
import type { Piece } from "../pieces";
import { simulateWithWater } from "../simulation";
import { MS_PER_HOUR, MS_PER_MINUTE } from "../units";
import { waterG } from "./water-in-piece";
import { dryOvernight, usuallyDried } from "./overnight";
import { wrungOutGPerM2 } from "./wrung-out";
import type { DriedHow, Night } from "./night";
import {
  chargedOvernight,
  devicesUsed,
  NO_SUPPLIES,
  suppliedOuting,
  suppliesAtStart,
  type DeviceOnDay,
  type SourceOnDay,
  type Supplies,
  type SuppliesLeft,
} from "./supplies";

/** A night between two days, and what is done otherwise than usual with single pieces in it. */
export type TripNight = Night & {
  readonly how: Readonly<Record<string, DriedHow>>;
  /** Pieces washed as the night begins, where that can be. */
  readonly washed?: readonly string[] | undefined;
};

/** A second sit of a day begins so many hours after the first. */
export const TRIP_RANGE = { againAfterHours: [3, 20] } as const satisfies Record<string, Range>;

/** Days in a row of one person out of one bag: the night after each stands at its place; that of the last day does not count. */
export type Trip = {
  readonly days: readonly Outing[];
  readonly nights: readonly TripNight[];
  /** Packs and power banks; not said: packs are not counted, and there is no bank. */
  readonly supplies?: Supplies | undefined;
};

/** A piece on one day. */
export type PieceOnDay = {
  readonly pieceId: string;
  readonly isWorn: boolean;
  /** Water as one steps out, as one comes in, and what dries in the night after, g. */
  readonly startG: number;
  readonly endG: number;
  /** What washing brings in over what it held, g; 0 where it is not washed. */
  readonly washedG: number;
  readonly driedG: number;
};

export type TripDay = {
  /** Of the sit that decides. */
  readonly verdict: Verdict;
  readonly minutesStill: number;
  readonly plannedMinutes: number;
  readonly pieces: readonly PieceOnDay[];
  /** Packs opened and batteries used. */
  readonly sources: readonly SourceOnDay[];
  readonly devices: readonly DeviceOnDay[];
  /** From coming in to stepping out again; `null` after the last day. */
  readonly nightHours: number | null;
};

/** What is kept of a day that was simulated. */
export type DayLived = Pick<TripDay, "verdict" | "plannedMinutes"> & { readonly waterAtEnd: readonly PieceWater[] };

/** @throws {CoreError} as `simulateOuting` does */
export function dayLived(outing: Outing): DayLived {
  const { result, waterAtEnd } = simulateWithWater(outing, { allCurves: false });
  const { verdict, fromMinute, toMinute } = result.sits[result.decidingSit]!;
  return { verdict, plannedMinutes: toMinute - fromMinute, waterAtEnd };
}

/** Simulates a day; who keeps what was simulated before gives another. */
export type SimulateDay = (outing: Outing) => DayLived;

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

/** What is carried from day to day. */
export type TripState = { readonly water: Water; readonly supplies: SuppliesLeft };

export const stateAtStart = ({ supplies = NO_SUPPLIES }: Pick<Trip, "supplies">): TripState => ({
  water: new Map(),
  supplies: suppliesAtStart(supplies),
});

/** An outing as it begins with the water that is in its pieces; one that begins dry is left as it is. */
function beginningWith(outing: Outing, water: Water): Outing {
  const waterAtStart = outing.pieces.flatMap(({ id }): PieceWater[] => {
    const own = water.get(id);
    return own?.some((value) => value > 0) ? [{ pieceId: id, gPerM2: own }] : [];
  });
  return waterAtStart.length > 0 ? { ...outing, waterAtStart } : outing;
}

/** Water in a piece in the morning of a state, g. */
export const waterInG = ({ water }: TripState, { person }: Pick<Outing, "person">, pieceId: string): number =>
  waterG(person.body, water.get(pieceId) ?? []);

/** A day as it is lived from a state, and the evening after it. */
export type EveningOf = {
  readonly lived: DayLived;
  readonly sources: readonly SourceOnDay[];
  readonly evening: TripState;
};

/** @throws {CoreError} as `simulateOuting` does */
export function liveDay(state: TripState, outing: Outing, simulate: SimulateDay): EveningOf {
  const { outing: supplied, sources, left } = suppliedOuting(outing, state.supplies);
  const lived = simulate(beginningWith(supplied, state.water));
  const water = new Map([...state.water, ...lived.waterAtEnd.map(({ pieceId, gPerM2 }) => [pieceId, gPerM2] as const)]);
  return { lived, sources, evening: { water, supplies: left } };
}

/** Water in every piece once what is washed was wrung out. */
export function waterOnceWashed(water: Water, { hasWashing, washed = [] }: TripNight, pieces: readonly Piece[]): Water {
  if (!hasWashing || washed.length === 0) return water;
  const fresh = pieces.filter((piece) => washed.includes(piece.id) && isEverWashed(piece));
  return new Map([...water, ...fresh.map((piece) => [piece.id, wrungOutGPerM2(piece.label)] as const)]);
}

/** The morning after a night of some hours. @param pieces all that are along */
export function morningAfter(
  { water, supplies: left }: TripState,
  night: TripNight,
  hours: number,
  pieces: readonly Piece[],
  supplies: Supplies,
): { readonly morning: TripState; readonly chargedWh: ReadonlyMap<string, number> } {
  const hung = waterOnceWashed(water, night, pieces);
  const dried = pieces.map((piece) => {
    const how = night.how[piece.id] ?? usuallyDried(piece);
    return [piece.id, dryOvernight(piece, hung.get(piece.id) ?? [], how, night, hours)] as const;
  });
  const charged = chargedOvernight(left, night, pieces, supplies);
  return { morning: { water: new Map(dried), supplies: charged.left }, chargedWh: charged.chargedWh };
}

/**
 * Lives through a trip: the water in every piece at the end of a day dries overnight as the place lets it, and what is left
 * is in it the next morning; packs are opened while there are any, batteries charged where that can be. Warmth left in a
 * person is not reckoned beyond a night. A trip of one day is that outing.
 * @throws {CoreError} as `simulateOuting` does
 */
export function liveTrip(trip: Trip, simulate: SimulateDay = dayLived): TripDay[] {
  const { days, nights, supplies = NO_SUPPLIES } = trip;
  const pieces = piecesOf(trip);
  let before = stateAtStart(trip);
  return days.map((outing, day): TripDay => {
    const { lived, sources, evening: worn } = liveDay(before, outing, simulate);
    const { used, left } = devicesUsed(outing, worn.supplies, supplies.devices ?? []);
    const evening = { ...worn, supplies: left };
    const next = days[day + 1];
    const nightHours = next ? hoursBetween(outing, next) : null;
    const night = nights[day];
    const { morning, chargedWh } =
      nightHours === null || !night
        ? { morning: evening, chargedWh: new Map<string, number>() }
        : morningAfter(evening, night, nightHours, pieces, supplies);
    const start = before;
    const hung =
      nightHours === null || !night ? evening : { ...evening, water: waterOnceWashed(evening.water, night, pieces) };
    before = morning;
    return {
      verdict: lived.verdict,
      minutesStill: leastMinutesStill(lived.verdict),
      plannedMinutes: lived.plannedMinutes,
      nightHours,
      sources: sources.map((own) =>
        own.kind === "battery" ? { ...own, chargedWh: chargedWh.get(own.pieceId) ?? 0 } : own,
      ),
      devices: used.map((own) => ({ ...own, chargedWh: chargedWh.get(own.deviceId) ?? 0 })),
      pieces: pieces.map(({ id }) => ({
        pieceId: id,
        isWorn: outing.wearings.some(({ pieceId }) => pieceId === id),
        startG: waterInG(start, outing, id),
        endG: waterInG(evening, outing, id),
        washedG: waterInG(hung, outing, id) - waterInG(evening, outing, id),
        driedG: waterInG(hung, outing, id) - waterInG(morning, outing, id),
      })),
    };
  });
}
