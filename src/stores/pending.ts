import type { SheetCommand } from "@/formats/sheet-commands";

// Commands that are not on the server yet are kept in the browser, so that a closed tab or a dead server loses nothing.

const keyOf = (outingId: string): string => `umiak unsaved ${outingId}`;

/** Keeps what is not saved; nothing left: forgets it. */
export function keepPending(outingId: string, commands: readonly SheetCommand[]): void {
  try {
    if (commands.length === 0) localStorage.removeItem(keyOf(outingId));
    else localStorage.setItem(keyOf(outingId), JSON.stringify(commands));
  } catch {
    // Storage may be full or barred: saving to the server goes on without it.
  }
}

export const forgetPending = (outingId: string): void => keepPending(outingId, []);

/** What an earlier visit could not save. */
export function pendingOf(outingId: string): readonly SheetCommand[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(outingId)) ?? "[]");
    return Array.isArray(kept) ? (kept as SheetCommand[]) : [];
  } catch {
    return [];
  }
}
