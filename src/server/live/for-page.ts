import type { OutingFigures } from "@/formats/wire/evening/field-card";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { currentOwnerId } from "../access";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { openWithFigures } from "../outings/outings";

/** An outing for its page at the seat; all that was told of the sit comes as events. */
export async function liveForPage(
  outingId: string,
): Promise<{ readonly kind: "found"; readonly view: OutingView; readonly figures: OutingFigures | null } | Refused> {
  try {
    const { view, figures } = await openWithFigures(database(), currentOwnerId(), outingId);
    return { kind: "found", view, figures };
  } catch (error) {
    return refused(error);
  }
}
