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

/**
 * Noise, stiffness and smell by what a piece is made of (assumptions): knits and fleece are silent, membranes rustle and stiffen a little, synthetics take up smells that wool airs out.
 */
type Made = Pick<PieceTraits, "noise" | "stiffness" | "odour">;
const WOOL: Made = { noise: 0, stiffness: 0, odour: 1 };
const FLEECE: Made = { noise: 0, stiffness: 0, odour: 2 };
const SYNTHETIC_KNIT: Made = { noise: 0, stiffness: 0, odour: 3 };
const DENSE: Made = { noise: 2, stiffness: 1, odour: 2 };
const MEMBRANE: Made = { noise: 3, stiffness: 2, odour: 1 };
const MADE: Readonly<Record<string, Made | undefined>> = {
  thinCap: FLEECE,
  longHat: WOOL,
  balaclava: FLEECE,
  faceMask: { noise: 1, stiffness: 1, odour: 2 },
  windHood: MEMBRANE,
  woolTube: WOOL,
  fleeceTube: FLEECE,
  base200Top: WOOL,
  base350Top: WOOL,
  base200Legs: WOOL,
  base350Legs: WOOL,
  synthTop: SYNTHETIC_KNIT,
  synthLegs: SYNTHETIC_KNIT,
  fleeceJacket: FLEECE,
  fleeceTights: FLEECE,
  feltShirt: { ...WOOL },
  downVest: DENSE,
  synthParka: DENSE,
  downParka: DENSE,
  shellJacket: MEMBRANE,
  shellTrousers: MEMBRANE,
  softShell: { noise: 1, stiffness: 1, odour: 2 },
  iceSuit: MEMBRANE,
  walkTrousers: { ...DENSE, noise: 1 },
  bib: { ...MEMBRANE, noise: 2 },
  gaiters: MEMBRANE,
  linerSock: WOOL,
  heavySock: WOOL,
  synthSock: SYNTHETIC_KNIT,
  thinGloves: WOOL,
  fleeceGloves: FLEECE,
  midGloves: { ...DENSE },
  mitts200: { ...DENSE },
  mitts300: { ...DENSE },
  muff: { ...DENSE },
  heatedVest: DENSE,
};
/** How zips and straps are worked in the cold (assumption). */
const CLOSURE_EASE: Readonly<Record<string, number | undefined>> = {
  base200Top: 0,
  base350Top: 0,
  synthTop: 0,
  fleeceJacket: 2,
  synthParka: 2,
  downParka: 2,
  downVest: 2,
  shellJacket: 2,
  softShell: 2,
  iceSuit: 1,
  bib: 3,
  gaiters: 3,
  mitts200: 0,
  mitts300: 0,
  muff: 0,
};
/** What is seen to the side and heard (assumption). */
const SIDE_VIEW: Readonly<Record<string, number | undefined>> = {
  thinCap: 0,
  longHat: 0,
  balaclava: 1,
  faceMask: 1,
  windHood: 2,
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
  ...MADE[key],
  ...(CLOSURE_EASE[key] !== undefined && { closureEase: CLOSURE_EASE[key] }),
  ...(SIDE_VIEW[key] !== undefined && { sideView: SIDE_VIEW[key] }),
  ...(key === "iceSuit" && { floats: true }),
  ...TRAITS[key],
  isAnimalFree: OF_ANIMALS.includes(key) ? undefined : true,
});

/** Keys that the tables above name: each has to be a piece. */
export const KEYS_WITH_TRAITS: readonly string[] = [
  ...[TRAITS, MADE, CLOSURE_EASE, SIDE_VIEW].flatMap((table) => Object.keys(table)),
  ...OF_ANIMALS,
];
