import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { same } from "../same";
import { clashes, mergedOrder, mergedThing } from "./merge";

const fields = fc.dictionary(fc.constantFrom("a", "b", "c"), fc.oneof(fc.integer(), fc.constant(null), fc.string()));

describe("a change made again on a newer state", () => {
  it("leads where it led, when nothing else happened", () => {
    fc.assert(
      fc.property(fields, fields, (from, to) => {
        expect(same(mergedThing(from, from, to), to)).toBe(true);
      }),
    );
  });

  it("leaves fields alone that it did not touch, also inside of a field", () => {
    const from = { air: -5, wind: 2, walkIn: { loadKg: 8, climbM: 0 } };
    const theirs = { air: -5, wind: 9, walkIn: { loadKg: 8, climbM: 120 } };
    const mine = { air: -7, wind: 2, walkIn: { loadKg: 11, climbM: 0 } };
    expect(mergedThing(theirs, from, mine)).toEqual({ air: -7, wind: 9, walkIn: { loadKg: 11, climbM: 120 } });
    expect(clashes(theirs, from, mine)).toBe(false);
  });

  it("takes out what it took out, puts in what it put in", () => {
    expect(mergedThing({ a: 1, c: 3 }, { a: 1 }, { b: 2 })).toEqual({ c: 3, b: 2 });
    expect(mergedThing(null, { a: 1 }, { a: 2 })).toEqual({ a: 2 });
    expect(mergedThing({ a: 1 }, { a: 1 }, null)).toBeNull();
  });

  it("clashes only where both went somewhere else", () => {
    expect(clashes({ a: 3 }, { a: 1 }, { a: 2 })).toBe(true);
    expect(clashes({ a: 2 }, { a: 1 }, { a: 2 })).toBe(false);
    expect(clashes(null, { a: 1 }, { a: 2 })).toBe(true); // they took it out
    expect(clashes({ a: 1 }, { a: 1 }, null)).toBe(false);
  });

  it("lists are one thing: an order of fields is none", () => {
    expect(same([1, 2], [2, 1])).toBe(false);
    expect(same({ a: 1, b: [2] }, { b: [2], a: 1 })).toBe(true);
    expect(same({ a: undefined }, {})).toBe(true);
  });
});

describe("an order made again", () => {
  it("keeps what somebody else put in where it stood", () => {
    expect(mergedOrder(["walk", "sit", "mine", "out"], ["walk", "theirs", "sit", "mine", "out"])).toEqual([
      "walk",
      "theirs",
      "sit",
      "mine",
      "out",
    ]);
    expect(mergedOrder(["b"], ["a", "b"])).toEqual(["a", "b"]);
  });

  it("holds each id once, whatever the two are", () => {
    const ids = fc.uniqueArray(fc.constantFrom("a", "b", "c", "d", "e"));
    fc.assert(
      fc.property(ids, ids, (wanted, current) => {
        expect([...mergedOrder(wanted, current)].sort()).toEqual([...current].sort());
      }),
    );
  });
});
