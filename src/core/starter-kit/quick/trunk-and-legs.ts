import * as m from "@/messages";
import { ARMS, LEGS, TRUNK } from "../cuts";
import {
  asThick,
  BATTING,
  cotton,
  FLEECE,
  fleeced,
  KNIT,
  knitted,
  label,
  ofSubstance,
  padded,
  quick,
  thick,
  type Figure,
  type QuickPiece,
} from "./quick-piece";
import type { Range } from "@/core/errors";
import type { Assembly } from "@/core/labels";
import type { Patch } from "@/core/patches";

const TOP: readonly Patch[] = [...TRUNK, ...ARMS];
const JACKET: readonly Patch[] = [...TOP, "seat"];
const IN_THE_WATER: readonly Patch[] = ["belly", "lowerBack", ...LEGS, "footUpper", "toes", "sole"];
const NOT_OVER_BOOTS = { traits: { opensOverBoots: false } };
const DOWN_FILL_POWER = 700;
const downGrams = (usual: number, range: Range): Figure => ({
  words: m.downAllOfItAtFill({ downFillPower: DOWN_FILL_POWER }),
  unit: "g",
  usual,
  range,
});
/** @param panelAreaM2 over which the down lies (assumption) */
const downed =
  (patches: readonly Patch[], panelAreaM2: number, assembly: Assembly): QuickPiece["labelOf"] =>
  (fillG, wear) =>
    label(patches, [{ kind: "down", fillPowerIn3PerOz: DOWN_FILL_POWER, fillG, panelAreaM2 }], "denseWeave", wear, {
      assembly,
      fit: "loose",
    });

export const TRUNKWEAR = {
  baseTop: quick(m.baseLayerTop, "garment", KNIT, knitted(TOP)),
  fleeceJacket: quick(m.fleeceJacket, "garment", FLEECE, fleeced(TOP)),
  hoodie: quick(m.hoodieCotton, "garment", thick(m.thickness, 2, [0.5, 6]), cotton(TOP, "knit")),
  shirt: quick(m.shirtCotton, "garment", thick(m.thickness, 0.5, [0.1, 3]), cotton(TOP, "woven")),
  sweater: quick(m.woolShirtOrSweater, "garment", thick(m.thickness, 4), asThick(TOP, "woven")),
  vest: quick(m.insulatedVest, "garment", { ...BATTING, usual: 100 }, padded(TRUNK, "denseWeave")),
  insulatedJacket: quick(m.insulatedJacketBatting, "garment", BATTING, padded(JACKET, "denseWeave")),
  downVest: quick(m.downVest, "garment", downGrams(120, [20, 500]), downed(TRUNK, 0.85, "sewnThrough")),
  downJacket: quick(m.downJacket, "garment", downGrams(250, [30, 900]), downed(JACKET, 1.8, "baffled")),
  shellJacket: quick(
    m.shellJacket,
    "garment",
    thick(m.thickness, 0.4, [0.1, 3]),
    asThick(JACKET, "membrane", { fit: "loose" }),
  ),
  raincoat: quick(
    m.raincoatCoated,
    "garment",
    thick(m.thickness, 0.5, [0.1, 3]),
    asThick([...JACKET, "thigh"], "coated", { fit: "loose" }),
    { traits: { waterResistance: 4 } },
  ),
  cover: quick(
    m.coverOverPersonAndGear,
    "garment",
    thick(m.thickness, 0.4, [0.1, 10]),
    asThick([...JACKET, "thigh", "knee"], "coated", { fit: "loose" }),
    { traits: { waterResistance: 3 } },
  ),
  chestProtector: quick(
    m.chestProtector,
    "protection",
    thick(m.foamInside, 10, [2, 40]),
    ofSubstance(["chest"], "closedCellFoam", "coated", { fit: "close" }),
  ),
} as const satisfies Record<string, QuickPiece>;

export const LEGWEAR = {
  baseLegs: quick(m.baseLayerLegs, "garment", KNIT, knitted(LEGS), NOT_OVER_BOOTS),
  fleeceTrousers: quick(m.fleeceTrousers, "garment", FLEECE, fleeced(LEGS), NOT_OVER_BOOTS),
  walkingTrousers: quick(
    m.walkingTrousers,
    "garment",
    thick(m.thickness, 0.6, [0.2, 4]),
    asThick(LEGS, "denseWeave"),
    NOT_OVER_BOOTS,
  ),
  jeans: quick(m.jeans, "garment", thick(m.thickness, 0.9, [0.3, 2]), cotton(LEGS, "woven"), NOT_OVER_BOOTS),
  shellTrousers: quick(
    m.shellTrousersSideZips,
    "garment",
    thick(m.thickness, 0.4, [0.1, 3]),
    asThick(LEGS, "membrane", { fit: "loose" }),
    { traits: { opensOverBoots: true } },
  ),
  insulatedTrousers: quick(
    m.insulatedBibSideZips,
    "garment",
    { ...BATTING, usual: 130 },
    padded(["belly", "lowerBack", ...LEGS], "membrane"),
    { traits: { opensOverBoots: true } },
  ),
  waders: quick(
    m.wadersMembraneNeopreneFeet,
    "garment",
    thick(m.thicknessOfTheFeet, 4, [1, 8]),
    (thicknessMm, wear) => ({
      kind: "panels",
      panels: [
        { patches: ["belly", "lowerBack", ...LEGS], materials: [{ kind: "thickness", thicknessMm: 0.6 }] },
        {
          patches: ["footUpper", "toes", "sole"],
          materials: [{ kind: "solid", substance: "foamRubber", thicknessMm }],
        },
      ],
      face: "membrane",
      assembly: "none",
      fit: "loose",
      wear,
    }),
    { traits: { opensOverBoots: false, waterResistance: 4 } },
  ),
  neopreneWaders: quick(
    m.wadersNeoprene,
    "garment",
    thick(m.thickness, 4, [1, 8]),
    ofSubstance(IN_THE_WATER, "foamRubber", "coated"),
    { traits: { opensOverBoots: false, waterResistance: 4, floats: true } },
  ),
  kneeBrace: quick(
    m.kneeBrace,
    "protection",
    thick(m.thickness, 4, [0.5, 15]),
    ofSubstance(["knee"], "foamRubber", "coated", { fit: "tight" }),
  ),
  shinGuards: quick(
    m.shinGuards,
    "protection",
    thick(m.foamInside, 8, [2, 40]),
    ofSubstance(["calf"], "closedCellFoam", "coated", { fit: "close" }),
  ),
  gaiters: quick(
    m.gaiters,
    "protection",
    thick(m.thickness, 0.6, [0.1, 4]),
    asThick(["calf", "ankle", "footUpper"], "membrane", { fit: "loose" }),
  ),
} as const satisfies Record<string, QuickPiece>;
