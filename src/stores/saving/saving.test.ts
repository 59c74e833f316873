import { createStore, entries } from "idb-keyval";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { newStores, openBrowser, type Answered, type Browser, type Sent, type Stores } from "../../../tests/browser";
import { sampleView } from "../../../tests/sample-view";
import type { SaveOuting } from "@/formats/wire/outing/outing-schema";
import type { OutingView } from "@/formats/wire/outing/outing-view";

vi.mock("@/workers/simulate-client", () => ({ workerFor: () => ({ simulate: () => new Promise(() => undefined) }) }));

/** Longer than a save waits for quiet, shorter than it takes to try again. */
const QUIET_MS = 600;
const AGAIN_MS = 15_000;
const NO_HISTORY = { dropped: 0, commands: [], done: 0 };

/** A page of its own: its stores are new, its server answers by hand. */
async function openPage(
  put: (wanted: SaveOuting, attempt: number) => Answered,
  get: (url: string) => Answered = () => ({ body: NO_HISTORY }),
  stores: Stores = newStores(),
) {
  vi.resetModules();
  let attempt = 0;
  const browser = openBrowser(
    ({ url, method, body }: Sent) =>
      method === "PUT" ? put(body as SaveOuting, ++attempt) : method === "GET" ? get(url) : { status: 201 },
    stores,
  );
  const [saving, edits, editing, sheet] = await Promise.all([
    import("./saving"),
    import("../sheet/edits"),
    import("../sheet/editing"),
    import("../sheet/day-sheet"),
  ]);
  const view = sampleView();
  saving.openSheet(view);
  const stop = saving.keepSaved(view);
  await storesRest();
  return { browser, ...saving, ...edits, ...editing, ...sheet, view, stop };
}
const puts = ({ sent }: Browser): SaveOuting[] =>
  sent.filter(({ method }) => method === "PUT").map(({ body }) => body as SaveOuting);
const saved = ({ version }: Pick<SaveOuting, "version">): Answered => ({ body: { version: version + 1 } });
const refused = (status: number, code: string): Answered => ({ status, body: { error: { code, message: "No." } } });
/** Long enough for the browser's store to do all it was asked; it answers in turns of its own. */
const TURNS = 50;
async function storesRest(): Promise<void> {
  for (let turn = 0; turn < TURNS; turn++) await new Promise((resolve) => setImmediate(resolve));
}
async function quiet(): Promise<void> {
  await vi.advanceTimersByTimeAsync(QUIET_MS);
  await storesRest();
}
/** Everything the pages of this browser keep, as text; empty where they keep nothing. */
async function kept(): Promise<string> {
  await storesRest();
  const written = Array.from({ length: localStorage.length }, (_, index) =>
    localStorage.getItem(localStorage.key(index)!),
  );
  return [...(await entries(createStore("umiak", "unsaved"))).map((entry) => JSON.stringify(entry)), ...written].join();
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout", "setInterval", "clearInterval", "Date"] });
});

