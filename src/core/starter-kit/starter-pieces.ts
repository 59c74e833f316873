import * as m from "@/messages";
import { starterTraits } from "./starter-traits";
import type { Face, Label, LabelPanel, Material } from "@/core/labels";
import type { PieceKind, PieceTraits } from "@/core/pieces";
import { MINOR_PER_UNIT } from "../pieces";
import type { Patch } from "@/core/patches";
import { ARMS, HEAD, LEGS, TRUNK } from "./cuts";

/** A generic piece: invented, but with figures as labels print them. */
export type StarterPiece = {
  readonly name: string;
  readonly kind: PieceKind;
  readonly label: Label;
  readonly massG: number;
  readonly priceMinor: number;
  readonly fingersTogether?: boolean;
  readonly traits?: PieceTraits;
};

type PanelsLabel = Extract<Label, { kind: "panels" }>;

const SLEEVES: Patch[] = ["upperArm", "forearm"];
const HAND: Patch[] = ["hand", "fingers"];
const FOOT: Patch[] = ["footUpper", "toes"];
const SHAFT: Patch[] = ["ankle", "footUpper", "toes"];

const panel = (patches: readonly Patch[], ...materials: Material[]): LabelPanel => ({ patches, materials });
const hood = (...materials: Material[]): LabelPanel => ({ patches: HEAD, materials, part: "hood" });
const knit = (massGPerM2: number): Material => ({ kind: "knit", massGPerM2 });
const fleece = (massGPerM2: number): Material => ({ kind: "fleece", massGPerM2 });
const mm = (thicknessMm: number): Material => ({ kind: "thickness", thicknessMm });
const felt = (thicknessMm: number): Material => ({ kind: "felt", thicknessMm });
const solid = (
  substance: "rubber" | "cork" | "closedCellFoam" | "sheepskin" | "foamRubber",
  thicknessMm: number,
): Material => ({
  kind: "solid",
  substance,
  thicknessMm,
});
const batting = (massGPerM2: number, fibre: "loftyFine" | "continuousFilament" = "loftyFine"): Material => ({
  kind: "garmentBatting",
  massGPerM2,
  fibre,
  quilted: true,
});
const down = (fillPowerIn3PerOz: number, fillG: number, panelAreaM2: number): Material => ({
  kind: "down",
  fillPowerIn3PerOz,
  fillG,
  panelAreaM2,
});

const label = (panels: LabelPanel[], face: Face, rest: Partial<PanelsLabel> = {}): Label => ({
  kind: "panels",
  panels,
  face,
  assembly: "none",
  fit: "regular",
  wear: "new",
  ...rest,
});
/** Room over the toes of a boot bought with winter socks in mind, mm of cloth (assumption). */
const BOOT_ROOM_MM = 6;
const boot = (shaft: Material[], sole: Material[], easeMm = BOOT_ROOM_MM): Label =>
  label([panel(SHAFT, ...shaft), panel(["sole"], ...sole)], "membrane", { assembly: "boot", fit: "close", easeMm });

type Figures = readonly [massG: number, price: number];
const piece = (
  name: string,
  kind: PieceKind,
  own: Label,
  [massG, price]: Figures,
  fingersTogether = false,
): StarterPiece => ({
  name,
  kind,
  label: own,
  massG,
  priceMinor: price * MINOR_PER_UNIT,
  fingersTogether,
});

