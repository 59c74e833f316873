import * as m from "@/messages";
import { atom } from "nanostores";
import { v7 as uuid } from "uuid";
import {
  historyPatch,
  MOST_UNACKNOWLEDGED,
  NO_HISTORY,
  unsavedCommands,
  type History,
  type SheetCommand,
} from "@/formats/sheet-commands";
import { contentOfView } from "@/formats/wire/outing/content-of-view";
import type { ErrorBody, OutingView } from "@/formats/wire/outing/outing-view";
import { $heldMinutes, $view, show } from "../sheet/day-sheet";
import { $clashes, $edits, $history, markSent, replay } from "../sheet/editing";
import { renewKept } from "./offline";
import { keepPending, keepPendingAtOnce, removePending, takePending, type Pending } from "./pending";

/** How the sheet on screen stands to what the server has. */
export type SaveState =
  | { readonly kind: "saved" }
  | { readonly kind: "changed" }
  | { readonly kind: "saving" }
  /** No answer, or a fault of the server's: tried again by itself. */
  | { readonly kind: "failed"; readonly message: string }
  /** The server will not have this state: nothing is sent again before it has changed. */
  | { readonly kind: "refused"; readonly message: string }
  | { readonly kind: "conflict"; readonly message: string };

export const $save = atom<SaveState>({ kind: "saved" });

/** Whether this browser could keep what is not saved: its store may be full or barred. */
export const $isKept = atom(true);

const QUIET_MS = 500;
const RETRY_MS = 15_000;
/** A save without an answer counts as failed after this time: a weak network may never give one. */
const NO_ANSWER_MS = 30_000;
const FIRST_SERVER_FAULT = 500;
let timer: ReturnType<typeof setTimeout> | undefined;
let sending = false;
/** The commands the server has. */
let savedHistory: History = NO_HISTORY;
/** What an earlier visit could not save, until it is done again here: not in the list of commands yet. */
let inherited: readonly SheetCommand[] = [];
/** Saves since then whose answers never came; the server may have them all the same. */
let unacknowledgedSaves: readonly string[] = [];

const outingUrl = (id: string): string => `/api/outings/${id}`;

/** What is not on the server yet, in order. */
const unsaved = (): readonly SheetCommand[] => unsavedCommands(savedHistory, $history.get());

const pendingNow = (): Pending => ({ commands: [...inherited, ...unsaved()], unacknowledgedSaves });

/** Keeps in the browser what is not saved: not with every edit, a drag makes sixty a second. */
function keepUnsaved(): void {
  const view = $view.get();
  if (view) void keepPending(view.id, pendingNow()).then((isKept) => $isKept.set(isKept));
}

function keepUnsavedAtOnce(): void {
  const view = $view.get();
  if (view) keepPendingAtOnce(view.id, pendingNow());
}

function scheduleSave(): void {
  if ($save.get().kind === "conflict") return keepUnsaved(); // nothing is sent until the person has decided
  $save.set({ kind: "changed" });
  clearTimeout(timer);
  timer = setTimeout(() => {
    if ($heldMinutes.get() !== null) return scheduleSave(); // a drag is saved once it has ended
    keepUnsaved(); // also what waits behind a save that is on its way
    void saveNow();
  }, QUIET_MS);
}

/** Fetches the list of commands, puts back what an earlier visit could not save. */
async function takeUp(view: OutingView): Promise<void> {
  const kept = await takePending(view.id);
  inherited = kept.commands;
  if (inherited.length > 0) $save.set({ kind: "changed" });
  unacknowledgedSaves = [...unacknowledgedSaves, ...kept.unacknowledgedSaves].slice(-MOST_UNACKNOWLEDGED);
  try {
    const response = await fetch(`${outingUrl(view.id)}/history`, { signal: AbortSignal.timeout(NO_ANSWER_MS) });
    if (response.ok) {
      savedHistory = (await response.json()) as History;
      const made = $history.get().commands;
      const all = [...savedHistory.commands.slice(0, savedHistory.done), ...made];
      $history.set(made.length === 0 ? savedHistory : { ...savedHistory, commands: all, done: all.length });
    }
  } catch {
    // Without the list there is no way back beyond this visit; editing and saving go on.
  }
  inherited = [];
  if (kept.commands.length > 0) replay($view.get() ?? view, $history.get(), kept.commands);
}

/** Listens to edits and saves shortly after the last. @returns stops listening */
export function keepSaved(view: OutingView): () => void {
  const stop = $edits.listen(scheduleSave);
  const warn = (event: BeforeUnloadEvent): void => {
    if ($save.get().kind !== "saved") event.preventDefault();
  };
  const again = (): void => {
    if ($save.get().kind === "failed") void saveNow();
  };
  window.addEventListener("beforeunload", warn);
  window.addEventListener("pagehide", keepUnsavedAtOnce);
  window.addEventListener("online", again);
  void takeUp(view);
  return () => {
    stop();
    window.removeEventListener("beforeunload", warn);
    window.removeEventListener("pagehide", keepUnsavedAtOnce);
    window.removeEventListener("online", again);
  };
}

