import { createStore, del, entries, set, type UseStore } from "idb-keyval";
import { v7 as uuid } from "uuid";
import type { SheetCommand } from "@/formats/sheet-commands";
import { lastWords, removeLastWords, writeLastWords } from "./last-words";

// Commands that are not on the server yet are kept in the browser, so that a closed tab or a dead server loses nothing.
// Each page keeps a queue of its own and holds a lock while it is open: another page takes over only what nobody holds.

const PAGE = uuid();
const lockOf = (page: string): string => `umiak page ${page}`;
/** One outing's queue of one page; also the name under which it stands in the browser's stores. */
const keyOf = (outingId: string, page: string): string => `umiak unsaved ${outingId} ${page}`;

let opened: UseStore | undefined;
/** Opened with the first use: the server draws the same modules and has no such store. */
const queues = (): UseStore => (opened ??= createStore("umiak", "unsaved"));

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
export async function keepPending(outingId: string, pending: Pending): Promise<boolean> {
  holdPage();
  const key = keyOf(outingId, PAGE);
  try {
    if (pending.commands.length === 0) await del(key, queues());
    else await set(key, pending, queues());
    removeLastWords(key); // of a page that was hidden, not ended, and went on
    return true;
  } catch {
    return false; // full or barred: saving to the server goes on without it
  }
}

/** Keeps what is not saved of a page that may end with this call: nothing that takes time would be finished. */
export function keepPendingAtOnce(outingId: string, pending: Pending): void {
  if (pending.commands.length > 0) writeLastWords(keyOf(outingId, PAGE), JSON.stringify(pending));
  void keepPending(outingId, pending); // where the page goes on, or is given the time
}

export const removePending = async (outingId: string): Promise<void> =>
  void (await keepPending(outingId, NOTHING_PENDING));

/** Whether this browser holds changes of an outing that the server does not have. */
export async function hasPending(outingId: string): Promise<boolean> {
  return [...(await kept(outingId)).values()].some(({ commands }) => commands.length > 0);
}

/** Every page's queue of an outing, by its key; what a page wrote as it ended is newer than what it kept before. */
async function kept(outingId: string): Promise<Map<string, Pending>> {
  const ofOuting = (key: string): boolean => key.startsWith(keyOf(outingId, ""));
  const stored = await entries<string, unknown>(queues()).catch(() => []); // barred: what could be written at once is left
  const written = lastWords().map(([key, text]): [string, unknown] => [key, parsed(text)]);
  return new Map([...stored, ...written].filter(([key]) => ofOuting(key)).map(([key, value]) => [key, read(value)]));
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

function read(value: unknown): Pending {
  if (!value || typeof value !== "object" || !("commands" in value)) return NOTHING_PENDING;
  return { unacknowledgedSaves: [], ...(value as Pick<Pending, "commands"> & Partial<Pending>) };
}

/** An outing's queues whose pages are closed, by their keys. */
async function leftBehind(outingId: string): Promise<[string, Pending][]> {
  const held = await navigator.locks?.query();
  const open = new Set(held?.held?.map(({ name }) => name));
  return [...(await kept(outingId))].filter(([key]) => {
    const page = key.slice(keyOf(outingId, "").length);
    return page !== PAGE && !open.has(lockOf(page));
  });
}

/** Takes over what pages that are closed by now could not save; it is this page's from then on. */
export async function takePending(outingId: string): Promise<Pending> {
  holdPage();
  try {
    const left = await leftBehind(outingId);
    const pending = {
      commands: left.flatMap(([, { commands }]) => commands),
      unacknowledgedSaves: left.flatMap(([, queue]) => queue.unacknowledgedSaves),
    };
    // One copy too many is done twice and seen; one too few is lost: the old go only once this page holds the new.
    if (pending.commands.length > 0 && !(await keepPending(outingId, pending))) return pending;
    for (const [key] of left) {
      removeLastWords(key);
      await del(key, queues());
    }
    return pending;
  } catch {
    return NOTHING_PENDING; // storage is barred: nothing was kept
  }
}
