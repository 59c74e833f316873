import * as m from "@/messages";
import { STARTER_KITS } from "@/core/starter-kit";
import { genericKitIn, wornUsually } from "@/formats/wire/kit/generic-outfit";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { workerFor } from "@/workers/simulate-client";
import { $view } from "./day-sheet";
import { tell } from "../told";
import { undo } from "./editing";
import { editContent } from "./edits";
import { addToKit } from "./kit";

/**
 * Wears the generic kit that the cold of the sheet asks for; what the person does not own of it joins their kit.
 * @throws {Error} with a message to show
 */
export async function wearGenericByCold(): Promise<void> {
  const view = $view.get();
  if (!view) return;
  const avoidsAnimals = view.person.practicePreferences.avoids.includes("animals");
  const key = await workerFor("answer").chooseKit(viewToOuting(view), avoidsAnimals);
  if (key === null) throw new Error(m.thisOutingCannotBeComputedSo);
  const { pieces, fresh } = genericKitIn(view.kit, key);
  await addToKit(fresh);
  const { phases } = $view.get() ?? view;
  editContent(m.wear2({ words: STARTER_KITS[key].words.toLowerCase() }), { wearings: wornUsually(pieces, phases) });
  tell(m.dressedInGenericClothes({ words: STARTER_KITS[key].words.toLowerCase() }), undo);
}
