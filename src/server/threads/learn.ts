import { calibrate } from "@/core/calibration";
import { CoreError } from "@/core/errors";
import type { Learnt } from "@/core/outing";
import { toOuting } from "@/formats/outing-file/to-outing";
import type { ToldSitFile } from "@/formats/wire/logbook/logbook-view";

/** What notes teach; `null` where an outing among them cannot be computed any more, which its sheet says why. */
export function learn(told: readonly ToldSitFile[]): Learnt | null {
  try {
    return calibrate(told.map(({ outing, felt }) => ({ outing: toOuting(outing), felt })));
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}
