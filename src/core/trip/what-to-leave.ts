import type { KnownPiece } from "../dressing";
import { coveredPatches } from "../labels";
import type { Outing } from "../outing";
import type { Patch } from "../patches";
import { KIND_TABLE } from "../pieces";
import { bagOf, G_PER_KG, type Bag, type BagLimit } from "./bag";
import { dayLived, liveTrip, type SimulateDay, type Trip, type TripDay } from "./trip";

// What to leave of a bag for the fewest minutes over all days.

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
function canBeLeft({ days }: Pick<Trip, "days">, left: ReadonlySet<string>): boolean {
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

/** Minutes that leaving something costs over all days, what it gains taken off: of plans, and of what is left over them. */
export type Loss = { readonly lostMinutes: number; readonly lostSpareMinutes: number };
/** A piece that may stay at home. */
export type Leaving = Loss & { readonly pieceId: string };
export type LeftOut = {
  /** In the order they are left, each as it costs beside those before it. */
  readonly left: readonly Leaving[];
  /** All of them together. */
  readonly together: Loss;
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

/** Minutes over their plans; what nothing ends has as many as were looked at. */
const spareMinutes = (days: readonly TripDay[]): number =>
  days.reduce((sum, { minutesStill, plannedMinutes }) => sum + Math.max(0, minutesStill - plannedMinutes), 0);

/** What is left over a plan is worth something, but little (assumption). */
const SPARE_WORTH = 0.1;
const costOf = ({ lostMinutes, lostSpareMinutes }: Loss): number =>
  Math.max(0, lostMinutes + SPARE_WORTH * lostSpareMinutes);

/**
 * What to leave so that a bag is within its limit: one piece after the other, the one that costs least for what it takes,
 * all days lived again without it and those before it. What costs nothing alone may cost much once others are gone: only
 * what is about to be left is tried anew, since beside fewer pieces it costs hardly less than it did.
 * @param onPiece told how many of at least how many trials are done
 * @throws {CoreError} as `simulateOuting` does
 */
export function whatToLeave(
  trip: Trip,
  kit: readonly KnownPiece[],
  limit: BagLimit,
  simulate: SimulateDay = dayLived,
  onPiece: (done: number, of: number) => void = () => undefined,
): LeftOut {
  const livedWithout = (ids: readonly string[]): readonly TripDay[] => {
    const gone = new Set(ids);
    return liveTrip({ ...trip, days: trip.days.map((day) => without(day, gone)) }, simulate);
  };
  const lossBetween = (before: readonly TripDay[], after: readonly TripDay[]): Loss => ({
    lostMinutes: plannedMinutesGiven(before) - plannedMinutesGiven(after),
    lostSpareMinutes: spareMinutes(before) - spareMinutes(after),
  });
  const whole = livedWithout([]);
  const bag = bagOf(trip, kit, limit);
  const may = bag.lines.filter(
    ({ pieceId, isWorn }) => (limit.countsWorn || !isWorn) && canBeLeft(trip, new Set([pieceId])),
  );
  let tried = 0;
  const each = may.map(({ pieceId }): Leaving => {
    const loss = lossBetween(whole, livedWithout([pieceId]));
    onPiece(++tried, may.length);
    return { pieceId, ...loss };
  });
  const takes = takesOf(bag, limit);
  const left: Leaving[] = [];
  let before = whole;
  let waiting = [...each];
  const idsLeft = (): string[] => left.map(({ pieceId }) => pieceId);
  const fitsNow = (): boolean => {
    const gone = new Set(idsLeft());
    return bagOf({ days: trip.days.map((day) => without(day, gone)) }, kit, limit).fits;
  };
  const rate = (own: Leaving): number => costOf(own) / takes(own.pieceId);
  const isSure = new Set(each); // as they cost beside what is left now
  while (!fitsNow() && waiting.length > 0) {
    waiting.sort((one, other) => rate(one) - rate(other) || takes(other.pieceId) - takes(one.pieceId));
    const [next] = waiting as [Leaving];
    if (!canBeLeft(trip, new Set([...idsLeft(), next.pieceId]))) {
      waiting = waiting.slice(1);
      continue;
    }
    const after = livedWithout([...idsLeft(), next.pieceId]);
    if (!isSure.has(next)) {
      const anew: Leaving = { pieceId: next.pieceId, ...lossBetween(before, after) };
      onPiece(++tried, Math.max(may.length, tried));
      isSure.add(anew);
      waiting = [anew, ...waiting.slice(1)];
      continue;
    }
    left.push(next);
    before = after;
    waiting = waiting.slice(1);
    isSure.clear();
  }
  return { left, together: lossBetween(whole, before), fits: fitsNow(), each };
}

/** How much of a limit a piece takes: of the one it takes most of. */
function takesOf({ lines }: Bag, { mostKg, mostL, mostPieces }: BagLimit): (pieceId: string) => number {
  const shares = new Map(
    lines.map(({ pieceId, massG, volumeL, isWorn }) => [
      pieceId,
      Math.max(
        Number.EPSILON,
        mostKg === null ? 0 : (massG ?? 0) / (mostKg * G_PER_KG),
        mostL === null || isWorn ? 0 : volumeL / mostL,
        mostPieces === null ? 0 : 1 / mostPieces,
      ),
    ]),
  );
  return (pieceId) => shares.get(pieceId)!;
}
