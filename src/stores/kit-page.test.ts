import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { openBrowser, type Answered, type Browser } from "../../tests/browser";
import { starterPiece } from "@/core/starter-kit";
import type { KitPiece, KitView } from "@/formats/wire/kit/kit-view";
import { changePreferences, $preferences } from "./preferences";
import { ask } from "./ask";
import {
  $chosenPiece,
  $kit,
  $statusDone,
  addPieces,
  duplicatePiece,
  removePhoto,
  savePiece,
  setStatus,
  setWear,
  takeStatusBack,
} from "./kit-page";
import { makeOuting } from "./new-outing";

const owned = (key: "base200Top" | "heavyBoot" | "seatPad", change: Partial<KitPiece> = {}): KitPiece => {
  const { name, kind, label, massG = null, fingersTogether = false, traits = {} } = starterPiece(key);
  return {
    id: key,
    name,
    kind,
    label,
    massG,
    fingersTogether,
    traits,
    priceMinor: null,
    currency: null,
    note: "",
    care: {},
    version: 3,
    status: "inUse",
    outings: 2,
    wears: 2,
    hasPhoto: true,
    ...change,
  };
};
let browser: Browser;
let answer: Answered = {};
const kit = () => $kit.get()!.pieces;
const byId = (id: string) => kit().find((piece) => piece.id === id)!;

afterEach(() => {
  vi.unstubAllGlobals();
});
beforeEach(() => {
  answer = {};
  browser = openBrowser(() => answer);
  const person = { id: "runa", name: "Runa" } as KitView["person"];
  $kit.set({
    person,
    pieces: [owned("base200Top"), owned("heavyBoot"), owned("seatPad", { status: "retired" })],
  } as KitView);
  $statusDone.set(null);
  $chosenPiece.set(null);
});

describe("the kit page", () => {
  it("keeps an edited piece under the version it was read at, and has the new one from the server", async () => {
    answer = { body: { version: 4 } };
    const {
      id: _id,
      version: _version,
      status: _status,
      outings: _o,
      wears: _w,
      hasPhoto: _p,
      ...draft
    } = byId("heavyBoot");
    await savePiece("heavyBoot", { ...draft, name: "old boots" });
    expect(browser.sent[0]).toMatchObject({
      url: "/api/pieces/heavyBoot",
      method: "PUT",
      body: { version: 3, name: "old boots" },
    });
    expect(byId("heavyBoot")).toMatchObject({ name: "old boots", version: 4 });
    await savePiece("nobody's", draft);
    expect(browser.sent).toHaveLength(1);
  });

  it("changes nothing on screen where the server refuses, and says why", async () => {
    answer = { status: 409, body: { error: { code: "version-conflict", message: "Changed elsewhere." } } };
    const before = $kit.get();
    await expect(setStatus(["heavyBoot"], "retired")).rejects.toThrow("Changed elsewhere.");
    await expect(addPieces([owned("seatPad")])).rejects.toThrow();
    await expect(removePhoto("heavyBoot")).rejects.toThrow();
    expect($kit.get()).toBe(before);
    expect($statusDone.get()).toBeNull();
  });

  it("retires many at once, says so, and takes it back to what each was", async () => {
    await setStatus(["base200Top", "heavyBoot", "seatPad"], "retired");
    expect(browser.sent[0]!.body).toEqual({ ids: ["base200Top", "heavyBoot"], to: "retired" }); // the pad was already
    expect($statusDone.get()!.words).toBe("2 pieces: retired: kept in old outings, not offered for new ones.");
    expect(kit().map(({ status }) => status)).toEqual(["retired", "retired", "retired"]);
    await takeStatusBack();
    expect(kit().map(({ status }) => status)).toEqual(["inUse", "inUse", "retired"]);
    expect(byId("heavyBoot").version).toBe(5);
    await takeStatusBack();
    await setStatus(["heavyBoot"], "inUse");
    expect(browser.sent).toHaveLength(2);
  });

  it("another one like it is new: never worn, without photo or care, and open for editing", async () => {
    await duplicatePiece(byId("base200Top"));
    const made = byId($chosenPiece.get()!);
    expect(made).toMatchObject({
      name: `${byId("base200Top").name}, another`,
      outings: 0,
      wears: 0,
      hasPhoto: false,
      care: {},
    });
    expect(await addPieces([])).toEqual([]);
    expect(browser.sent).toHaveLength(1);
  });

  it("says how worn many are, and leaves layers that were written out alone", async () => {
    answer = { body: { version: 9 } };
    $kit.set({
      ...$kit.get()!,
      pieces: [...kit(), owned("seatPad", { id: "written", label: { kind: "explicit", panels: [] } })],
    });
    await setWear(["base200Top", "written"], "muchUsed");
    expect(byId("base200Top").label).toMatchObject({ wear: "muchUsed" });
    expect(browser.sent.map(({ url }) => url)).toEqual(["/api/pieces/base200Top"]);
  });
});

describe("asking the server", () => {
  it("tells a person what happened: no network, a refusal with its problems, an answer that is none", async () => {
    answer = "lost";
    await expect(ask("/api/x")).rejects.toThrow("The server cannot be reached; try again.");
    answer = {
      status: 400,
      body: { error: { code: "bad-input", message: "Not so.", problems: [{ path: "name", reason: "is empty" }] } },
    };
    await expect(ask("/api/x", "POST", {})).rejects.toThrow("Not so. name is empty.");
    vi.stubGlobal("fetch", () =>
      Promise.resolve({ ok: false, status: 502, json: () => Promise.reject(new SyntaxError("html")) }),
    );
    await expect(ask("/api/x")).rejects.toThrow(
      "The server answered 502. What you did may not have been kept: look before you do it again.",
    );
  });

  it("a new outing is gone to once it is made, and not before", async () => {
    const wanted = { from: "outing", id: "new", copyOf: "old", name: "again" } as const;
    answer = "lost";
    await expect(makeOuting(wanted)).rejects.toThrow(/cannot be reached/);
    expect(browser.went).toEqual([]);
    answer = { status: 201, body: { id: "new" } };
    await makeOuting(wanted);
    expect(browser.went).toEqual(["/outings/new"]);
  });
});

describe("preferences", () => {
  it("are kept in a cookie for the server to draw by, and change the colours at once", () => {
    const document = { cookie: "", documentElement: { dataset: {} as Record<string, string> } };
    vi.stubGlobal("document", document);
    changePreferences({ temperature: "F", theme: "dark" });
    expect($preferences.get()).toMatchObject({ temperature: "F", theme: "dark" });
    expect(document.documentElement.dataset.theme).toBe("dark");
    expect(document.cookie).toMatch(/samesite=strict/);
    expect(decodeURIComponent(document.cookie)).toContain('"temperature":"F"');
    changePreferences({ theme: "system" });
    expect("theme" in document.documentElement.dataset).toBe(false);
  });
});
