import type { DresserPiece } from "@/core/dresser";
import type { ReadyOnDay } from "@/core/trip";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { answerOf, sittersOf, tripOf, tripWorker } from "./trip";

/**
 * What a sitter finds in their bag on a day of a trip; `null` where the outing is no day of it.
 * @throws {Error} with a message to show
 */
export async function readyFor(
  trip: TripView,
  outingId: string,
  kit: readonly DresserPiece[],
): Promise<ReadyOnDay<DresserPiece> | null> {
  for (const { places } of sittersOf(trip)) {
    const day = places.findIndex((place) => trip.days[place]!.outing.id === outingId);
    if (day >= 0) return answerOf(await tripWorker().readyOnDay(tripOf(trip, places), day, kit));
  }
  return null;
}