/** Generic pieces by a short key: the demonstration's kits and the starter kit are made of them. */
export const STARTER_PIECES = {
  thinCap: piece(m.thinKnitCap, "headwear", label([panel(HEAD, knit(200))], "knit", { fit: "close" }), [45, 20]),
  longHat: piece(m.longWoolHatDoubled, "headwear", label([panel(HEAD, mm(6))], "knit", { fit: "close" }), [120, 35]),
  balaclava: piece(
    m.balaclavaFleece150,
    "headwear",
    label([panel([...HEAD, "neck"], fleece(150))], "open", { fit: "close" }),
    [85, 30],
  ),
  faceMask: piece(
    m.windproofFaceMaskFleece200,
    "headwear",
    label([panel(["face"], fleece(200))], "membrane", { fit: "close" }),
    [60, 25],
  ),
  windHood: piece(
    m.windproofHood,
    "headwear",
    label([panel([...HEAD, "neck"], mm(0.5))], "membrane", { fit: "loose" }),
    [90, 40],
  ),
  woolTube: piece(m.woolTube, "neckwear", label([panel(["neck"], mm(3))], "knit", { fit: "close" }), [70, 25]),
  base200Top: piece(
    m.woolBase200Top,
    "garment",
    label([panel([...TRUNK, ...ARMS], knit(200))], "knit", { fit: "close" }),
    [230, 85],
  ),
  base350Top: piece(
    m.heavyWoolBase350Top,
    "garment",
    label([panel([...TRUNK, ...ARMS], knit(350))], "knit", { fit: "close" }),
    [390, 120],
  ),
  fleeceJacket: piece(
    m.fleeceJacket200,
    "garment",
    label([panel([...TRUNK, ...ARMS], fleece(200))], "open"),
    [420, 85],
  ),
  feltShirt: piece(
    m.feltedWoolShirt4Mm,
    "garment",
    label([panel([...TRUNK, ...ARMS], felt(4))], "woven", { wear: "used" }),
    [780, 140],
  ),
  downVest: piece(
    m.downVest650Fill120G,
    "garment",
    label([panel(TRUNK, down(650, 120, 0.85))], "denseWeave", { assembly: "sewnThrough" }),
    [330, 130],
  ),
  synthParka: piece(
    m.parkaBatting170130100,
    "garment",
    label([panel([...TRUNK, "seat"], batting(170)), panel(ARMS, batting(130)), hood(batting(100))], "denseWeave", {
      assembly: "sewnThrough",
      fit: "loose",
    }),
    [1150, 320],
  ),
  downParka: piece(
    m.downParka700Fill300G,
    "garment",
    label(
      [panel([...TRUNK, "seat"], down(700, 165, 1.1)), panel(ARMS, down(700, 85, 0.7)), hood(down(700, 50, 0.3))],
      "denseWeave",
      { assembly: "baffled", fit: "loose" },
    ),
    [1320, 640],
  ),
  shellJacket: piece(
    m.shellJacketMembrane,
    "garment",
    label([panel([...TRUNK, "seat", ...ARMS], mm(0.4))], "membrane", { fit: "loose" }),
    [480, 280],
  ),
  softShell: piece(
    m.softShellJacket,
    "garment",
    label([panel([...TRUNK, ...SLEEVES], mm(1.2))], "denseWeave"),
    [520, 160],
  ),
  iceSuit: piece(
    m.onePieceFloatSuit,
    "garment",
    label(
      [
        panel([...TRUNK, ...ARMS], batting(150, "continuousFilament"), solid("closedCellFoam", 3)),
        panel(LEGS, batting(120, "continuousFilament")),
      ],
      "membrane",
      {
        assembly: "sewnThrough",
      },
    ),
    [2600, 420],
  ),
  base200Legs: piece(
    m.woolBase200Legs,
    "garment",
    label([panel(LEGS, knit(200))], "knit", { fit: "close" }),
    [210, 75],
  ),
  base350Legs: piece(
    m.heavyWoolBase350Legs,
    "garment",
    label([panel(LEGS, knit(350))], "knit", { fit: "close" }),
    [360, 105],
  ),
  fleeceTights: piece(m.fleeceTrousers200, "garment", label([panel(LEGS, fleece(200))], "open"), [350, 70]),
  walkTrousers: piece(m.walkingTrousersDenseWeave, "garment", label([panel(LEGS, mm(0.6))], "denseWeave"), [480, 110]),
  bib: piece(
    m.insulatedBibBatting133,
    "garment",
    label([panel(["belly", "lowerBack", ...LEGS], batting(133))], "membrane", { assembly: "sewnThrough" }),
    [1250, 240],
  ),
  shellTrousers: piece(
    m.shellTrousersMembrane,
    "garment",
    label([panel(LEGS, mm(0.4))], "membrane", { fit: "loose" }),
    [420, 220],
  ),
  gaiters: piece(
    m.gaitersMembrane,
    "protection",
    label([panel(["calf", "ankle", "footUpper"], mm(0.6))], "membrane", { fit: "loose" }),
    [240, 45],
  ),
  linerSock: piece(
    m.thinLinerSock,
    "sock",
    label([panel([...FOOT, "ankle"], knit(150)), panel(["sole"], knit(150))], "knit", { fit: "tight" }),
    [40, 12],
  ),
  heavySock: piece(
    m.heavyWoolSock35Mm,
    "sock",
    label([panel([...FOOT, "ankle", "sole"], mm(3.5))], "knit", { fit: "tight" }),
    [130, 28],
  ),
  kneeBoot: piece(
    m.kneeBootFoam5Mm,
    "footwear",
    boot([solid("foamRubber", 5), solid("rubber", 2)], [solid("rubber", 12), solid("foamRubber", 5)]),
    [1900, 130],
  ),
  midBoot: piece(
    m.lacedBootBatting400,
    "footwear",
    boot([{ kind: "bootBatting", massGPerM2: 400 }, mm(2)], [solid("rubber", 10), solid("cork", 3), felt(3)]),
    [1700, 210],
  ),
  heavyBoot: piece(
    m.heavyBootBatting1000,
    "footwear",
    boot(
      [{ kind: "bootBatting", massGPerM2: 1000 }, mm(2)],
      [solid("rubber", 12), solid("closedCellFoam", 4), felt(4)],
    ),
    [2300, 260],
  ),
  synthBoot: piece(
    m.syntheticBootBatting600,
    "footwear",
    boot(
      [{ kind: "bootBatting", massGPerM2: 600 }, mm(2)],
      [solid("rubber", 10), solid("cork", 3), solid("closedCellFoam", 6)],
    ),
    [1800, 170],
  ),
  pacBoot: piece(
    m.pacBootFeltLiner9Mm,
    "footwear",
    boot([felt(9), solid("rubber", 2)], [solid("rubber", 12), felt(9), solid("closedCellFoam", 5)]),
    [2500, 240],
  ),
  feltFootbed: piece(m.feltFootbed6Mm, "footbed", label([panel(["sole"], felt(6))], "knit"), [110, 18]),
  thinGloves: piece(
    m.thinWoolGloves,
    "handwear",
    label([panel([...HAND, "wrist"], knit(250))], "knit", { fit: "close" }),
    [50, 20],
  ),
  midGloves: piece(
    m.windproofGlovesBatting150,
    "handwear",
    label([panel([...HAND, "wrist"], { kind: "gloveBatting", massGPerM2: 150 }, mm(0.8))], "membrane", {
      assembly: "handwear",
      fit: "close",
    }),
    [180, 75],
  ),
  mitts200: piece(
    m.mittsBatting200,
    "handwear",
    label([panel([...HAND, "wrist"], { kind: "mittBatting", massGPerM2: 200 }, mm(0.8))], "membrane", {
      assembly: "handwear",
    }),
    [230, 85],
    true,
  ),
  muff: piece(
    m.handMuffBatting200,
    "handwear",
    label([panel([...HAND, "wrist"], batting(200), mm(0.5))], "membrane", { assembly: "handwear", fit: "loose" }),
    [260, 60],
    true,
  ),
  mitts300: piece(
    m.longMittsBatting300,
    "handwear",
    label(
      [
        panel(["hand", "wrist", "forearm"], { kind: "mittBatting", massGPerM2: 300 }, mm(0.8)),
        { ...panel(["fingers"], { kind: "mittBatting", massGPerM2: 300 }, mm(0.8)), part: "cap" },
      ],
      "membrane",
      { assembly: "handwear" },
    ),
    [330, 120],
    true,
  ),
  synthTop: piece(
    m.syntheticBase200Top,
    "garment",
    label([panel([...TRUNK, ...ARMS], knit(200))], "knit", { fit: "close" }),
    [210, 45],
  ),
  synthLegs: piece(
    m.syntheticBase200Legs,
    "garment",
    label([panel(LEGS, knit(200))], "knit", { fit: "close" }),
    [200, 40],
  ),
  synthSock: piece(
    m.terrySockSynthetic3Mm,
    "sock",
    label([panel([...FOOT, "ankle", "sole"], mm(3))], "knit", { fit: "tight" }),
    [110, 18],
  ),
  fleeceGloves: piece(
    m.fleeceGloves150,
    "handwear",
    label([panel([...HAND, "wrist"], fleece(150))], "open", { fit: "close" }),
    [60, 20],
  ),
  fleeceTube: piece(
    m.fleeceTube200,
    "neckwear",
    label([panel(["neck"], fleece(200))], "open", { fit: "close" }),
    [55, 15],
  ),
  seatPad: piece(
    m.foamSeatPad15Mm,
    "pad",
    label([panel(["seat", "thighOnSeat"], solid("closedCellFoam", 15))], "membrane"),
    [90, 15],
  ),
  sheepskin: piece(
    m.sheepskinForTheSeat,
    "pad",
    label([panel(["seat", "thighOnSeat"], solid("sheepskin", 30))], "open"),
    [900, 60],
  ),
  footPad: piece(
    m.foamPadUnderTheFeet20,
    "pad",
    label([panel(["sole"], solid("closedCellFoam", 20))], "membrane"),
    [140, 15],
  ),
  toePacks: piece(m.toePacksAPair, "heatSource", label([panel(["toes"], mm(3))], "open", { fit: "close" }), [40, 4]),
  handPacks: piece(
    m.handPacksAPair,
    "heatSource",
    label([{ patches: HAND, materials: [mm(5)], coverShare: 0.4 }], "open", { fit: "close" }),
    [90, 5],
  ),
  pocketWarmers: piece(
    m.rechargeableHandWarmersAPair,
    "heatSource",
    label([{ patches: HAND, materials: [mm(8)], coverShare: 0.4 }], "coated", { fit: "close" }),
    [220, 45],
  ),
  heatedVest: piece(
    m.heatedVestFleece100,
    "garment",
    label([panel(["chest", "back"], fleece(100))], "denseWeave", { fit: "regular" }),
    [480, 140],
  ),
  heatedSocks: piece(
    m.heatedSocksTerry3Mm,
    "sock",
    label([panel([...FOOT, "ankle", "sole"], mm(3))], "knit", { fit: "tight" }),
    [260, 120],
  ),
} as const satisfies Record<string, StarterPiece>;

export type StarterPieceKey = keyof typeof STARTER_PIECES;

/** A starter piece with all that is known of it. */
export const starterPiece = (key: StarterPieceKey): StarterPiece => ({
  ...STARTER_PIECES[key],
  traits: starterTraits(key),
});
