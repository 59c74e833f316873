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

/** Keeps what is not saved; nothing left: forgets it. */
export function keepPending(outingId: string, commands: readonly SheetCommand[]): void {
  holdPage();
  const key = keyOf(outingId, PAGE);
  try {
    if (commands.length === 0) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(commands));
  } catch {
    // Storage may be full or barred: saving to the server goes on without it.
  }
}

export const forgetPending = (outingId: string): void => keepPending(outingId, []);

function read(key: string): readonly SheetCommand[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? "[]");
    return Array.isArray(kept) ? (kept as SheetCommand[]) : [];
  } catch {
    return [];
  }
}

/** Keys of an outing's queues whose pages are closed. */
async function leftBehind(outingId: string): Promise<string[]> {
  const held = await navigator.locks?.query();
  const open = new Set(held?.held?.map(({ name }) => name));
  const keys = Array.from({ length: localStorage.length }, (_, place) => localStorage.key(place) ?? "");
  return keys.filter((key) => {
    if (!key.startsWith(keyOf(outingId, ""))) return false;
    const page = key.slice(keyOf(outingId, "").length);
    return page !== PAGE && !open.has(lockOf(page));
  });
}

/** Takes over what pages that are closed by now could not save; it is this page's from then on. */
export async function takePending(outingId: string): Promise<readonly SheetCommand[]> {
  holdPage();
  try {
    const keys = await leftBehind(outingId);
    const commands = keys.flatMap(read);
    if (commands.length > 0) keepPending(outingId, commands);
    for (const key of keys) localStorage.removeItem(key);
    return commands;
  } catch {
    return []; // storage is barred: nothing was kept
  }
}
