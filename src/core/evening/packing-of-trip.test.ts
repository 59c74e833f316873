import { expect, it } from "vitest";
import { demoOuting } from "../../../tests/sample-outing";
import { packingList } from "./packing-list";
import { packingOfTrip } from "./packing-of-trip";
import type { Planned } from "./planned";

const { pieces, wearings, phases, place } = demoOuting("Char through the ice");
const planned: Planned = {
  kit: pieces.map((piece) => ({ ...piece, traits: {} })),
  wearings: wearings.map((wearing) => ({ ...wearing, whenOff: "pack" })),
  phases,
  setting: place,
  startsAtMs: 0,
  lowestAirC: -12,
};
const day = { planned, extras: [] };

it("is the list of one day where there is one, and names each thing once where there are more", () => {
  const own = packingList(planned).map(({ key }) => key);
  expect(packingOfTrip([day], 1).map(({ key }) => key)).toEqual(own);
  const three = packingOfTrip([day, day, day], 1);
  expect(three.map(({ key }) => key)).toEqual(own);
  expect(three.every(({ days }) => days.length === 3)).toBe(true);
});

it("says on which days a thing is wanted, and of what one is enough for all", () => {
  const extra = { planned, extras: [{ id: "x", words: "a chair" }] };
  const lines = packingOfTrip([day, extra], 2);
  expect(lines.find(({ key }) => key === "extra x")!.days).toEqual([1]);
  expect(lines.filter(({ oneForAll }) => oneForAll).map(({ key }) => key)).toContain("thing firstAid");
  expect(packingOfTrip([day, extra], 1).some(({ oneForAll }) => oneForAll)).toBe(false);
});
