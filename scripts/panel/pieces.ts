import type { Label, LabelPanel, Material } from "@/core/labels";
import type { Piece } from "@/core/pieces";
import type { Patch } from "@/core/patches";
import { STARTER_PIECES, type StarterPieceKey } from "@/core/starter-kit";
import { demoPiece } from "../trade/setting";

// Pieces the panel names beyond the starter kit, as its file describes them in words.

const SHAFT: readonly Patch[] = ["ankle", "footUpper", "toes"];
const TRUNK: readonly Patch[] = ["chest", "back", "belly", "lowerBack"];
const ARMS: readonly Patch[] = ["upperArm", "forearm", "wrist"];
const LEGS: readonly Patch[] = ["seat", "thigh", "thighOnSeat", "knee", "calf", "ankle"];

type Rest = Omit<Extract<Label, { kind: "panels" }>, "kind" | "panels" | "wear">;
const panels = (own: readonly LabelPanel[], rest: Rest): Label => ({
  kind: "panels",
  panels: own,
  wear: "new",
  ...rest,
});
const solid = (substance: "rubber" | "closedCellFoam", thicknessMm: number): Material => ({
  kind: "solid",
  substance,
  thicknessMm,
});
const felt = (thicknessMm: number): Material => ({ kind: "felt", thicknessMm });
const mm = (thicknessMm: number): Material => ({ kind: "thickness", thicknessMm });
const down = (fillPowerIn3PerOz: number, fillG: number, panelAreaM2: number): Material => ({
  kind: "down",
  fillPowerIn3PerOz,
  fillG,
  panelAreaM2,
});

const boot = (shaft: readonly Material[], sole: readonly Material[], easeMm: number): Label =>
  panels(
    [
      { patches: SHAFT, materials: shaft },
      { patches: ["sole"], materials: sole },
    ],
    { assembly: "boot", face: "membrane", fit: "close", easeMm },
  );

const garment = (name: string, label: Label, massG: number): Piece => ({
  id: name,
  name,
  kind: "garment",
  label,
  fingersTogether: false,
  massG,
});
const footwear = (name: string, label: Label, massG: number): Piece => ({
  ...garment(name, label, massG),
  kind: "footwear",
});

const ROOM_MM = 6;
/** Foam in the sole by grams of batting in the shaft: the most that a boot of up to so many has. */
const FOAM_MM: readonly (readonly [upToG: number, mm: number])[] = [
  [200, 2],
  [400, 4],
  [800, 5],
  [Infinity, 6],
];
/** A pair of boots without batting, and what each g/m² of it adds, g (assumption: starter boots lie about it). */
const BOOT_MASS = { bare: 1450, perGPerM2: 0.85 };

function bootOf(gPerM2: number): Piece {
  const foamMm = FOAM_MM.find(([upToG]) => gPerM2 <= upToG)![1];
  const shaft: Material[] = [{ kind: "bootBatting", massGPerM2: gPerM2 }, mm(2)];
  const sole = [solid("rubber", 12), solid("closedCellFoam", foamMm), felt(4)];
  return footwear(`boot${gPerM2}`, boot(shaft, sole, ROOM_MM), BOOT_MASS.bare + BOOT_MASS.perGPerM2 * gPerM2);
}

const OWN: Readonly<Record<string, () => Piece>> = {
  bigPac: () =>
    footwear(
      "bigPac",
      boot(
        [felt(12), { kind: "bootBatting", massGPerM2: 400 }, solid("rubber", 2)],
        [solid("rubber", 14), felt(12), solid("closedCellFoam", 8)],
        7,
      ),
      3000,
    ),
  fleece300: () =>
    garment(
      "fleece300",
      panels([{ patches: [...TRUNK, ...ARMS, "neck"], materials: [{ kind: "fleece", massGPerM2: 300 }] }], {
        assembly: "none",
        face: "open",
        fit: "regular",
      }),
      620,
    ),
  polarDown: () =>
    garment(
      "polarDown",
      panels(
        [
          { patches: [...TRUNK, "seat"], materials: [down(800, 300, 1.1)] },
          { patches: ARMS, materials: [down(800, 150, 0.7)] },
        ],
        { assembly: "baffled", face: "denseWeave", fit: "loose" },
      ),
      1600,
    ),
  downTrousers: () =>
    garment(
      "downTrousers",
      panels([{ patches: LEGS, materials: [down(700, 220, 1.1)] }], {
        assembly: "baffled",
        face: "denseWeave",
        fit: "regular",
      }),
      750,
    ),
  jeans: () =>
    garment(
      "jeans",
      panels([{ patches: LEGS, materials: [{ kind: "thickness", thicknessMm: 0.9, fibre: "cotton" }] }], {
        assembly: "none",
        face: "woven",
        fit: "regular",
      }),
      700,
    ),
  cottonShirt: () =>
    garment(
      "cottonShirt",
      panels([{ patches: [...TRUNK, ...ARMS], materials: [{ kind: "knit", massGPerM2: 160, fibre: "cotton" }] }], {
        assembly: "none",
        face: "knit",
        fit: "close",
      }),
      220,
    ),
  shoe: () => footwear("shoe", boot([mm(2.5)], [solid("rubber", 10), felt(2)], ROOM_MM), 900),
};

/** A piece by the name the panel gives it. @throws when no such piece is known */
export function panelPiece(name: string): Piece {
  const grams = /^boot(\d+)$/.exec(name)?.[1];
  if (grams) return bootOf(Number(grams));
  const own = OWN[name];
  if (own) return own();
  if (name in STARTER_PIECES) return demoPiece(name as StarterPieceKey);
  throw new Error(`the panel names the piece "${name}", which is neither generic nor described`);
}
