import type { KnownPiece } from "../dressing";
import { HEAT_RANGE } from "../heat";
import type { Outing, PieceWater } from "../outing";
import { NO_SUPPLIES } from "./supplies";
import {
  dayLived,
  hoursBetween,
  liveDay,
  morningAfter,
  piecesOf,
  stateAtStart,
  type SimulateDay,
  type Trip,
} from "./trip";

/** A kit on the morning of a day of a trip, for whoever dresses that day otherwise. */
export type ReadyOnDay<Own extends KnownPiece> = {
  /** The day's outing with the water that is in any piece of the trip. */
  readonly outing: Outing;
  /** Packs that are used up are not in it; batteries hold what the nights charged. */
  readonly kit: readonly Own[];
  readonly water: readonly PieceWater[];
  readonly usedUp: readonly string[];
};

/**
 * What there is to wear on a day, once the days before it are lived as they are planned.
 * @param kit all that may be worn
 * @throws {CoreError} as `simulateOuting` does
 */
export function readyOnDay<Own extends KnownPiece>(
  trip: Trip,
  day: number,
  kit: readonly Own[],
  simulate: SimulateDay = dayLived,
): ReadyOnDay<Own> {
  const { days, nights, supplies = NO_SUPPLIES } = trip;
  const pieces = piecesOf(trip);
  let morning = stateAtStart(trip);
  for (let place = 0; place < day; place++) {
    const { evening } = liveDay(morning, days[place]!, simulate);
    const hours = hoursBetween(days[place]!, days[place + 1]!);
    morning = morningAfter(evening, nights[place]!, hours, pieces, supplies).morning;
  }
  const water = [...morning.water].flatMap(([pieceId, gPerM2]): PieceWater[] =>
    gPerM2.some((own) => own > 0) ? [{ pieceId, gPerM2 }] : [],
  );
  const { packs, batteriesWh } = morning.supplies;
  const usedUp = kit.flatMap(({ id, heat }) => (heat?.kind === "pack" && (packs.get(id) ?? 1) < 1 ? [id] : []));
  return {
    outing: water.length > 0 ? { ...days[day]!, waterAtStart: water } : days[day]!,
    water,
    usedUp,
    kit: kit
      .filter(({ id }) => !usedUp.includes(id))
      .map((piece): Own => {
        const chargeWh = batteriesWh.get(piece.id);
        if (piece.heat?.kind !== "electric" || chargeWh === undefined) return piece;
        return { ...piece, heat: { ...piece.heat, batteryWh: Math.max(HEAT_RANGE.batteryWh[0], chargeWh) } };
      }),
  };
}
