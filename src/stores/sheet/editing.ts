import * as m from "@/messages";
import { atom } from "nanostores";
import { v7 as uuid } from "uuid";
import {
  applyChanges,
  changeClashes,
  NO_HISTORY,
  redone,
  remembered,
  sheetChanges,
  undone,
  type History,
  type SheetCommand,
} from "@/formats/sheet-commands";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $heldMinutes, $view, show } from "./day-sheet";

// Every edit becomes a command with its way back. The list is what undo walks on, what is sent with a save, and what is
// done again where a save met a newer state.

/** Commands of the sheet on screen. */
export const $history = atom<History>(NO_HISTORY);
/** Raised with every edit of the content; what saves listens to it. */
export const $edits = atom(0);
/** What was last done or taken back, in words, for those who do not see the sheet change. */
export const $lastDone = atom<string | null>(null);

const sent = new Set<string>();
let lastAtMs = 0;

/** From now on these commands may not change any more: they have left for the server. */
export const markSent = (commands: readonly SheetCommand[]): void => commands.forEach(({ id }) => sent.add(id));

function put(view: OutingView, words: string): void {
  show(view);
  $lastDone.set(words);
  $edits.set($edits.get() + 1);
}

/**
 * Changes the sheet on screen.
 * @param label what is done, in words: shown by undo; edits with the same words in one gesture become one command
 */
export function edit(label: string, change: (view: OutingView) => OutingView): void {
  const view = $view.get();
  if (!view) return;
  const next = change(view);
  const changes = sheetChanges(view, next);
  if (changes.length === 0) return;
  const history = $history.get();
  const last = history.commands[history.done - 1];
  const now = Date.now();
  const isSent = last !== undefined && sent.has(last.id);
  // As long as something is held it is one gesture, however slow the hand.
  const sinceMs = lastAtMs === 0 ? Infinity : $heldMinutes.get() !== null ? 0 : now - lastAtMs;
  $history.set(remembered(history, { id: uuid(), label, changes }, sinceMs, isSent));
  lastAtMs = now;
  put(next, label);
}

/** Ends a gesture: the next edit is a command of its own. */
export const endGesture = (): void => void (lastAtMs = 0);

function walk(step: typeof undone, words: string): void {
  const view = $view.get();
  const stepped = view && step(view, $history.get());
  if (!stepped) return;
  endGesture();
  $history.set(stepped.history);
  put(stepped.content, `${words}: ${stepped.command.label}`);
}

/** Takes the last command back. */
export const undo = (): void => walk(undone, m.takenBack);
/** Does the next undone command again. */
export const redo = (): void => walk(redone, m.doneAgain);

/** What both sides had changed when commands were done again, in words; this page's stands. */
export const $clashes = atom<readonly string[]>([]);

/** Does commands again on a state they were not made on, field by field; each is remembered as a new one. */
export function replay(view: OutingView, history: History, commands: readonly SheetCommand[]): void {
  let next = view;
  let list = history;
  const clashing = new Set<string>();
  for (const { label, changes } of commands) {
    const before = next;
    if (changes.some((change) => changeClashes(before, change))) clashing.add(label);
    next = applyChanges(before, changes, "forwards");
    const made = sheetChanges(before, next);
    if (made.length > 0) list = remembered(list, { id: uuid(), label, changes: made }, Infinity, true);
  }
  $history.set(list);
  $clashes.set([...clashing]);
  put(next, m.yourChangesDoneAgain);
}
