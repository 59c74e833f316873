import { packedVolumeL, type KnownPiece } from "../dressing";
import type { Range } from "../errors";
import { coveredPatches } from "../labels";
import type { Outing } from "../outing";
import type { Patch } from "../patches";
import { KIND_TABLE } from "../pieces";
import { dayLived, liveTrip, type SimulateDay, type Trip, type TripDay } from "./trip";

// What a bag weighs and holds, and what to leave of it for the fewest minutes over all days.

/** What may go along; `null`: as much as is wanted. */
export type BagLimit = {
  readonly mostKg: number | null;
  readonly mostL: number | null;
  readonly mostPieces: number | null;
  /** Whether what one travels in counts: on foot it does, for a bag that is checked in it does not. */
  readonly countsWorn: boolean;
};
export const NO_BAG_LIMIT: BagLimit = { mostKg: null, mostL: null, mostPieces: null, countsWorn: false };
export const BAG_RANGE = { mostKg: [0.5, 100], mostL: [1, 400], mostPieces: [1, 200] } as const satisfies Record<
  string,
  Range
>;

export type BagLine = {
  readonly pieceId: string;
  /** `null`: not known. */
  readonly massG: number | null;
  readonly volumeL: number;
  /** Worn as the first day begins. */
  readonly isWorn: boolean;
};
export type Bag = {
  readonly lines: readonly BagLine[];
  /** Of what counts against the limit. */
  readonly massG: number;
  readonly volumeL: number;
  readonly pieces: number;
  readonly unknownMass: number;
  readonly fits: boolean;
};

/** Everything any day wears, each once. @param kit with what is known of mass and room */
export function bagOf({ days }: Pick<Trip, "days">, kit: readonly KnownPiece[], limit: BagLimit): Bag {
  const used = new Set(days.flatMap(({ wearings }) => wearings.map(({ pieceId }) => pieceId)));
  const atStart = new Set(
    days[0]?.wearings.filter(({ fromMinute }) => fromMinute === 0).map(({ pieceId }) => pieceId) ?? [],
  );
  const lines = kit
    .filter(({ id }) => used.has(id))
    .map((piece): BagLine => ({
      pieceId: piece.id,
      massG: piece.massG ?? null,
      volumeL: packedVolumeL({ massG: piece.massG ?? null, traits: piece.traits }),
      isWorn: atStart.has(piece.id),
    }));
  const counted = lines.filter(({ isWorn }) => limit.countsWorn || !isWorn);
  const massG = counted.reduce((sum, own) => sum + (own.massG ?? 0), 0);
  // What is worn takes no room.
  const volumeL = lines.reduce((sum, own) => sum + (own.isWorn ? 0 : own.volumeL), 0);
  const fits =
    massG <= (limit.mostKg ?? Infinity) * G_PER_KG &&
    volumeL <= (limit.mostL ?? Infinity) &&
    counted.length <= (limit.mostPieces ?? Infinity);
  const unknownMass = counted.filter((own) => own.massG === null).length;
  return { lines, massG, volumeL, pieces: counted.length, unknownMass, fits };
}
const G_PER_KG = 1000;

/** What nobody goes out with bare where it was covered: head and hands are left to the simulation. */
const NEVER_BARED: readonly Patch[] = ["chest", "back", "belly", "upperArm", "thigh", "calf", "toes", "sole"];

/** The outing without some pieces. */
function without(outing: Outing, left: ReadonlySet<string>): Outing {
  if (!outing.wearings.some(({ pieceId }) => left.has(pieceId))) return outing;
  return {
    ...outing,
    pieces: outing.pieces.filter(({ id }) => !left.has(id)),
    wearings: outing.wearings.filter(({ pieceId }) => !left.has(pieceId)),
  };
}

