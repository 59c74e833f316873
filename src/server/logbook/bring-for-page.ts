import { readKit, readPeopleAndPlaces } from "@/db";
import { LOCAL_OWNER_ID } from "../access";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";

type Named = { readonly id: string; readonly name: string };
/** Whose sits can be brought in, with the pieces of their kits. */
export type BringingPerson = Named & { readonly pieces: readonly Named[] };
export type BringingPlace = Named & { readonly timeZone: string };

type Found = {
  readonly kind: "found";
  readonly people: readonly BringingPerson[];
  readonly places: readonly BringingPlace[];
};

export async function bringForPage(): Promise<Found | Refused> {
  try {
    const { people, places } = await readPeopleAndPlaces(database(), LOCAL_OWNER_ID);
    const withKit = people
      .filter(({ retired }) => !retired)
      .map(async ({ id, name }): Promise<BringingPerson> => {
        const kit = await readKit(database(), LOCAL_OWNER_ID, id);
        return { id, name, pieces: kit.map(({ piece }) => ({ id: piece.id, name: piece.name })) };
      });
    return {
      kind: "found",
      people: await Promise.all(withKit),
      places: places.filter(({ retired }) => !retired).map(({ id, name, timeZone }) => ({ id, name, timeZone })),
    };
  } catch (error) {
    return refused(error);
  }
}
