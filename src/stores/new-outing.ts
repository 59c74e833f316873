import type { NewOutingBody } from "@/formats/wire/outing/new-outing";
import { ask } from "./ask";

/**
 * Makes an outing and goes to it.
 * @throws {Error} with a message to show
 */
export async function makeOuting(wanted: NewOutingBody): Promise<void> {
  await ask("/api/outings", "POST", wanted);
  window.location.assign(`/outings/${wanted.id}`);
}
