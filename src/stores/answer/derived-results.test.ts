import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { corePiece } from "../../../tests/core-piece";
import { openBrowser, settle, type Sent } from "../../../tests/browser";
import { sampleView } from "../../../tests/sample-view";
import { simulateOuting } from "@/core/simulation";
import type { PracticePreferencesChange } from "@/formats/wire/kit/practice-preferences-schema";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import type { SimulateWorker } from "@/workers/simulate.worker";

/** The workers' own work, done in this thread. */
const { inThread } = vi.hoisted(() => ({ inThread: { api: null as unknown } }));
vi.mock("comlink", () => ({ expose: (api: unknown) => void (inThread.api = api) }));
vi.mock("@/workers/simulate-client", async () => {
  await import("@/workers/simulate.worker");
  const api = inThread.api as Record<string, (...asked: unknown[]) => unknown>;
  // As from a worker: later, and a copy.
  const remote = new Proxy(api, {
    get:
      (own, name: string) =>
      async (...asked: unknown[]) =>
        structuredClone(await own[name]!(...asked)),
  });
  return { workerFor: (): unknown => remote as unknown as SimulateWorker };
});

const stores = async () => ({
  ...(await import("../sheet/day-sheet")),
  ...(await import("./derived-results")),
  ...(await import("../sheet/edits")),
  ...(await import("./emergency")),
  ...(await import("../sheet/forecast")),
  ...(await import("./practice-preferences")),
  ...(await import("../sheet/kit")),
  ...(await import("../sheet/outfits")),
  ...(await import("../sheet/outfit-worth")),
  ...(await import("../saving/saving")),
  ...(await import("../sheet/trying")),
});
type Stores = Awaited<ReturnType<typeof stores>>;
let page: Stores;
const sent: Sent[] = [];
let answers: (asked: Sent) => unknown = () => ({});

/** Waits until something stands on the page. */
async function until<Value>(look: () => Value | null | undefined | false): Promise<Value> {
  for (let turn = 0; turn < 2000; turn++) {
    const seen = look();
    if (seen) return seen;
    await settle(10);
  }
  throw new Error("it never came");
}
const answered = () =>
  until(() => {
    const now = page.$computed.get();
    return now.kind === "ready" && now;
  });

beforeEach(async () => {
  sent.length = 0;
  answers = () => ({});
  openBrowser((asked) => {
    sent.push(asked);
    return { body: answers(asked) };
  });
  page = await stores();
  page.openSheet(sampleView());
  await answered();
});
afterEach(() => page.$heldMinutes.set(null));

describe("the answer on screen", () => {
  it("is the simulation's own, and follows the newest edit however many come at once", async () => {
    for (const minutes of [200, 210, 220]) page.editPhaseMinutes(2, minutes);
    const longest = simulateOuting(viewToOuting(page.$view.get()!));
    await until(() => page.$computed.get().result?.sits[0]!.toMinute === longest.sits[0]!.toMinute);
    expect(page.$computed.get().result!.sits[0]!.verdict).toEqual(longest.sits[0]!.verdict);
  });

  it("is a draft while something is held, and in full once it is let go", async () => {
    page.$heldMinutes.set(300);
    page.editHour(0, { airTemperatureC: -17 });
    const draft = await until(() => {
      const now = page.$computed.get();
      return now.kind === "ready" && now.isDraft && now.result;
    });
    const full = simulateOuting(viewToOuting(page.$view.get()!));
    const { leftToes } = full.series.digitC;
    const apart = leftToes.map((own, minute) => Math.abs(own - draft.series.digitC.leftToes[minute]!));
    expect(Math.max(...apart)).toBeLessThan(0.3);
    expect(Math.max(...apart)).toBeGreaterThan(0);
    page.$heldMinutes.set(null);
    const answer = await until(() => {
      const now = page.$computed.get();
      return now.kind === "ready" && !now.isDraft && now.result;
    });
    expect(answer.series.digitC.leftToes).toEqual(leftToes);
    expect(answer.sits).toEqual(full.sits);
  });

  it("is told apart where a plan cannot be computed, and the last one stays on screen", async () => {
    const before = page.$computed.get().result;
    page.show({ ...page.$view.get()!, weather: [] });
    const told = await until(() => {
      const now = page.$computed.get();
      return now.kind === "impossible" && now;
    });
    expect(told.message.length).toBeGreaterThan(10);
    expect(told.result).toBe(before);
  });
});

