import "fake-indexeddb/auto"; // also the classes that an open store answers with
import { IDBFactory } from "fake-indexeddb";
import { vi } from "vitest";

// As much of a browser as the stores ask for, for tests that run without one.

/** What pages keep in their browser; another page of the same browser sees it too. */
export type Stores = { readonly localStorage: Storage; readonly indexedDB: IDBFactory };
export const newStores = (): Stores => ({ localStorage: storage(), indexedDB: new IDBFactory() });

function storage(): Storage {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    key: (index) => [...kept.keys()][index] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
    clear: () => kept.clear(),
  };
}

/** A request that a page sent. */
export type Sent = { readonly url: string; readonly method: string; readonly body: unknown };
/** What the server does with it: an answer, none, or none yet. */
export type Answered = { readonly status?: number; readonly body?: unknown } | "lost" | "pending";

export type Browser = {
  readonly stores: Stores;
  readonly sent: Sent[];
  /** Pages gone to. */
  readonly went: string[];
  /** What happens to the window: "online", "pagehide". */
  happen(name: string): void;
};

/** Puts a browser in place whose server answers by hand. */
export function openBrowser(answers: (sent: Sent) => Answered, stores = newStores()): Browser {
  const sent: Sent[] = [];
  const went: string[] = [];
  const window = Object.assign(new EventTarget(), { location: { assign: (to: string) => went.push(to) } });
  vi.stubGlobal("window", window);
  for (const [name, store] of Object.entries(stores)) vi.stubGlobal(name, store);
  vi.stubGlobal("navigator", {
    locks: { request: () => Promise.resolve(), query: () => Promise.resolve({ held: [] }) },
  });
  vi.stubGlobal("fetch", async (url: string, { method = "GET", body }: { method?: string; body?: string } = {}) => {
    const request = { url, method, body: body === undefined ? undefined : (JSON.parse(body) as unknown) };
    sent.push(request);
    const answered = answers(request);
    if (answered === "lost") throw new TypeError("the network is gone");
    if (answered === "pending") return new Promise(() => undefined);
    const { status = 200, body: answer = {} } = answered;
    return { ok: status < 400, status, json: () => Promise.resolve(structuredClone(answer)) };
  });
  return { stores, sent, went, happen: (name) => void window.dispatchEvent(new Event(name)) };
}

/** Lets what was begun go on until nothing is left to do at once. */
export const settle = (ms = 0): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));
