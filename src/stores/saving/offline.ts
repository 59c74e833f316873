import { untilRecomputed } from "../recomputing";

// Pages of an outing stay readable without a network: a service worker keeps them as they were last seen.

const sameOrigin = (address: string): boolean => new URL(address).origin === window.location.origin;

/** What this page is made of, and pages that are wanted after it where there may be no network. */
function ownAddresses(): string[] {
  const loaded = performance.getEntriesByType("resource").map(({ name }) => name);
  const along = [...document.querySelectorAll<HTMLAnchorElement>("a[data-kept-along]")].map(({ href }) => href);
  return [...new Set([window.location.href, ...along, ...loaded])].filter(
    (address) => sameOrigin(address) && !new URL(address).pathname.startsWith("/api/"),
  );
}

/** Marks the page once it can be opened without a network; tests and people look at it. */
const markKept = (): void => void (document.documentElement.dataset.offline = "kept");

/** Starts the worker that keeps pages, and has it keep this one. Where the browser bars it, all else goes on. */
export async function keepOffline(): Promise<void> {
  if (!("serviceWorker" in navigator)) return;
  try {
    navigator.serviceWorker.addEventListener("message", ({ data }) => {
      if ((data as { kind?: unknown }).kind === "kept") markKept();
    });
    await navigator.serviceWorker.register("/service-worker.js");
    const { active } = await navigator.serviceWorker.ready;
    active?.postMessage({ kind: "keep", addresses: ownAddresses() });
  } catch {
    // Private windows and some settings bar it.
  }
}

/** After a save of what is no outing: kept pages below a path are fetched again. */
export const renewKeptBelow = (path: string): void =>
  globalThis.navigator?.serviceWorker?.controller?.postMessage({ kind: "renew", path });

const waiting = new Map<string, AbortController>();

/**
 * After a save: pages of the outing that are kept are fetched again, so that they show it, and once more when the figures
 * of what was saved stand.
 */
export function renewKept(outingId: string): void {
  if (!globalThis.navigator?.serviceWorker?.controller) return;
  const renew = (): void => renewKeptBelow(`/outings/${outingId}`);
  renew();
  waiting.get(outingId)?.abort();
  const wait = new AbortController();
  waiting.set(outingId, wait);
  void untilRecomputed([outingId], wait.signal).then((lines) => lines && renew());
}