describe("beside the answer", () => {
  it("stand range, opinion and what buys minutes, none of them of a plan that is no longer there", async () => {
    const stop = page.keepDerivedResults();
    page.editHour(0, { airTemperatureC: -13 });
    page.editHour(0, { airTemperatureC: -14 }); // overtakes what was asked for
    const range = await until(() => page.$range.get());
    const worths = await until(() => page.$worths.get());
    const opinion = await until(() => page.$opinion.get());
    expect(range.low.minutes).toBeLessThanOrEqual(range.high.minutes);
    expect(worths[0]!.gainedMinutes).toBeGreaterThan(0);
    expect(opinion.sentence).toMatch(/ISO 11079/);
    page.$heldMinutes.set(300);
    page.editHour(0, { airTemperatureC: -9 });
    await until(() => page.$range.get() === null);
    await settle(60);
    expect(page.$range.get()).toBeNull(); // while something is held nothing slow is computed
    page.$heldMinutes.set(null);
    expect((await until(() => page.$range.get())).high.minutes).toBeGreaterThan(0);
    stop();
  });

  it("why and a closer look are of the minute asked for", async () => {
    await page.askWhy();
    expect(page.$why.get()).toMatchObject({ kind: "ended" });
    page.askLook(100);
    expect((await until(() => page.$look.get())).ledger.madeW).toBeGreaterThan(50);
  });
});

describe("a change being tried", () => {
  it("is shown without being made, put away by asking again, and kept as one command", async () => {
    const before = page.$view.get()!;
    const id = "solePad";
    await page.tryChange(id);
    const trial = page.$trial.get();
    expect(trial?.changeId).toBe(id);
    expect(page.$view.get()).toBe(before);
    await page.tryChange(id);
    expect(page.$trial.get()).toBeNull();
    await page.tryChange(id);
    await page.keepTrial();
    const added = sent.find(({ method }) => method === "POST")!;
    expect(added.url).toBe(`/api/people/${before.person.id}/pieces`);
    const after = page.$view.get()!;
    expect(after.kit.length).toBe(before.kit.length + 1);
    expect(after.wearings.length).toBeGreaterThan(before.wearings.length);
    expect(after.kit.some(({ id: own }) => own === after.wearings.at(-1)!.pieceId)).toBe(true);
  });

  it("that the plan no longer has is not shown", async () => {
    await page.tryChange("nothing of the kind");
    expect(page.$trial.get()).toBeNull();
  });
});

