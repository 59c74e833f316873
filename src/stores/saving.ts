import { atom } from "nanostores";
import type { ErrorBody, OutingView } from "@/formats/wire/outing-view";
import { $edits, $view, openSheet } from "./day-sheet";

/** How the sheet on screen stands to what the server has. */
export type SaveState =
  | { readonly kind: "saved" }
  | { readonly kind: "changed" }
  | { readonly kind: "saving" }
  | { readonly kind: "failed"; readonly message: string }
  | { readonly kind: "conflict"; readonly message: string; readonly currentVersion: number };

export const $save = atom<SaveState>({ kind: "saved" });

const QUIET_MS = 500;
let timer: ReturnType<typeof setTimeout> | undefined;
let sending = false;

const outingUrl = (id: string): string => `/api/outings/${id}`;

function scheduleSave(): void {
  if ($save.get().kind === "conflict") return; // nothing is sent until the person has decided
  $save.set({ kind: "changed" });
  clearTimeout(timer);
  timer = setTimeout(() => void saveNow(), QUIET_MS);
}

/** Listens to edits and saves shortly after the last. @returns stops listening */
export function keepSaved(): () => void {
  const stop = $edits.listen(scheduleSave);
  const warn = (event: BeforeUnloadEvent): void => {
    if ($save.get().kind !== "saved") event.preventDefault();
  };
  window.addEventListener("beforeunload", warn);
  return () => {
    stop();
    window.removeEventListener("beforeunload", warn);
  };
}

/** Sends the sheet as it stands. */
export async function saveNow(): Promise<void> {
  const view = $view.get();
  if (!view || sending) return;
  sending = true;
  $save.set({ kind: "saving" });
  const sent = $edits.get();
  const next = await send(view);
  sending = false;
  $save.set(next);
  if (next.kind === "saved" && $edits.get() !== sent) scheduleSave();
}

async function send(view: OutingView): Promise<SaveState> {
  const { version, weather, phases, wearings } = view;
  try {
    const response = await fetch(outingUrl(view.id), {
      method: "PUT",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ version, weather, phases, wearings }),
    });
    if (!response.ok) return refusal(await readError(response));
    const saved = (await response.json()) as { version: number };
    const newest = $view.get();
    if (newest) $view.set({ ...newest, version: saved.version });
    return { kind: "saved" };
  } catch {
    return { kind: "failed", message: "The server cannot be reached. Your changes are kept on this page." };
  }
}

async function readError(response: Response): Promise<ErrorBody["error"]> {
  try {
    return ((await response.json()) as ErrorBody).error;
  } catch {
    return { code: "unknown", message: `The server answered ${response.status}.` };
  }
}

function refusal({ code, message, problems = [], currentVersion }: ErrorBody["error"]): SaveState {
  if (code === "version-conflict" && currentVersion !== undefined) return { kind: "conflict", message, currentVersion };
  const named = problems.map(({ path, reason }) => `${path} ${reason}`).join("; ");
  return { kind: "failed", message: named ? `${message} ${named}` : message };
}

/** Answers a conflict by writing this page's state over the newer one. */
export async function keepMine(): Promise<void> {
  const state = $save.get();
  const view = $view.get();
  if (state.kind !== "conflict" || !view) return;
  $view.set({ ...view, version: state.currentVersion });
  await saveNow();
}

/** Answers a conflict by showing the newer state; this page's changes are dropped, as the button says. */
export async function takeTheirs(): Promise<void> {
  const view = $view.get();
  if (!view) return;
  try {
    const response = await fetch(outingUrl(view.id));
    if (!response.ok) throw new Error(String(response.status));
    openSheet((await response.json()) as OutingView);
    $save.set({ kind: "saved" });
  } catch {
    $save.set({ kind: "failed", message: "The newer state cannot be fetched. Your changes are kept on this page." });
  }
}
