import * as m from "@/messages";
import type { Material, Wear } from "@/core/labels";
import { asThick, BATTING, FOOT, label, ofSubstance, quick, thick, type QuickPiece } from "./quick-piece";

const RUBBER_SOLE: readonly Material[] = [{ kind: "solid", substance: "rubber", thicknessMm: 12 }];
const WARM_SOLE: readonly Material[] = [...RUBBER_SOLE, { kind: "felt", thicknessMm: 4 }];
const boot =
  (upper: (value: number) => readonly Material[], sole: readonly Material[]): QuickPiece["labelOf"] =>
  (value, wear) => ({
    kind: "panels",
    panels: [
      { patches: FOOT, materials: upper(value) },
      { patches: ["sole"], materials: sole },
    ],
    face: "membrane",
    assembly: "boot",
    fit: "close",
    wear,
  });
const measured = (thicknessMm: number): Material => ({ kind: "thickness", thicknessMm });

const terry = asThick([...FOOT, "sole"], "knit", { fit: "tight" });
/** A sock of knit, membrane and knit: what is wet outside stays outside. */
const membraneSock = asThick([...FOOT, "sole"], "membrane", { fit: "tight" });
/** A reflecting foil counts where air lies before it, under a foot that stands on it none does: its foam is what warms. */
const foilOnFoam = (thicknessMm: number, wear: Wear) =>
  label(
    ["sole"],
    [
      { kind: "solid", substance: "closedCellFoam", thicknessMm },
      { kind: "solid", substance: "foil", thicknessMm: 0.1 },
    ],
    "coated",
    wear,
  );

export const FOOTGEAR = {
  socks: quick(m.socks, "sock", thick(m.thicknessPressedLightly, 3), terry),
  socksWaterproof: quick(m.socksWaterproof, "sock", thick(m.thickness, 2, [0.5, 8]), membraneSock, {
    traits: { waterResistance: 4 },
  }),
  socksNeoprene: quick(
    m.socksNeoprene,
    "sock",
    thick(m.thickness, 3, [1, 8]),
    ofSubstance([...FOOT, "sole"], "foamRubber", "coated", { fit: "tight" }),
    { traits: { waterResistance: 3 } },
  ),
  socksHeated: quick(m.socksHeated, "sock", thick(m.thicknessPressedLightly, 3), terry, {
    // Both socks together; powers and batteries as such socks have them (assumption).
    traits: { heat: { kind: "electric", levelsW: [3, 5, 8], batteryWh: 16 } },
  }),
  bootsPlain: quick(
    m.bootsNoInsulation,
    "footwear",
    thick(m.thicknessOfTheLeather, 2.5, [0.5, 8]),
    boot((thicknessMm) => [measured(thicknessMm)], RUBBER_SOLE),
  ),
  bootsRubber: quick(
    m.rubberBoots,
    "footwear",
    thick(m.thicknessRubberAndLining, 3, [1, 15]),
    boot((thicknessMm) => [measured(thicknessMm)], RUBBER_SOLE),
    { traits: { waterResistance: 4, closure: "pullOn" } },
  ),
  bootsInsulated: quick(
    m.bootsInsulated,
    "footwear",
    { ...BATTING, words: m.insulation, usual: 400 },
    boot((massGPerM2) => [{ kind: "bootBatting", massGPerM2 }, measured(2)], WARM_SOLE),
  ),
  bootsFelt: quick(
    m.bootsFeltLiner,
    "footwear",
    thick(m.thicknessOfTheFelt, 9, [2, 20]),
    boot(
      (thicknessMm) => [
        { kind: "felt", thicknessMm },
        { kind: "solid", substance: "rubber", thicknessMm: 2 },
      ],
      WARM_SOLE,
    ),
  ),
  bootsWading: quick(
    m.wadingBoots,
    "footwear",
    thick(m.thicknessOfTheUpper, 3, [0.5, 10]),
    boot((thicknessMm) => [measured(thicknessMm)], [...RUBBER_SOLE, { kind: "felt", thicknessMm: 6 }]),
    { traits: { closure: "laces" } },
  ),
  spareLiner: quick(m.linerForABootFelt, "liner", thick(m.thickness, 9, [2, 20]), (thicknessMm, wear) =>
    label([...FOOT, "sole"], [{ kind: "felt", thicknessMm }], "knit", wear),
  ),
  footbedFelt: quick(m.footbedFelt, "footbed", thick(m.thickness, 6), (thicknessMm, wear) =>
    label(["sole"], [{ kind: "felt", thicknessMm }], "knit", wear),
  ),
  footbedSheepskin: quick(
    m.footbedSheepskin,
    "footbed",
    thick(m.thicknessStoodOn, 8, [2, 25]),
    ofSubstance(["sole"], "sheepskin", "open"),
  ),
  footbedFoil: quick(m.footbedFoilOnFoam, "footbed", thick(m.thickness, 4, [1, 15]), foilOnFoam),
} as const satisfies Record<string, QuickPiece>;

export const UNDER = {
  seatPad: quick(
    m.seatPadFoam,
    "pad",
    thick(m.thickness, 15),
    ofSubstance(["seat", "thighOnSeat"], "closedCellFoam", "membrane"),
  ),
  sheepskin: quick(
    m.sheepskinOrFleeceRugForThe,
    "pad",
    thick(m.thickness, 30),
    ofSubstance(["seat", "thighOnSeat"], "sheepskin", "open"),
  ),
  footPad: quick(m.footPadFoam, "pad", thick(m.thickness, 20), ofSubstance(["sole"], "closedCellFoam", "membrane")),
} as const satisfies Record<string, QuickPiece>;
