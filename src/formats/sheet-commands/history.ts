import type { OutingContentView } from "../wire/outing/outing-view";
import { applyChanges } from "./apply";
import { MOST_COMMANDS, type History, type HistoryPatch, type SheetCommand } from "./sheet-command";

/** Two commands on the same things within this time are one: a drag, a number typed digit by digit. */
const ONE_GESTURE_MS = 700;

const touched = ({ changes }: SheetCommand): string =>
  changes.map(({ collection, key }) => `${collection} ${key}`).join();

/** The later command's end on the earlier one's start. */
function merged(earlier: SheetCommand, later: SheetCommand): SheetCommand {
  return {
    ...earlier,
    changes: later.changes.map((change, index) => ({ ...change, before: earlier.changes[index]!.before })),
  };
}

/** The commands that are done. */
const doneOf = ({ commands, done }: History): readonly SheetCommand[] => commands.slice(0, done);

/**
 * Adds a command; what was undone before it can no longer be done again.
 * @param sinceLastMs time since the last command; a gesture's commands are kept as one
 * @param isSent whether the last command has left for the server and may not change any more
 */
export function remembered(history: History, command: SheetCommand, sinceLastMs: number, isSent: boolean): History {
  const done = doneOf(history);
  const last = done.at(-1);
  const isSameGesture =
    last !== undefined &&
    !isSent &&
    sinceLastMs < ONE_GESTURE_MS &&
    last.label === command.label &&
    touched(last) === touched(command);
  const all = isSameGesture ? [...done.slice(0, -1), merged(last, command)] : [...done, command];
  const commands = all.slice(-MOST_COMMANDS);
  return { dropped: history.dropped + all.length - commands.length, commands, done: commands.length };
}

/** What has to be sent to a server that has `saved` so that it has `now`. */
export function historyPatch(saved: History, now: History): HistoryPatch {
  const idAt = ({ dropped, commands }: History, index: number): string | undefined => commands[index - dropped]?.id;
  let keep = now.dropped;
  while (idAt(now, keep) !== undefined && idAt(now, keep) === idAt(saved, keep)) keep++;
  return { keep, add: now.commands.slice(keep - now.dropped), done: now.dropped + now.done };
}

type Step<Content> = { readonly content: Content; readonly history: History; readonly command: SheetCommand } | null;

/** Takes the last command back; `null` when none is done. */
export function undone<Content extends OutingContentView>(content: Content, history: History): Step<Content> {
  const command = history.commands[history.done - 1];
  if (!command) return null;
  return {
    content: applyChanges(content, command.changes, "backwards"),
    history: { ...history, done: history.done - 1 },
    command,
  };
}

/** Does the next undone command again; `null` when there is none. */
export function redone<Content extends OutingContentView>(content: Content, history: History): Step<Content> {
  const command = history.commands[history.done];
  if (!command) return null;
  return {
    content: applyChanges(content, command.changes, "forwards"),
    history: { ...history, done: history.done + 1 },
    command,
  };
}

/** The same the other way round. */
const inverse = ({ id, label, changes }: SheetCommand): SheetCommand => ({
  id,
  label,
  changes: changes.map(({ collection, key, before, after }) => ({ collection, key, before: after, after: before })),
});

/** What was done since a save, in order: commands taken back first, then those made or made again. */
export function unsavedCommands(saved: History, now: History): readonly SheetCommand[] {
  const same = historyPatch(saved, now).keep;
  const from = Math.min(same, saved.dropped + saved.done, now.dropped + now.done);
  const takenBack = saved.commands
    .slice(Math.max(0, from - saved.dropped), saved.done)
    .reverse()
    .map(inverse);
  return [...takenBack, ...now.commands.slice(Math.max(0, from - now.dropped), now.done)];
}
