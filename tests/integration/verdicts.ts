import type { OutingLine } from "@/formats/wire/outing/outing-view";
import { recomputed } from "@/server/outings/recompute";

/** The outings with verdicts that hold: what no longer does is computed in the background when it is looked at. */
export async function withVerdicts(list: () => Promise<OutingLine[]>): Promise<OutingLine[]> {
  await list();
  await recomputed();
  return list();
}
