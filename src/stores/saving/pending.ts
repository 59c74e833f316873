import { v7 as uuid } from "uuid";
import type { SheetCommand } from "@/formats/sheet-commands";

// Commands that are not on the server yet are kept in the browser, so that a closed tab or a dead server loses nothing.
// Each page keeps a queue of its own and holds a lock while it is open: another page takes over only what nobody holds.

const PAGE = uuid();
const PREFIX = "umiak unsaved ";
const lockOf = (page: string): string => `umiak page ${page}`;
const keyOf = (outingId: string, page: string): string => `${PREFIX}${outingId} ${page}`;

/** Held as long as the page is open; where locks are barred every queue counts as left behind. */
let isHeld = false;
function holdPage(): void {
  if (isHeld || !navigator.locks) return;
  isHeld = true;
  void navigator.locks.request(lockOf(PAGE), () => new Promise(() => undefined));
}

/** What is not on the server yet, as far as this browser knows. */
export type Pending = {
  readonly commands: readonly SheetCommand[];
  /** Ids of saves that were sent and never answered: they may have arrived. */
  readonly unacknowledgedSaves: readonly string[];
};

export const NOTHING_PENDING: Pending = { commands: [], unacknowledgedSaves: [] };

/** Keeps what is not saved; nothing left: removes it. @returns whether the browser's store took it */
export function keepPending(outingId: string, pending: Pending): boolean {
  holdPage();
  const key = keyOf(outingId, PAGE);
  try {
    if (pending.commands.length === 0) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(pending));
    return true;
  } catch {
    return false; // full or barred: saving to the server goes on without it
  }
}

export const removePending = (outingId: string): void => void keepPending(outingId, NOTHING_PENDING);

/** Whether this browser holds changes of an outing that the server does not have. */
export function hasPending(outingId: string): boolean {
  try {
    return Object.keys(localStorage).some(
      (key) => key.startsWith(keyOf(outingId, "")) && read(key).commands.length > 0,
    );
  } catch {
    return false;
  }
}

function read(key: string): Pending {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? "null");
    if (!kept || typeof kept !== "object" || !("commands" in kept)) return NOTHING_PENDING;
    return { unacknowledgedSaves: [], ...(kept as Pick<Pending, "commands"> & Partial<Pending>) };
  } catch {
    return NOTHING_PENDING;
  }
}

/** Keys of an outing's queues whose pages are closed. */
async function leftBehind(outingId: string): Promise<string[]> {
  const held = await navigator.locks?.query();
  const open = new Set(held?.held?.map(({ name }) => name));
  const keys = Array.from({ length: localStorage.length }, (_, index) => localStorage.key(index) ?? "");
  return keys.filter((key) => {
    if (!key.startsWith(keyOf(outingId, ""))) return false;
    const page = key.slice(keyOf(outingId, "").length);
    return page !== PAGE && !open.has(lockOf(page));
  });
}

/** Takes over what pages that are closed by now could not save; it is this page's from then on. */
export async function takePending(outingId: string): Promise<Pending> {
  holdPage();
  try {
    const keys = await leftBehind(outingId);
    const queues = keys.map(read);
    const pending = {
      commands: queues.flatMap(({ commands }) => commands),
      unacknowledgedSaves: queues.flatMap((queue) => queue.unacknowledgedSaves),
    };
    if (pending.commands.length > 0) keepPending(outingId, pending);
    for (const key of keys) localStorage.removeItem(key);
    return pending;
  } catch {
    return NOTHING_PENDING; // storage is barred: nothing was kept
  }
}