describe("saving a sheet", () => {
  it("sends once edits have paused, with what was done, and on from the version that the server gave", async () => {
    const page = await openPage((wanted) => saved(wanted));
    page.editPhaseMinutes(0, 41);
    expect(page.$save.get().kind).toBe("changed");
    page.editPhaseMinutes(0, 42);
    await quiet();
    expect(page.$save.get().kind).toBe("saved");
    page.endGesture();
    page.editPhaseMinutes(1, 25);
    await quiet();
    const [first, second] = puts(page.browser);
    expect(puts(page.browser)).toHaveLength(2);
    expect(first).toMatchObject({ version: 1, unacknowledgedSaves: [], history: { keep: 0, done: 1 } });
    expect(first!.phases[0]!.minutes).toBe(42);
    expect(second).toMatchObject({ version: 2, unacknowledgedSaves: [], history: { keep: 1, done: 2 } });
    expect(second!.saveId).not.toBe(first!.saveId);
  });

  it("says so when no answer comes, tries again by itself, and names what it tried", async () => {
    const page = await openPage((wanted, attempt) => (attempt < 3 ? "lost" : saved(wanted)));
    page.editPhaseMinutes(0, 41);
    await quiet();
    expect(page.$save.get()).toMatchObject({ kind: "failed", message: expect.stringContaining("cannot be reached") });
    expect(await kept()).toContain('"minutes":41');
    await vi.advanceTimersByTimeAsync(AGAIN_MS);
    page.browser.happen("online");
    await vi.advanceTimersByTimeAsync(0);
    expect(page.$save.get().kind).toBe("saved");
    const [first, second, third] = puts(page.browser);
    expect(second!.unacknowledgedSaves).toEqual([first!.saveId]);
    expect(third!.unacknowledgedSaves).toEqual([first!.saveId, second!.saveId]);
    expect(await kept()).toBe("");
    page.editPhaseMinutes(0, 50);
    await quiet();
    expect(puts(page.browser).at(-1)!.unacknowledgedSaves).toEqual([]);
  });

  it("a server's own fault may have saved all the same and is tried again; a refusal has not, and waits for a change", async () => {
    const page = await openPage((wanted, attempt) =>
      attempt === 1 ? refused(500, "failed") : attempt === 2 ? refused(400, "bad-input") : saved(wanted),
    );
    page.editPhaseMinutes(0, 41);
    await quiet();
    for (const _again of [1, 2, 3]) await vi.advanceTimersByTimeAsync(AGAIN_MS);
    expect(puts(page.browser)).toHaveLength(2);
    expect(page.$save.get()).toMatchObject({ kind: "refused", message: "No." });
    page.editPhaseMinutes(0, 44);
    await quiet();
    const [first, second, third] = puts(page.browser);
    expect(second!.unacknowledgedSaves).toEqual([first!.saveId]);
    expect(third!.unacknowledgedSaves).toEqual([first!.saveId]);
  });

  it("tells of a newer state, sends nothing more until the person has decided, and loses nothing", async () => {
    const newer = (): OutingView => ({ ...sampleView(), version: 7, name: "changed by another" });
    const page = await openPage(
      (wanted) => (wanted.version === 1 ? refused(409, "version-conflict") : saved(wanted)),
      (url) => ({ body: url.endsWith("/history") ? NO_HISTORY : newer() }),
    );
    page.editPhaseMinutes(0, 41);
    await quiet();
    expect(page.$save.get()).toEqual({ kind: "conflict", message: "No." });
    page.editPhaseMinutes(1, 25);
    await quiet();
    expect(puts(page.browser)).toHaveLength(1);
    await page.doAgainOnNewer();
    await quiet();
    expect(page.$save.get().kind).toBe("saved");
    const last = puts(page.browser).at(-1)!;
    expect(last.version).toBe(7);
    expect(last.phases.slice(0, 2).map(({ minutes }) => minutes)).toEqual([41, 25]);
    expect(page.$view.get()).toMatchObject({ name: "changed by another", version: 8 });
  });

  it("does its changes again field by field: the other tab's wind stays beside this page's air, and what both touched is told", async () => {
    const theirs = sampleView();
    const newer: OutingView = {
      ...theirs,
      version: 7,
      setting: { ...theirs.setting, seatHeightM: 3 },
      weather: theirs.weather.map((hour, index) => (index === 0 ? { ...hour, windMPerS: 9 } : hour)),
    };
    const page = await openPage(
      (wanted) => (wanted.version === 1 ? refused(409, "version-conflict") : saved(wanted)),
      (url) => ({ body: url.endsWith("/history") ? NO_HISTORY : newer }),
    );
    page.editHour(0, { airTemperatureC: -21 });
    page.editSetting("ground", { ground: "rock" });
    await quiet();
    await page.doAgainOnNewer();
    await quiet();
    const sent = puts(page.browser).at(-1)!;
    expect(sent.weather[0]).toMatchObject({ airTemperatureC: -21, windMPerS: 9 });
    expect(sent.setting).toMatchObject({ ground: "rock", seatHeightM: 3 });
    expect(page.$clashes.get()).toEqual([]);
  });

  it("says what both had changed; this page's stands", async () => {
    const theirs = sampleView();
    const newer = { ...theirs, version: 7, setting: { ...theirs.setting, seatHeightM: 3 } };
    const page = await openPage(
      (wanted) => (wanted.version === 1 ? refused(409, "version-conflict") : saved(wanted)),
      (url) => ({ body: url.endsWith("/history") ? NO_HISTORY : newer }),
    );
    page.editSetting("seat height", { seatHeightM: 5 });
    await quiet();
    await page.doAgainOnNewer();
    expect(page.$clashes.get()).toEqual(["seat height"]);
    expect(page.$view.get()!.setting.seatHeightM).toBe(5);
  });

  it("says so where the browser's store takes nothing", async () => {
    const page = await openPage(() => "lost");
    const put = vi.spyOn(IDBObjectStore.prototype, "put").mockImplementation(() => {
      throw new DOMException("full", "QuotaExceededError");
    });
    page.editPhaseMinutes(0, 41);
    await quiet();
    put.mockRestore();
    expect(page.$isKept.get()).toBe(false);
  });

  it("keeps this page's state as a copy where that is asked for, and goes there", async () => {
    const page = await openPage(() => refused(409, "version-conflict"));
    page.editPhaseMinutes(0, 41);
    await quiet();
    await page.saveAsCopy();
    const made = page.browser.sent.find(({ method }) => method === "POST")!.body as { id: string; copyOf: string };
    expect(made).toMatchObject({
      from: "outing",
      copyOf: page.view.id,
      content: { phases: [{ minutes: 41 }, {}, {}, {}, {}, {}].slice(0, page.view.phases.length) },
    });
    expect(page.browser.went).toEqual([`/outings/${made.id}`]);
    expect(await kept()).toBe("");
  });

  it("does not save while something is held, but once it is let go", async () => {
    const page = await openPage((wanted) => saved(wanted));
    page.$heldMinutes.set(300);
    page.editPhaseMinutes(0, 41);
    await quiet();
    expect(puts(page.browser)).toHaveLength(0);
    page.$heldMinutes.set(null);
    await quiet();
    expect(puts(page.browser)).toHaveLength(1);
  });

  it("an edit made while a save is on its way is sent after it, as a command of its own", async () => {
    const page = await openPage((wanted) => saved(wanted));
    page.editPhaseMinutes(0, 41);
    const sending = page.saveNow();
    page.editPhaseMinutes(0, 42);
    await sending;
    await quiet();
    const [first, second] = puts(page.browser);
    expect(first!.history!.add).toHaveLength(1);
    expect(second).toMatchObject({ version: 2, history: { keep: 1, done: 2 } });
    expect(second!.phases[0]!.minutes).toBe(42);
  });

  it("takes over what a closed page could not send, and what it had tried", async () => {
    const closed = await openPage(() => "lost");
    closed.editPhaseMinutes(0, 41);
    await quiet();
    const tried = puts(closed.browser).map(({ saveId }) => saveId);
    close(closed);

    const next = await openPage((wanted) => saved(wanted), undefined, closed.browser.stores);
    await quiet();
    const [sent] = puts(next.browser);
    expect(sent!.phases[0]!.minutes).toBe(41);
    expect(sent!.unacknowledgedSaves).toEqual(tried);
    expect(await kept()).toBe("");
    next.stop();
  });

  it("keeps what was changed the moment before the page ended, though its store had no time to answer", async () => {
    const closed = await openPage(() => "lost");
    closed.editPhaseMinutes(0, 41);
    await quiet();
    closed.endGesture();
    closed.editPhaseMinutes(1, 25);
    vi.spyOn(IDBObjectStore.prototype, "put").mockImplementationOnce(() => {
      throw new DOMException("the page has ended", "AbortError");
    });
    closed.browser.happen("pagehide");
    expect(closed.browser.stores.localStorage.length).toBe(1);
    close(closed);

    const next = await openPage((wanted) => saved(wanted), undefined, closed.browser.stores);
    await quiet();
    expect(puts(next.browser)[0]!.phases.slice(0, 2)).toMatchObject([{ minutes: 41 }, { minutes: 25 }]);
    expect(await kept()).toBe("");
    next.stop();
  });

  it("what an earlier visit left survives a reload before it could be done again", async () => {
    const closed = await openPage(() => "lost");
    closed.editPhaseMinutes(0, 41);
    await quiet();
    close(closed);

    const next = await openPage(
      (wanted) => saved(wanted),
      () => "pending",
      closed.browser.stores,
    );
    next.browser.happen("pagehide"); // the history has not come yet
    close(next);
    expect(await kept()).toContain('"minutes":41');
    const after = await openPage((wanted) => saved(wanted), undefined, closed.browser.stores);
    await quiet();
    expect(puts(after.browser)[0]!.phases[0]!.minutes).toBe(41);
    after.stop();
  });

  it("tells whether a browser holds changes of an outing, and not of another", async () => {
    const page = await openPage(() => "lost");
    const { hasPending } = await import("./pending");
    expect(await hasPending(page.view.id)).toBe(false);
    page.editPhaseMinutes(0, 41);
    await quiet();
    expect(await hasPending(page.view.id)).toBe(true);
    expect(await hasPending(page.view.id.replace(/.$/, "x"))).toBe(false);
    page.stop();
  });
});

/** The page is gone: nothing of it runs on. */
function close(page: { readonly stop: () => void }): void {
  page.stop();
  vi.clearAllTimers();
}
