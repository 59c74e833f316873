import { beforeEach, describe, expect, it, vi } from "vitest";
import { openBrowser, type Answered, type Browser, type Sent } from "../../../tests/browser";
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
) {
  vi.resetModules();
  let attempt = 0;
  const browser = openBrowser(({ url, method, body }: Sent) =>
    method === "PUT" ? put(body as SaveOuting, ++attempt) : method === "GET" ? get(url) : { status: 201 },
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
  await vi.advanceTimersByTimeAsync(0);
  return { browser, ...saving, ...edits, ...editing, ...sheet, view, stop };
}
const puts = ({ sent }: Browser): SaveOuting[] =>
  sent.filter(({ method }) => method === "PUT").map(({ body }) => body as SaveOuting);
const saved = ({ version }: Pick<SaveOuting, "version">): Answered => ({ body: { version: version + 1 } });
const refused = (status: number, code: string): Answered => ({ status, body: { error: { code, message: "No." } } });
const quiet = (): Promise<unknown> => vi.advanceTimersByTimeAsync(QUIET_MS);

beforeEach(() => {
  vi.useFakeTimers();
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
    expect(localStorage.length).toBe(1); // kept meanwhile
    await vi.advanceTimersByTimeAsync(AGAIN_MS);
    page.browser.happen("online");
    await vi.advanceTimersByTimeAsync(0);
    expect(page.$save.get().kind).toBe("saved");
    const [first, second, third] = puts(page.browser);
    expect(second!.unacknowledgedSaves).toEqual([first!.saveId]);
    expect(third!.unacknowledgedSaves).toEqual([first!.saveId, second!.saveId]);
    expect(localStorage.length).toBe(0);
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
    vi.spyOn(localStorage, "setItem").mockImplementation(() => {
      throw new Error("full");
    });
    page.editPhaseMinutes(0, 41);
    await quiet();
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
    expect(localStorage.length).toBe(0);
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
    const left = [...Array(localStorage.length).keys()].map((index) => {
      const key = localStorage.key(index)!;
      return [key, localStorage.getItem(key)!] as const;
    });
    closed.stop();
    const tried = puts(closed.browser).map(({ saveId }) => saveId);

    vi.clearAllTimers();
    const next = await openPage((wanted) => saved(wanted));
    for (const [key, value] of left) localStorage.setItem(key, value);
    const stop = next.keepSaved(next.view);
    await quiet();
    const [sent] = puts(next.browser);
    expect(sent!.phases[0]!.minutes).toBe(41);
    expect(sent!.unacknowledgedSaves).toEqual(tried);
    expect(localStorage.length).toBe(0);
    stop();
  });

  it("what an earlier visit left survives a reload before it could be done again", async () => {
    const closed = await openPage(() => "lost");
    closed.editPhaseMinutes(0, 41);
    await quiet();
    const left = Array.from({ length: localStorage.length }, (_, index) => {
      const key = localStorage.key(index)!;
      return [key, localStorage.getItem(key)!] as const;
    });
    closed.stop();

    vi.clearAllTimers();
    const next = await openPage(
      (wanted) => saved(wanted),
      () => "pending",
    );
    for (const [key, value] of left) localStorage.setItem(key, value);
    const stop = next.keepSaved(next.view);
    await vi.advanceTimersByTimeAsync(0);
    next.browser.happen("pagehide"); // the history has not come yet
    const kept = Array.from({ length: localStorage.length }, (_, index) =>
      localStorage.getItem(localStorage.key(index)!),
    );
    expect(kept.join()).toContain('"minutes":41');
    stop();
  });
});
