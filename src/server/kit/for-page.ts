import * as m from "@/messages";
import { readPeopleAndPlaces } from "@/db";
import type { KitView } from "@/formats/wire/kit/kit-view";
import { currentGuest, currentOwnerId } from "../access";
import { AppError } from "../app-error";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { kitOfPerson } from "./kit";

type Found = {
  readonly kind: "found";
  readonly kit: KitView;
  readonly people: readonly { readonly id: string; readonly name: string }[];
};

/** A person's kit; of the first by name where none is asked for. */
export async function kitForPage(personId: string | null): Promise<Found | Refused> {
  try {
    const { people } = await readPeopleAndPlaces(database(), currentOwnerId());
    const wanted = personId ?? people[0]?.id;
    if (!wanted) throw new AppError("not-found", m.thereIsNobodyYetAPerson);
    const kit = await kitOfPerson(database(), currentOwnerId(), wanted);
    const others = currentGuest() ? [] : people; // whoever else there is, is nothing to a guest
    return { kind: "found", kit, people: others.map(({ id, name }) => ({ id, name })) };
  } catch (error) {
    return refused(error);
  }
}
