import type { NewOutingBody } from "@/formats/wire/outing/new-outing";
import { ask } from "./ask";

/**
 * Makes an outing and goes to its sheet, or to be dressed for it at once.
 * @throws {Error} with a message to show
 */
export async function makeOuting(wanted: NewOutingBody, then: "sheet" | "dress" = "sheet"): Promise<void> {
  await ask("/api/outings", "POST", wanted);
  window.location.assign(`/outings/${wanted.id}${then === "dress" ? "/dress#now" : ""}`);
}
