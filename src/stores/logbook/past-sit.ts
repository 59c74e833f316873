import type { PastSitCurves } from "@/core/calibration";
import { toOuting } from "@/formats/outing-file/to-outing";
import type { OutingFile } from "@/formats/outing-file/schema/outing-schema";
import { calibrateWorker } from "./told-sits";

/** Curves of a past sit as it was; `null` where it cannot be computed any more. */
export async function pastSit(file: OutingFile, minutes: number): Promise<PastSitCurves | null> {
  const reply = await calibrateWorker().pastSit(toOuting(file), minutes);
  return reply.ok ? reply.curves : null;
}
