import { z } from "zod";
import type { Felt } from "@/core/logbook";
import { feltSchema } from "@/formats/wire/logbook/felt-schema";
import { ask } from "../ask";
import { isServerReached } from "../is-server-reached";
import { sendUnsentPhotos } from "./note-photo";

// What was felt is told where there is often no network: it is kept in the browser until the server has it.

const KEPT_AS = "umiak-unsent-notes";
const unsentSchema = z.record(z.uuid(), feltSchema);

type Store = Pick<Storage, "getItem" | "setItem">;

/** Notes by their outing that the server does not have yet; what cannot be read is none. */
export function unsentNotes(storage: Store): Readonly<Record<string, Felt>> {
  try {
    const parsed = unsentSchema.safeParse(JSON.parse(storage.getItem(KEPT_AS) ?? "{}"));
    return parsed.success ? parsed.data : {};
  } catch {
    return {};
  }
}

function write(storage: Store, notes: Readonly<Record<string, Felt>>): void {
  try {
    storage.setItem(KEPT_AS, JSON.stringify(notes));
  } catch {
    // Full or barred: it is sent now or not at all, and the page says which.
  }
}

function forget(storage: Store, outingId: string, sent: Felt): void {
  const { [outingId]: own, ...others } = unsentNotes(storage);
  // Told again meanwhile: the newer note is still to be sent.
  if (own && JSON.stringify(own) === JSON.stringify(sent)) write(storage, others);
}

/**
 * Tells what was felt. Without a network it is kept and sent later.
 * @throws {Error} with a message to show, where the server refuses it
 */
export async function tellNote(outingId: string, felt: Felt, storage: Store): Promise<"sent" | "kept"> {
  write(storage, { ...unsentNotes(storage), [outingId]: felt });
  try {
    await ask(`/api/outings/${outingId}/note`, "PUT", felt);
    forget(storage, outingId, felt);
    return "sent";
  } catch (error) {
    if (!(await isServerReached())) return "kept";
    forget(storage, outingId, felt); // it would be refused again: it stands in the form
    throw error;
  }
}

/** Sends what was told without a network, and its pictures. @returns how many the server has now */
export async function sendUnsent(storage: Store): Promise<number> {
  const notes = Object.entries(unsentNotes(storage));
  const sent = await Promise.allSettled(notes.map(([outingId, felt]) => tellNote(outingId, felt, storage)));
  await sendUnsentPhotos(Object.keys(unsentNotes(storage)));
  return sent.filter((own) => own.status === "fulfilled" && own.value === "sent").length;
}

/** Forgets a note, and all that was learnt from it. @throws {Error} with a message to show */
export const forgetNote = (outingId: string): Promise<unknown> => ask(`/api/outings/${outingId}/note`, "DELETE");
