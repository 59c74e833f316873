import * as m from "@/messages";
import type { OutingLine } from "@/formats/wire/outing/outing-view";
import { currentOwnerId } from "../access";
import { AppError } from "../app-error";
import { database } from "../composition";
import { cardNow, type CardNow } from "../evening/field-card";
import { refused, type Refused } from "../http/refused";
import { outingLines } from "../outings/outings";

type Found = {
  readonly kind: "found";
  readonly outings: readonly OutingLine[];
  readonly cards: readonly [CardNow, CardNow];
};

/** Two outings side by side; the first two of the list where none are asked for. */
export async function compareForPage(oneId: string | null, otherId: string | null): Promise<Found | Refused> {
  try {
    const outings = await outingLines(database(), currentOwnerId());
    const one = oneId ?? outings[0]?.id;
    const other = otherId ?? outings.find(({ id }) => id !== one)?.id;
    if (!one || !other) throw new AppError("not-found", m.twoOutingsAreNeededToCompare);
    const cards = [
      await cardNow(database(), currentOwnerId(), one),
      await cardNow(database(), currentOwnerId(), other),
    ] as const;
    return { kind: "found", outings, cards };
  } catch (error) {
    return refused(error);
  }
}
