import * as m from "@/messages";
import { HEAD } from "../cuts";
import type { PieceTraits } from "@/core/pieces";
import {
  asThick,
  BATTING,
  FLEECE,
  fleeced,
  HAND,
  KNIT,
  knitted,
  label,
  ofSubstance,
  quick,
  thick,
  type QuickPiece,
} from "./quick-piece";

const mittens = (traits: PieceTraits): Pick<QuickPiece, "fingersTogether" | "traits"> => ({
  fingersTogether: true,
  traits,
});
const mitted: QuickPiece["labelOf"] = (massGPerM2, wear) =>
  label(HAND, [{ kind: "mittBatting", massGPerM2 }], "membrane", wear, { assembly: "handwear" });

const gloved: QuickPiece["labelOf"] = (massGPerM2, wear) =>
  label(HAND, [{ kind: "gloveBatting", massGPerM2 }], "membrane", wear, { assembly: "handwear", fit: "close" });

export const HEADWEAR = {
  hat: quick(m.hatKnitted, "headwear", thick(m.thicknessPressedLightly, 4), asThick(HEAD, "knit", { fit: "close" })),
  balaclava: quick(m.balaclavaFleece, "headwear", { ...FLEECE, usual: 150 }, fleeced([...HEAD, "neck"])),
  faceMask: quick(
    m.faceMaskWindproof,
    "headwear",
    thick(m.thickness, 2),
    asThick(["face"], "membrane", { fit: "close" }),
  ),
  helmet: quick(
    m.helmet,
    "protection",
    thick(m.foamInside, 20, [2, 50]),
    ofSubstance(["scalp"], "closedCellFoam", "coated", { fit: "close" }),
  ),
  neckTube: quick(m.neckTube, "neckwear", thick(m.thicknessAsWorn, 3), asThick(["neck"], "knit", { fit: "close" })),
} as const satisfies Record<string, QuickPiece>;

export const HANDWEAR = {
  glovesKnitted: quick(m.glovesKnitted, "handwear", { ...KNIT, usual: 250 }, knitted(HAND), {
    traits: { dexterity: 3 },
  }),
  glovesInsulated: quick(m.glovesInsulated, "handwear", { ...BATTING, words: m.insulation, usual: 150 }, gloved, {
    traits: { dexterity: 2 },
  }),
  glovesNeoprene: quick(
    m.glovesNeoprene,
    "handwear",
    thick(m.thickness, 2.5, [0.5, 8]),
    ofSubstance(HAND, "foamRubber", "coated", { assembly: "handwear", fit: "tight" }),
    { traits: { dexterity: 2, waterResistance: 3 } },
  ),
  glovesHeated: quick(
    m.glovesHeated,
    "handwear",
    { ...BATTING, words: m.insulation, usual: 150 },
    gloved,
    // Both gloves together; powers and batteries as such gloves have them (assumption).
    { traits: { dexterity: 2, heat: { kind: "electric", levelsW: [4, 7, 12], batteryWh: 30 } } },
  ),
  mitts: quick(
    m.mittsInsulated,
    "handwear",
    { ...BATTING, words: m.insulation, usual: 200 },
    mitted,
    mittens({ dexterity: 1 }),
  ),
  mittsOnCord: quick(
    m.mittsOnACord,
    "handwear",
    { ...BATTING, words: m.insulation, usual: 200 },
    mitted,
    mittens({ dexterity: 1, isTethered: true }),
  ),
  muff: quick(
    m.handMuff,
    "handwear",
    { ...BATTING, usual: 200 },
    (massGPerM2, wear) =>
      label(HAND, [{ kind: "garmentBatting", massGPerM2, fibre: "loftyFine", quilted: true }], "membrane", wear, {
        assembly: "handwear",
        fit: "loose",
      }),
    mittens({ dexterity: 0 }),
  ),
} as const satisfies Record<string, QuickPiece>;
