import type { PersonView } from "@/formats/wire/people/person-view";
import { currentOwnerId } from "../access";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { peopleOf } from "./people";

/** Everybody, for their page. */
export async function peopleForPage(): Promise<
  { readonly kind: "found"; readonly people: readonly PersonView[] } | Refused
> {
  try {
    return { kind: "found", people: await peopleOf(database(), currentOwnerId()) };
  } catch (error) {
    return refused(error);
  }
}
