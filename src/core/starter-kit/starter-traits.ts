import type { PieceTraits } from "@/core/pieces";

/** What is known of some beyond the label; room in a pack where it is far from what the mass suggests. */
const TRAITS: Readonly<Record<string, PieceTraits | undefined>> = {
  thinGloves: { dexterity: 3 },
  fleeceGloves: { dexterity: 3 },
  midGloves: { dexterity: 2 },
  mitts200: { dexterity: 1 },
  mitts300: { dexterity: 1 },
  muff: { dexterity: 0 },
  base200Legs: { opensOverBoots: false },
  base350Legs: { opensOverBoots: false },
  synthLegs: { opensOverBoots: false },
  fleeceTights: { opensOverBoots: false },
  walkTrousers: { opensOverBoots: false },
  bib: { opensOverBoots: true },
  shellTrousers: { opensOverBoots: true },
  downVest: { volumeL: 3 },
  downParka: { volumeL: 12 },
  synthParka: { volumeL: 14 },
  kneeBoot: {
    shaftHeightCm: 38,
    waterResistance: 4,
    closure: "pullOn",
    traction: 1,
    walkability: 2,
    printedTemperatureC: -15,
  },
  midBoot: {
    shaftHeightCm: 20,
    waterResistance: 3,
    closure: "laces",
    traction: 1,
    walkability: 4,
    printedTemperatureC: -25,
  },
  synthBoot: {
    shaftHeightCm: 20,
    waterResistance: 2,
    closure: "laces",
    traction: 1,
    walkability: 4,
    printedTemperatureC: -32,
  },
  heavyBoot: {
    shaftHeightCm: 25,
    waterResistance: 2,
    volumeL: 14,
    closure: "laces",
    traction: 2,
    walkability: 3,
    printedTemperatureC: -40,
  },
  pacBoot: {
    shaftHeightCm: 28,
    waterResistance: 3,
    volumeL: 15,
    closure: "laces",
    traction: 2,
    walkability: 2,
    printedTemperatureC: -60,
  },
  toePacks: { heat: { kind: "pack", powerW: 0.8, hours: 6, startUpMinutes: 20 } },
  handPacks: { heat: { kind: "pack", powerW: 1.5, hours: 8, startUpMinutes: 15 } },
  pocketWarmers: { heat: { kind: "electric", levelsW: [4, 6, 8], batteryWh: 36 } },
  heatedVest: { heat: { kind: "electric", levelsW: [4, 7, 11], batteryWh: 37 } },
  heatedSocks: { heat: { kind: "electric", levelsW: [3, 5, 8], batteryWh: 16 } },
  seatPad: { volumeL: 3 },
  footPad: { volumeL: 3 },
  sheepskin: { volumeL: 10 },
};

/** What holds wool, felt, down or skin. */
const OF_ANIMALS: readonly string[] = [
  "longHat",
  "woolTube",
  "base200Top",
  "base350Top",
  "base200Legs",
  "base350Legs",
  "feltShirt",
  "downVest",
  "downParka",
  "heavySock",
  "midBoot",
  "heavyBoot",
  "pacBoot",
  "feltFootbed",
  "thinGloves",
  "sheepskin",
];

/** What is known of a starter piece beyond its label; powers and hours of packs and batteries are typical (assumption). */
export const starterTraits = (key: string): PieceTraits => ({
  ...TRAITS[key],
  isAnimalFree: OF_ANIMALS.includes(key) ? undefined : true,
});

/** Keys that the tables above name: each has to be a piece. */
export const KEYS_WITH_TRAITS: readonly string[] = [...Object.keys(TRAITS), ...OF_ANIMALS];
