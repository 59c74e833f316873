import * as m from "@/messages";
import type { Fit } from "../clothing";
import type { Face, Label, Material } from "../labels";
import { KIND_TABLE, type Piece, type PieceKind } from "../pieces";
import type { Patch } from "../patches";

// Pieces that anybody can get, named where the kit has nothing of their place. Generic, figures typical (assumptions).

type Figures = { readonly massG: number; readonly dexterity?: number; readonly fingersTogether?: boolean };

const piece = (
  name: string,
  kind: PieceKind,
  patches: readonly Patch[],
  materials: readonly Material[],
  { face, fit }: { readonly face: Face; readonly fit: Fit },
  { massG, dexterity, fingersTogether = false }: Figures,
): Piece => {
  const label: Label = {
    kind: "panels",
    panels: [{ patches, materials }],
    assembly: KIND_TABLE[kind].genericAssembly,
    face,
    fit,
    wear: "new",
  };
  return { id: `generic ${name}`, name, kind, label, fingersTogether, massG, dexterity };
};

/** What could be got for each place that may end a sit. */
export const GENERIC_PIECES: readonly Piece[] = [
  piece(
    m.aFaceMaskAny,
    "headwear",
    ["face"],
    [{ kind: "fleece", massGPerM2: 200 }],
    { face: "membrane", fit: "close" },
    { massG: 60 },
  ),
  piece(
    m.aThickWoolHatAny,
    "headwear",
    ["scalp", "ears"],
    [{ kind: "thickness", thicknessMm: 5, fibre: "wool" }],
    { face: "knit", fit: "close" },
    { massG: 110 },
  ),
  piece(
    m.aWoolTubeForTheNeck,
    "neckwear",
    ["neck"],
    [{ kind: "thickness", thicknessMm: 3, fibre: "wool" }],
    { face: "knit", fit: "close" },
    { massG: 70 },
  ),
  piece(
    m.mittsBatting200Any,
    "handwear",
    ["hand", "fingers", "wrist"],
    [{ kind: "mittBatting", massGPerM2: 200 }],
    { face: "membrane", fit: "regular" },
    { massG: 230, dexterity: 1, fingersTogether: true },
  ),
  piece(
    m.aFeltFootbed6MmAny,
    "footbed",
    ["sole"],
    [{ kind: "felt", thicknessMm: 6 }],
    { face: "knit", fit: "close" },
    { massG: 110 },
  ),
];