/** Sends the sheet as it stands, with what was done to it since the last time. */
export async function saveNow(): Promise<void> {
  const view = $view.get();
  if (!view || sending) return;
  sending = true;
  $save.set({ kind: "saving" });
  const edits = $edits.get();
  const history = $history.get();
  markSent(history.commands);
  const next = await send(view, history);
  sending = false;
  $save.set(next);
  if (next.kind === "saved" && $edits.get() !== edits) scheduleSave();
  if (next.kind === "failed") timer = setTimeout(() => $save.get().kind === "failed" && void saveNow(), RETRY_MS);
}

async function send(view: OutingView, history: History): Promise<SaveState> {
  const saveId = uuid();
  const before = unacknowledgedSaves;
  unacknowledgedSaves = [...before, saveId].slice(-MOST_UNACKNOWLEDGED); // until the answer is here
  keepUnsaved(); // the page may end before the answer comes
  try {
    const response = await fetch(outingUrl(view.id), {
      method: "PUT",
      headers: { "content-type": "application/json" },
      signal: AbortSignal.timeout(NO_ANSWER_MS),
      body: JSON.stringify({
        version: view.version,
        saveId,
        unacknowledgedSaves: before,
        ...contentOfView(view),
        history: historyPatch(savedHistory, history),
      }),
    });
    if (!response.ok) {
      if (response.status < FIRST_SERVER_FAULT) unacknowledgedSaves = before;
      return refusal(await readError(response), response.status);
    }
    const saved = (await response.json()) as { version: number };
    savedHistory = history;
    unacknowledgedSaves = [];
    const newest = $view.get();
    if (newest) $view.set({ ...newest, version: saved.version });
    keepUnsaved();
    renewKept(view.id);
    return { kind: "saved" };
  } catch {
    return { kind: "failed", message: m.theServerCannotBeReachedYour };
  }
}

async function readError(response: Response): Promise<ErrorBody["error"]> {
  try {
    return ((await response.json()) as ErrorBody).error;
  } catch {
    return { code: "unknown", message: m.theServerAnswered2({ status: response.status }) };
  }
}

/** Refusals that pass by themselves: too many requests, a request that took too long. */
const PASSING = [408, 429];

function refusal({ code, message, problems = [] }: ErrorBody["error"], status: number): SaveState {
  if (code === "version-conflict") return { kind: "conflict", message };
  const named = problems.map(({ path, reason }) => `${path} ${reason}`).join("; ");
  const kind = status >= FIRST_SERVER_FAULT || PASSING.includes(status) ? "failed" : "refused";
  return { kind, message: named ? `${message} ${named}` : message };
}

/** Answers a conflict: fetches the newer state and does this page's changes again on it. */
export async function doAgainOnNewer(): Promise<void> {
  const view = $view.get();
  if (!view) return;
  const mine = unsaved();
  try {
    const [newer, history] = await Promise.all([fetch(outingUrl(view.id)), fetch(`${outingUrl(view.id)}/history`)]);
    if (!newer.ok || !history.ok) throw new Error(String(newer.status));
    savedHistory = (await history.json()) as History;
    unacknowledgedSaves = [];
    $save.set({ kind: "changed" });
    replay((await newer.json()) as OutingView, savedHistory, mine);
  } catch {
    $save.set({ kind: "conflict", message: m.theNewerStateCannotBeFetched });
  }
}

/** Answers a conflict: keeps this page's state as an outing of its own and goes there. */
export async function saveAsCopy(): Promise<void> {
  const view = $view.get();
  if (!view) return;
  const id = uuid();
  try {
    const response = await fetch("/api/outings", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({
        from: "outing",
        id,
        copyOf: view.id,
        name: m.ofCopy({ name: view.name }),
        content: contentOfView(view),
      }),
    });
    if (!response.ok) throw new Error(String(response.status));
    savedHistory = $history.get(); // the copy has it all: leaving the page must not keep it for the outing left behind
    await removePending(view.id);
    $save.set({ kind: "saved" });
    window.location.assign(`/outings/${id}`);
  } catch {
    $save.set({ kind: "conflict", message: m.theCopyCouldNotBeSaved });
  }
}

/** Puts an outing on screen afresh. */
export function openSheet(view: OutingView): void {
  savedHistory = NO_HISTORY;
  unacknowledgedSaves = [];
  inherited = [];
  $clashes.set([]);
  $history.set(NO_HISTORY);
  $save.set({ kind: "saved" });
  show(view);
}
