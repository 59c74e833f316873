import * as m from "@/messages";
import type { OutingLine, OutingView } from "@/formats/wire/outing/outing-view";
import type { PersonView } from "@/formats/wire/people/person-view";
import { currentOwnerId } from "../access";
import { AppError } from "../app-error";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { openWithFigures, outingLines } from "../outings/outings";
import { peopleOf } from "../people/people";

type Found = {
  readonly kind: "found";
  readonly outings: readonly OutingLine[];
  readonly view: OutingView;
  readonly other: OutingView | null;
  readonly people: readonly PersonView[];
};

/**
 * The outfit of an outing and one laid over it; of the next outing, else the latest, where none is asked for.
 * @param now ms since 1970
 */
export async function reachForPage(
  outingId: string | null,
  otherId: string | null,
  now: number,
): Promise<Found | Refused> {
  try {
    const outings = await outingLines(database(), currentOwnerId());
    const usual = outings.find(({ startsAt }) => Date.parse(startsAt) >= now) ?? outings.at(-1);
    const one = outingId || usual?.id;
    if (!one) throw new AppError("not-found", m.reachNeedsOuting);
    const { view } = await openWithFigures(database(), currentOwnerId(), one);
    const other = otherId ? (await openWithFigures(database(), currentOwnerId(), otherId)).view : null;
    const people = (await peopleOf(database(), currentOwnerId())).filter(({ retired }) => !retired);
    return { kind: "found", outings, view, other, people };
  } catch (error) {
    return refused(error);
  }
}
