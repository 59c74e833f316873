// Everything that follows from the kind of a piece stands here, a row each; what follows from its cut as well (`null`) is
// found by those who ask. A new kind answers every column, has words in `formats/display/words/label-words.ts`, and the
// database learns it by a migration: CONTRIBUTING.md, "A new kind of piece".

export const PIECE_KINDS = [
  "garment",
  "footwear",
  "sock",
  "liner",
  "footbed",
  "handwear",
  "headwear",
  "neckwear",
  "pad",
  "protection",
  "heatSource",
] as const;
export type PieceKind = (typeof PIECE_KINDS)[number];

/** Lanes of a day sheet from head to foot; what lies under seat and soles comes last. */
export const LANES = ["Head", "Neck", "Trunk", "Hands", "Legs", "Feet", "Under"] as const;
export type LaneName = (typeof LANES)[number];

/** Where a piece goes when nobody has said: order from the skin, and whether it waits for the sit (assumptions). */
export type UsualWearing = { readonly rank: number; readonly isForTheSit: boolean };

/** Underwear, liner gloves, masks. */
export const NEXT_TO_SKIN: UsualWearing = { rank: 10, isForTheSit: false };
/** What is worn over those and under the rest. */
export const MIDDLE: UsualWearing = { rank: 20, isForTheSit: false };

/** Whether a rule holds for all pieces of a kind, for none, or for those next to the skin. */
export type WhichOfKind = "all" | "none" | "nextToSkin";

/** From the start, from the seat on, or on the way alone. */
export type WornWhen = "start" | "seat" | "way";

export type KindRow = {
  /** Lane of the day sheet; `null`: by what it covers. */
  readonly lane: LaneName | null;
  /** It lies between the body and what it rests on, not around the body. */
  readonly liesUnder: boolean;
  /** Where it is usually worn (assumption); `null`: by its cut. */
  readonly usual: UsualWearing | null;
  /** Minutes to put it on or take it off with cold hands, 0: none worth counting (common practice); `null`: by its cut. */
  readonly changeMinutes: number | null;
  /** Turn among what is put on, skin first (common practice); `null`: by its cut. */
  readonly dressingTurn: number | null;
  /** When it comes or goes a bare hand looks for gaps again. */
  readonly leavesGaps: boolean;
  /** Turn on the packing list, head to foot. */
  readonly packingTurn: number;
  /** Dried after every wear, taken apart. */
  readonly isDried: boolean;
  /** Washed after so many wears (common practice); 0: never; `null`: by its cut and filling. */
  readonly washEveryWears: number | null;
  /** Its face is proofed again where it has one that repels water. */
  readonly isProofed: boolean;
  /** Soaked, all of its mass takes up water: nothing of it is rubber or closed foam. */
  readonly soaksThroughout: boolean;
  /** Sweated through on the way and changed on arrival. */
  readonly changedOnArrival: WhichOfKind;
  /** Part of a dry set. */
  readonly inDrySet: WhichOfKind;
  /** It may be worn over others of its kind to gain minutes. */
  readonly addsToItsKind: boolean;
  /** When it may be worn where there is a way to walk: all along, from the seat on, on the way alone; `null`: by its cut. */
  readonly wornWhen: readonly WornWhen[] | null;
  /** How generic pieces of the kind are made up. */
  readonly genericAssembly: "none" | "handwear" | "boot";
};

