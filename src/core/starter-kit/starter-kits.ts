import * as m from "@/messages";
import type { Label, Material } from "@/core/labels";
import { starterPiece, type StarterPiece, type StarterPieceKey } from "./starter-pieces";

/** A whole kit to begin with. */
export type StarterKit = { readonly words: string; readonly says: string; readonly pieces: readonly StarterPiece[] };

const kit = (words: string, says: string, ...keys: readonly StarterPieceKey[]): StarterKit => ({
  words,
  says,
  pieces: keys.map(starterPiece),
});

/** A child's piece has about so much of the cloth of a grown person's, and costs less (assumption). */
const CHILD_CLOTH_SHARE = 0.55;
const CHILD_PRICE_SHARE = 0.6;

/** What is filled by mass over an area shrinks with it; what is given per area or in mm stays. */
const smaller = (material: Material): Material =>
  material.kind === "down"
    ? { ...material, fillG: material.fillG * CHILD_CLOTH_SHARE, panelAreaM2: material.panelAreaM2 * CHILD_CLOTH_SHARE }
    : material;

const smallerLabel = (label: Label): Label =>
  label.kind === "explicit"
    ? label
    : { ...label, panels: label.panels.map((panel) => ({ ...panel, materials: panel.materials.map(smaller) })) };

const forChild = (piece: StarterPiece): StarterPiece => ({
  ...piece,
  name: m.childs({ name: piece.name }),
  label: smallerLabel(piece.label),
  massG: Math.round(piece.massG * CHILD_CLOTH_SHARE),
  priceMinor: Math.round(piece.priceMinor * CHILD_PRICE_SHARE),
});

const CAREFUL: readonly StarterPieceKey[] = [
  "thinCap",
  "balaclava",
  "synthTop",
  "synthLegs",
  "fleeceJacket",
  "softShell",
  "walkTrousers",
  "fleeceTights",
  "linerSock",
  "heavySock",
  "kneeBoot",
  "thinGloves",
  "mitts200",
  "seatPad",
];

/** Whole kits, generic and unbranded; every reading of them stands in docs/starter-kit.md. */
export const STARTER_KITS = {
  careful: kit(m.carefulWithMoney, m.whatManyOwnAlreadyForA, ...CAREFUL),
  middle: kit(
    m.middle,
    m.forLongSitsInFrostSome,
    "longHat",
    "balaclava",
    "faceMask",
    "woolTube",
    "base200Top",
    "base200Legs",
    "fleeceJacket",
    "synthParka",
    "walkTrousers",
    "bib",
    "linerSock",
    "heavySock",
    "midBoot",
    "feltFootbed",
    "thinGloves",
    "mitts200",
    "seatPad",
    "footPad",
  ),
  best: kit(
    m.bestThereIs,
    m.forHardFrostAndHoursWithout,
    "longHat",
    "balaclava",
    "faceMask",
    "windHood",
    "woolTube",
    "base350Top",
    "base350Legs",
    "fleeceJacket",
    "downVest",
    "downParka",
    "shellJacket",
    "walkTrousers",
    "bib",
    "linerSock",
    "heavySock",
    "heavyBoot",
    "feltFootbed",
    "thinGloves",
    "mitts300",
    "sheepskin",
    "footPad",
  ),
  animalFree: kit(
    m.animalFree,
    m.noWoolFeltDownOrSkin,
    "thinCap",
    "balaclava",
    "faceMask",
    "fleeceTube",
    "synthTop",
    "synthLegs",
    "fleeceJacket",
    "synthParka",
    "walkTrousers",
    "bib",
    "linerSock",
    "synthSock",
    "synthBoot",
    "fleeceGloves",
    "mitts200",
    "seatPad",
    "footPad",
  ),
  child: {
    words: m.child,
    says: m.warmAndEasyToOpenA,
    pieces: (
      [
        "longHat",
        "balaclava",
        "faceMask",
        "woolTube",
        "base200Top",
        "base200Legs",
        "fleeceJacket",
        "synthParka",
        "bib",
        "linerSock",
        "heavySock",
        "midBoot",
        "mitts200",
        "seatPad",
        "footPad",
      ] as const
    )
      .map(starterPiece)
      .map(forChild),
  },
} as const satisfies Record<string, StarterKit>;

export type StarterKitKey = keyof typeof STARTER_KITS;