/** Whether no day is left with feet, legs or trunk bare by it. */
export function canBeLeft({ days }: Pick<Trip, "days">, left: ReadonlySet<string>): boolean {
  const covered = (outing: Outing): Set<Patch> =>
    new Set(
      outing.pieces
        .filter(({ kind }) => !KIND_TABLE[kind].liesUnder)
        .flatMap(({ label }) => [...coveredPatches(label)]),
    );
  return days.every((outing) => {
    if (outing.pieces.some(({ id, kind }) => kind === "footwear" && left.has(id))) return false;
    const before = covered(outing);
    const after = covered(without(outing, left));
    return NEVER_BARED.every((patch) => after.has(patch) || !before.has(patch));
  });
}

/** A piece that may stay at home, and the minutes of plans it costs over all days, those it gains taken off. */
export type Leaving = { readonly pieceId: string; readonly lostMinutes: number };
export type LeftOut = {
  /** In the order they are left, the least loss for what they take first. */
  readonly left: readonly Leaving[];
  /** All of them together, by a simulation of the trip without any of them. */
  readonly lostMinutes: number;
  /** Whether the bag is then within its limit; else there is nothing more to leave. */
  readonly fits: boolean;
  /** What each piece that may be left costs alone. */
  readonly each: readonly Leaving[];
};

/** Minutes of all plans that a trip gives; what lasts longer than planned is worth no more. */
export const plannedMinutesGiven = (days: readonly TripDay[]): number =>
  days.reduce(
    (sum, { verdict, minutesStill, plannedMinutes }) =>
      sum + (verdict.kind === "longerThan" ? plannedMinutes : Math.min(plannedMinutes, minutesStill)),
    0,
  );

/**
 * What to leave so that a bag is within its limit: every piece left out alone, all days lived again; then those that cost
 * least for what they take, until it fits. Together they may cost more than alone: that is simulated last.
 * @param onPiece told how many of how many pieces were tried
 * @throws {CoreError} as `simulateOuting` does
 */
export function whatToLeave(
  trip: Trip,
  kit: readonly KnownPiece[],
  limit: BagLimit,
  simulate: SimulateDay = dayLived,
  onPiece: (done: number, of: number) => void = () => undefined,
): LeftOut {
  const livedWithout = (ids: readonly string[]): number => {
    const left = new Set(ids);
    return plannedMinutesGiven(liveTrip({ ...trip, days: trip.days.map((day) => without(day, left)) }, simulate));
  };
  const whole = livedWithout([]);
  const bag = bagOf(trip, kit, limit);
  const may = bag.lines.filter(
    ({ pieceId, isWorn }) => (limit.countsWorn || !isWorn) && canBeLeft(trip, new Set([pieceId])),
  );
  const each = may.map(({ pieceId }, index): Leaving => {
    const lostMinutes = whole - livedWithout([pieceId]);
    onPiece(index + 1, may.length);
    return { pieceId, lostMinutes };
  });
  const takes = ({ pieceId }: Leaving): number => {
    const { massG, volumeL } = bag.lines.find((line) => line.pieceId === pieceId)!;
    const shares = [
      limit.mostKg === null ? 0 : (massG ?? 0) / (limit.mostKg * G_PER_KG),
      limit.mostL === null ? 0 : volumeL / limit.mostL,
      limit.mostPieces === null ? 0 : 1 / limit.mostPieces,
    ];
    return Math.max(Number.EPSILON, ...shares);
  };
  const inOrder = [...each].sort(
    (one, other) =>
      Math.max(0, one.lostMinutes) / takes(one) - Math.max(0, other.lostMinutes) / takes(other) ||
      takes(other) - takes(one),
  );
  const left: Leaving[] = [];
  const fitsNow = (): boolean => {
    const gone = new Set(left.map(({ pieceId }) => pieceId));
    return bagOf({ days: trip.days.map((day) => without(day, gone)) }, kit, limit).fits;
  };
  for (const leaving of inOrder) {
    if (fitsNow()) break;
    if (canBeLeft(trip, new Set([...left, leaving].map(({ pieceId }) => pieceId)))) left.push(leaving);
  }
  const lostMinutes = left.length > 0 ? whole - livedWithout(left.map(({ pieceId }) => pieceId)) : 0;
  return { left, lostMinutes, fits: fitsNow(), each };
}