describe("the kit and outfits of the person on screen", () => {
  it("a piece is put on where its kind goes: next free place, for the sit where it is for the sit", () => {
    const view = page.$view.get()!;
    const [known] = view.kit.filter(({ id }) => view.wearings.some(({ pieceId }) => pieceId === id));
    page.wearUsually(known!);
    const worn = page.$view.get()!.wearings.at(-1)!;
    const others = view.wearings.filter(
      ({ pieceId }) => view.kit.find(({ id }) => id === pieceId)!.kind === known!.kind,
    );
    expect(others.map(({ rank }) => rank)).not.toContain(worn.rank);
    expect(page.$selection.get()).toEqual({ kind: "wearing", id: worn.id });
  });

  it("what is worn is kept under a name, and an outfit is worn instead of it, missing pieces counted", async () => {
    answers = ({ method }) => (method === "GET" ? { outfits: [] } : {});
    await page.keepWorn("cold mornings");
    const kept = sent.find(({ method }) => method === "POST")!.body as {
      name: string;
      wearings: { pieceId: string }[];
    };
    expect(kept.name).toBe("cold mornings");
    expect(kept.wearings.length).toBeGreaterThan(5);
    const two = kept.wearings.slice(0, 2) as Parameters<typeof page.wearOutfit>[1][number][];
    const missing = page.wearOutfit("two things", [...two, { ...two[0]!, pieceId: "gone" }]);
    expect(missing).toBe(1);
    expect(new Set(page.$view.get()!.wearings.map(({ pieceId }) => pieceId))).toEqual(
      new Set(two.map(({ pieceId }) => pieceId)),
    );
    const worth = await page.worthOf(page.$view.get()!, two);
    expect(worth!.massG).toBeNull(); // the sample's pieces have none
    expect(worth!.sitesM2KPerW).toHaveLength(page.SHOWN_SITES.length);
    page.show({ ...page.$view.get()!, wearings: [] });
    await expect(page.keepWorn("nothing")).rejects.toThrow(/nothing to keep/);
  });

  it("what a person holds to is shown at once and taken back where it is not kept", async () => {
    // The server answers what is kept: what another page changed meanwhile comes along.
    answers = ({ body }) => ({ ...(body as PracticePreferencesChange).to, practices: { socks: "one" } });
    const kept = page.holdTo({ avoids: ["down"] });
    expect(page.$view.get()!.person.practicePreferences).toMatchObject({ avoids: ["down"], practices: {} });
    await kept;
    expect(page.$view.get()!.person.practicePreferences).toMatchObject({
      avoids: ["down"],
      practices: { socks: "one" },
    });
    expect(sent.at(-1)!.body).toMatchObject({ from: { avoids: [] }, to: { avoids: ["down"] } });
    openBrowser(() => "lost");
    await expect(page.holdTo({ avoids: [] })).rejects.toThrow(/cannot be reached/);
    expect(page.$view.get()!.person.practicePreferences.avoids).toEqual(["down"]);
    await page.askAvoidedCost(page.$view.get()!, ["down"]);
    for (const { from } of page.$avoidedCost.get()!.swaps) expect(from).toMatch(/[Dd]own/);
  });
});

describe("when it goes wrong", () => {
  it("tells longer, colder, windier, on foot and in the water, the dry set only where there is one", async () => {
    const asked = { hours: 2, colderK: 8, windFactor: 2, walkMinutes: 30, minute: 120 };
    await page.askEmergency(page.$view.get()!, asked);
    const told = page.$emergency.get()!;
    expect(told.longer!.shortMinutes).toBeGreaterThanOrEqual(120);
    expect(told.colder!.lasts).toBe(false);
    expect(told.onFoot!.endMinute).toBeGreaterThan(0);
    expect(told.wet!.debtThen).toBeGreaterThan(0);
    expect([told.dry, told.drySet]).toEqual([null, []]);
    const { label, kind, name } = corePiece("base200Top");
    const spare = { ...page.$view.get()!.kit[0]!, id: "dry", name, kind, label };
    page.show({ ...page.$view.get()!, kit: [...page.$view.get()!.kit, spare] });
    await page.askEmergency(page.$view.get()!, asked);
    expect(page.$emergency.get()!.drySet).toContain(name);
    expect(Number.isFinite(page.$emergency.get()!.dry!.debtThen)).toBe(true);
  });
});

describe("the forecast", () => {
  it("that cannot be had is said; one that is known stands while no newer comes", async () => {
    openBrowser(() => "lost");
    await page.askForecast();
    expect(page.$forecast.get()).toMatchObject({ kind: "failed" });
    const forecast = { service: "invented", issuedAt: "2027-03-26T18:00:00Z", invented: true, hours: [] };
    openBrowser(() => ({ body: forecast }));
    await page.askForecast();
    expect(page.$forecast.get()).toEqual({ kind: "known", forecast });
    openBrowser(() => "lost");
    await page.askForecast();
    expect(page.$forecast.get()).toEqual({ kind: "known", forecast });
  });
});
