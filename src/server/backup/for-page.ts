import type { OutingLine } from "@/formats/wire/outing/outing-view";
import { currentOwnerId } from "../access";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { outingLines } from "../outings/outings";

/** Outings that are here, and those that were removed. */
export async function backupForPage(): Promise<
  { readonly kind: "found"; readonly outings: readonly OutingLine[]; readonly removed: readonly OutingLine[] } | Refused
> {
  try {
    const [outings, removed] = await Promise.all([
      outingLines(database(), currentOwnerId()),
      outingLines(database(), currentOwnerId(), true),
    ]);
    return { kind: "found", outings, removed };
  } catch (error) {
    return refused(error);
  }
}
