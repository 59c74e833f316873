import { expect, it } from "vitest";
import { coldByPiece } from "./by-piece";
import { NOTHING_SAID, type Felt } from "./felt";

const boots = { id: "boots", name: "Boots", lane: "Feet" } as const;
const hat = { id: "hat", name: "Hat", lane: "Head" } as const;
const pad = { id: "pad", name: "Pad", lane: "Under" } as const;
const felt = (parts: Felt["parts"], first: Felt["first"] = null): Felt => ({
  ...NOTHING_SAID,
  minutes: 60,
  parts,
  first,
});

it("counts a piece as cold where its own part was, of the notes that say something of it", () => {
  const told = coldByPiece([
    { pieces: [boots, hat, pad], felt: felt({ leftToes: { vote: "numb", coldAfterMinutes: null } }) },
    { pieces: [boots, hat], felt: felt({ rightToes: { vote: "cool", coldAfterMinutes: null } }) },
    { pieces: [boots], felt: felt({}, "rightToes") },
    { pieces: [boots], felt: felt({}) },
    { pieces: [hat], felt: felt({ face: { vote: "warm", coldAfterMinutes: null } }) },
  ]);
  expect(told).toEqual([
    { id: "boots", name: "Boots", told: 3, cold: 2 },
    { id: "hat", name: "Hat", told: 1, cold: 0 },
  ]);
});
