import type { OutingLine } from "@/formats/wire/outing/outing-view";
import type { TripLine, TripView } from "@/formats/wire/trips/trip-view";
import { LOCAL_OWNER_ID } from "../access";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { outingLines } from "../outings/outings";
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
      trips: await tripLines(database(), LOCAL_OWNER_ID),
      outings: await outingLines(database(), LOCAL_OWNER_ID),
    };
  } catch (error) {
    return refused(error);
  }
}

export async function tripForPage(
  tripId: string,
): Promise<{ readonly kind: "found"; readonly trip: TripView } | Refused> {
  try {
    return { kind: "found", trip: await openTrip(database(), LOCAL_OWNER_ID, tripId) };
  } catch (error) {
    return refused(error);
  }
}
