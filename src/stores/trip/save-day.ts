import { v7 as uuid } from "uuid";
import { historyPatch, remembered, sheetChanges, type History } from "@/formats/sheet-commands";
import { contentOfView } from "@/formats/wire/outing/content-of-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { ask } from "../ask";

/**
 * Saves what is worn and packed on a day, as one command in the list of its sheet: it can be taken back there too.
 * @param label what was done, in words
 * @returns the outing's new version
 * @throws {Error} with a message to show, as where the outing was changed on another page
 */
export async function saveDay(before: OutingView, after: OutingView, label: string): Promise<number> {
  const url = `/api/outings/${after.id}`;
  const changes = sheetChanges(contentOfView(before), contentOfView(after));
  if (changes.length === 0) return before.version; // changed and changed back meanwhile
  const history = await ask<History>(`${url}/history`);
  const command = { id: uuid(), label, changes };
  const { version } = await ask<{ version: number }>(url, "PUT", {
    version: after.version,
    ...contentOfView(after),
    history: historyPatch(history, remembered(history, command, Infinity, true)),
  });
  return version;
}
