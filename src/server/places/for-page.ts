import type { PlaceView } from "@/formats/wire/places/place-view";
import { currentOwnerId } from "../access";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { placesOf } from "./places";

/** Every place, for their page. */
export async function placesForPage(): Promise<
  { readonly kind: "found"; readonly places: readonly PlaceView[] } | Refused
> {
  try {
    return { kind: "found", places: await placesOf(database(), currentOwnerId()) };
  } catch (error) {
    return refused(error);
  }
}
