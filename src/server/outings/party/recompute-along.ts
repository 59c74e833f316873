import type { AcrossParty } from "@/db";
import { databaseFor } from "../../composition";
import { recompute } from "../recompute";

/** Has outings of a party judged in the background, each for whoever's it is. */
export function recomputeAlong(outings: readonly AcrossParty[]): void {
  for (const { ownerId, outingId } of outings) recompute(databaseFor(ownerId), ownerId, outingId);
}
