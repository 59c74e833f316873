import { expect, it } from "vitest";
import { feltOfSit } from "./felt-of-sit";
import { keepSit, keptSit } from "./unsent";

const sit = {
  beganAt: "2026-12-01T05:00:00.000Z",
  endedAt: "2026-12-01T06:35:00.000Z",
  votes: [
    { part: "leftToes", vote: "cold", at: "2026-12-01T06:10:00.000Z" },
    { part: "leftToes", vote: "cool", at: "2026-12-01T05:40:00.000Z" },
    { part: "leftToes", vote: "painful", at: "2026-12-01T06:30:00.000Z" },
    { part: "body", vote: "neutral", at: "2026-12-01T06:00:00.000Z" },
  ],
} as const;

it("makes a note of what was said: each part at its worst, and when it was first cold", () => {
  expect(feltOfSit(sit)).toMatchObject({
    minutes: 95,
    ended: null,
    parts: {
      leftToes: { vote: "painful", coldAfterMinutes: 70 },
      body: { vote: "neutral", coldAfterMinutes: null },
    },
  });
});

it("keeps a sit in the browser, and takes what cannot be read for none", () => {
  const kept = new Map<string, string>();
  const storage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  };
  keepSit(storage, "a", sit);
  expect(keptSit(storage, "a")).toEqual(sit);
  expect(keptSit(storage, "b")).toBeNull();
  kept.set("umiak-live-a", "{");
  expect(keptSit(storage, "a")).toBeNull();
});
