import type { OutingView, VerdictLine } from "@/formats/wire/outing/outing-view";
import type { CareById } from "@/formats/wire/outing/planned-of-view";
import { currentOwnerId } from "../access";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { openWithFigures } from "../outings/outings";
import { careOfKit } from "./care-of-kit";

type Found = {
  readonly kind: "found";
  readonly view: OutingView;
  readonly verdict: VerdictLine | null;
  readonly isRecomputing: boolean;
  readonly careById: CareById;
};

/** An outing with what its packing list needs beside it. */
export async function eveningForPage(outingId: string): Promise<Found | Refused> {
  try {
    const { view, verdict, isRecomputing } = await openWithFigures(database(), currentOwnerId(), outingId);
    const careById = await careOfKit(database(), currentOwnerId(), view);
    return { kind: "found", view, verdict, isRecomputing, careById };
  } catch (error) {
    return refused(error);
  }
}
