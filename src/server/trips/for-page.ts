import type { OutingLine } from "@/formats/wire/outing/outing-view";
import type { CareById } from "@/formats/wire/outing/planned-of-view";
import type { TripLine, TripView } from "@/formats/wire/trips/trip-view";
import { currentOwnerId } from "../access";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { outingLines } from "../outings/outings";
import { careOfKit } from "../evening/care-of-kit";
import { openTrip, tripLines } from "./trips";

type Trips = {
  readonly kind: "found";
  readonly trips: readonly TripLine[];
  /** What a trip can be made of. */
  readonly outings: readonly OutingLine[];
};

export async function tripsForPage(): Promise<Trips | Refused> {
  try {
    return {
      kind: "found",
      trips: await tripLines(database(), currentOwnerId()),
      outings: await outingLines(database(), currentOwnerId()),
    };
  } catch (error) {
    return refused(error);
  }
}

/** A trip with what its packing list needs beside it. */
export async function tripToPack(
  tripId: string,
): Promise<{ readonly kind: "found"; readonly trip: TripView; readonly careById: CareById } | Refused> {
  try {
    const trip = await openTrip(database(), currentOwnerId(), tripId);
    const sitters = new Map(trip.days.map(({ outing }) => [outing.person.id, outing]));
    const cares = await Promise.all([...sitters.values()].map((view) => careOfKit(database(), currentOwnerId(), view)));
    return { kind: "found", trip, careById: Object.assign({}, ...cares) as CareById };
  } catch (error) {
    return refused(error);
  }
}

export async function tripForPage(
  tripId: string,
): Promise<{ readonly kind: "found"; readonly trip: TripView } | Refused> {
  try {
    return { kind: "found", trip: await openTrip(database(), currentOwnerId(), tripId) };
  } catch (error) {
    return refused(error);
  }
}