export const KIND_TABLE: Readonly<Record<PieceKind, KindRow>> = {
  garment: {
    lane: null,
    liesUnder: false,
    usual: null,
    changeMinutes: null,
    dressingTurn: null,
    leavesGaps: true,
    packingTurn: 3,
    isDried: false,
    washEveryWears: null,
    isProofed: true,
    soaksThroughout: true,
    changedOnArrival: "nextToSkin",
    inDrySet: "nextToSkin",
    addsToItsKind: true,
    wornWhen: null,
    genericAssembly: "none",
  },
  footwear: {
    lane: "Feet",
    liesUnder: false,
    usual: { rank: 30, isForTheSit: false },
    changeMinutes: 3,
    dressingTurn: 8.5,
    leavesGaps: true,
    packingTurn: 9,
    isDried: true,
    washEveryWears: 0,
    isProofed: false,
    soaksThroughout: false,
    changedOnArrival: "none",
    inDrySet: "none",
    addsToItsKind: false,
    wornWhen: ["start", "seat", "way"],
    genericAssembly: "boot",
  },
  sock: {
    lane: "Feet",
    liesUnder: false,
    usual: MIDDLE,
    changeMinutes: 4,
    dressingTurn: 2,
    leavesGaps: true,
    packingTurn: 6,
    isDried: true,
    washEveryWears: 2,
    isProofed: false,
    soaksThroughout: true,
    changedOnArrival: "all",
    inDrySet: "all",
    addsToItsKind: true,
    wornWhen: ["start"],
    genericAssembly: "none",
  },
  liner: {
    lane: "Feet",
    liesUnder: false,
    usual: { rank: 22, isForTheSit: false },
    changeMinutes: 4,
    dressingTurn: 8,
    leavesGaps: true,
    packingTurn: 7,
    isDried: true,
    washEveryWears: 10,
    isProofed: false,
    soaksThroughout: true,
    changedOnArrival: "none",
    inDrySet: "none",
    addsToItsKind: true,
    wornWhen: ["start", "seat"],
    genericAssembly: "none",
  },
  footbed: {
    lane: "Feet",
    liesUnder: false,
    usual: { rank: 25, isForTheSit: false },
    changeMinutes: 3,
    dressingTurn: 8,
    leavesGaps: true,
    packingTurn: 8,
    isDried: true,
    washEveryWears: 0,
    isProofed: false,
    soaksThroughout: false,
    changedOnArrival: "none",
    inDrySet: "none",
    addsToItsKind: true,
    wornWhen: ["start", "seat"],
    genericAssembly: "none",
  },
  handwear: {
    lane: "Hands",
    liesUnder: false,
    usual: null,
    changeMinutes: 0,
    dressingTurn: 14,
    leavesGaps: false,
    packingTurn: 5,
    isDried: true,
    washEveryWears: 0,
    isProofed: true,
    soaksThroughout: true,
    changedOnArrival: "none",
    inDrySet: "none",
    addsToItsKind: true,
    wornWhen: ["start", "seat"],
    genericAssembly: "handwear",
  },
  headwear: {
    lane: "Head",
    liesUnder: false,
    usual: null,
    changeMinutes: 0,
    dressingTurn: 11.5,
    leavesGaps: true,
    packingTurn: 1,
    isDried: true,
    washEveryWears: 8,
    isProofed: false,
    soaksThroughout: true,
    changedOnArrival: "all",
    inDrySet: "none",
    addsToItsKind: true,
    wornWhen: ["start", "seat"],
    genericAssembly: "none",
  },
  neckwear: {
    lane: "Neck",
    liesUnder: false,
    usual: MIDDLE,
    changeMinutes: 0,
    dressingTurn: 11,
    leavesGaps: true,
    packingTurn: 2,
    isDried: false,
    washEveryWears: 8,
    isProofed: false,
    soaksThroughout: true,
    changedOnArrival: "none",
    inDrySet: "none",
    addsToItsKind: true,
    wornWhen: ["start", "seat"],
    genericAssembly: "none",
  },
  pad: {
    lane: "Under",
    liesUnder: true,
    usual: { rank: 50, isForTheSit: true },
    changeMinutes: 0,
    dressingTurn: 15,
    leavesGaps: false,
    packingTurn: 10,
    isDried: false,
    washEveryWears: 0,
    isProofed: false,
    soaksThroughout: false,
    changedOnArrival: "none",
    inDrySet: "none",
    addsToItsKind: true,
    wornWhen: ["seat"],
    genericAssembly: "none",
  },
  protection: {
    lane: null,
    liesUnder: false,
    usual: { rank: 60, isForTheSit: false },
    changeMinutes: 2,
    dressingTurn: 5,
    leavesGaps: true,
    packingTurn: 4,
    isDried: false,
    washEveryWears: 0,
    isProofed: false,
    soaksThroughout: true,
    changedOnArrival: "none",
    inDrySet: "none",
    addsToItsKind: true,
    wornWhen: ["start"],
    genericAssembly: "none",
  },
  heatSource: {
    lane: null,
    liesUnder: false,
    usual: { rank: 15, isForTheSit: false },
    changeMinutes: 0,
    dressingTurn: null,
    leavesGaps: false,
    packingTurn: 11,
    isDried: false,
    washEveryWears: 0,
    isProofed: false,
    soaksThroughout: true,
    changedOnArrival: "none",
    inDrySet: "none",
    addsToItsKind: false,
    wornWhen: ["start"],
    genericAssembly: "none",
  },
};
