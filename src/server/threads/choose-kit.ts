import { CoreError } from "@/core/errors";
import { kitForCold } from "@/core/morning";
import type { StarterKitKey } from "@/core/starter-kit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";

/** The generic kit for a view's weather, place and person; `null` where it cannot be computed. */
export function chooseKit(view: OutingView): StarterKitKey | null {
  try {
    return kitForCold(viewToOuting(view), view.person.practicePreferences.avoids.includes("animals"));
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}
