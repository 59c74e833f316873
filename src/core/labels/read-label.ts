import { GAP_BY_FIT_MM, type Layer } from "../clothing";
import { PATCHES, type Patch, type Side } from "../patches";
import {
  ASSEMBLY_FACTOR,
  BOOT_TOE_FACTOR,
  FACE_PERMEABILITY_L_PER_M2S,
  FACE_VAPOUR_INDEX,
  LOFT_KEPT,
  type Label,
  type LabelPanel,
} from "./label";
import { absorptionOf } from "./absorption";
import type { Material } from "./material";
import { readMaterial, type MaterialReading } from "./reading";

/** What a piece is over one patch of one side. */
export type PatchReading = {
  readonly patch: Patch;
  readonly side: Side | "both";
  readonly layers: readonly Layer[];
  readonly coverShare: number;
  /** Part of the piece the panel belongs to, when it can come off. */
  readonly part: string | null;
  /** Resistance of the piece itself, flat, and one standard deviation, m²·K/W. */
  readonly insulationM2KPerW: number;
  readonly spreadM2KPerW: number;
  /** What the figure was made of: materials as printed and read, and the factors on their sum. */
  readonly materials: readonly MaterialRead[];
  readonly assemblyFactor: number;
  readonly loftKept: number;
};

/** A material and what was read of it. */
export type MaterialRead = { readonly material: Material; readonly reading: MaterialReading };

type PanelsLabel = Extract<Label, { kind: "panels" }>;

/** Share of the stack left over a patch by seams and openings; a sole loses along its edge, at the welt. */
function assemblyOver(label: PanelsLabel, patch: Patch): number {
  if (label.assembly !== "boot") return ASSEMBLY_FACTOR[label.assembly];
  return ASSEMBLY_FACTOR.boot * (patch === "toes" ? BOOT_TOE_FACTOR : 1);
}

const sumOf = (readings: readonly MaterialReading[], value: (reading: MaterialReading) => number): number =>
  readings.reduce((total, reading) => total + value(reading), 0);

/** A test sheet measures the whole piece, seams and openings included. */
const isTested = ({ materials }: LabelPanel): boolean => materials.some(({ kind }) => kind === "testSheet");

/** What a panel takes up of water: its materials share it by mass, each losing of its own resistance. */
function absorbed(materials: readonly MaterialRead[], bulkM2KPerW: number) {
  let absorbingGPerM2 = 0;
  let lost = 0;
  for (const { material, reading } of materials) {
    const { massGPerM2, lossAtOwnMass } = absorptionOf(material);
    absorbingGPerM2 += massGPerM2;
    lost += lossAtOwnMass * reading.insulationM2KPerW;
  }
  return { absorbingGPerM2, lossAtOwnMass: bulkM2KPerW > 0 ? lost / bulkM2KPerW : 0 };
}

function readPanel(
  label: PanelsLabel,
  panel: LabelPanel,
  patch: Patch,
  materials: readonly MaterialRead[],
): PatchReading {
  const readings = materials.map(({ reading }) => reading);
  const assemblyFactor = isTested(panel) ? 1 : assemblyOver(label, patch);
  const bulk = sumOf(readings, (reading) => reading.insulationM2KPerW);
  const loft = LOFT_KEPT[label.wear];
  const insulationM2KPerW = bulk * assemblyFactor * loft;
  const layer: Layer = {
    insulationM2KPerW,
    thicknessMm: sumOf(readings, (reading) => reading.thicknessMm) * loft,
    gapMm: GAP_BY_FIT_MM[label.fit],
    airPermeabilityLPerM2S: FACE_PERMEABILITY_L_PER_M2S[label.face],
    keptUnderLoad:
      bulk > 0 ? sumOf(readings, (reading) => reading.keptUnderLoad * reading.insulationM2KPerW) / bulk : 1,
    rigidWall: label.assembly === "boot",
    easeMm: label.easeMm,
    vapourIndex: FACE_VAPOUR_INDEX[label.face],
    ...absorbed(materials, bulk),
  };
  // Materials of a piece are misread together: their spreads add, not cancel.
  const spread = sumOf(readings, (reading) => reading.relativeSpread * reading.insulationM2KPerW);
  return {
    patch,
    side: "both",
    layers: [layer],
    coverShare: panel.coverShare ?? 1,
    part: panel.part ?? null,
    insulationM2KPerW,
    spreadM2KPerW: bulk > 0 ? (insulationM2KPerW * spread) / bulk : 0,
    materials,
    assemblyFactor,
    loftKept: loft,
  };
}

const known = new WeakMap<Label, readonly PatchReading[]>();

/**
 * Reads a label patch by patch. A garment has several figures and they never add up: each patch has its own.
 * A label never changes; what was read of it is kept.
 * @source docs/method.md, "Label readings"
 */
export function readLabel(label: Label): readonly PatchReading[] {
  const before = known.get(label);
  if (before) return before;
  const readings = readAnew(label);
  known.set(label, readings);
  return readings;
}

function readAnew(label: Label): PatchReading[] {
  if (label.kind === "explicit") {
    return label.panels.flatMap(({ patches, side, layers, coverShare = 1, part = null }) =>
      patches.map((patch) => ({
        patch,
        side,
        layers,
        coverShare,
        part,
        insulationM2KPerW: layers.reduce((total, layer) => total + layer.insulationM2KPerW, 0),
        spreadM2KPerW: 0,
        materials: [],
        assemblyFactor: 1,
        loftKept: 1,
      })),
    );
  }
  return label.panels.flatMap((panel) => {
    const materials = panel.materials.map((material) => ({ material, reading: readMaterial(material) }));
    return panel.patches.map((patch) => readPanel(label, panel, patch, materials));
  });
}

const knownPatches = new WeakMap<Label, readonly Patch[]>();

/** Patches a label covers, from head to foot. */
export function coveredPatches(label: Label): readonly Patch[] {
  const before = knownPatches.get(label);
  if (before) return before;
  const covered = new Set(label.panels.flatMap(({ patches }) => patches));
  const inOrder = PATCHES.filter((patch) => covered.has(patch));
  knownPatches.set(label, inOrder);
  return inOrder;
}

const knownMasks = new WeakMap<Label, number>();

/** The same as bits by the order of PATCHES: two labels share a part where their bits do. */
export function coveredMask(label: Label): number {
  const known = knownMasks.get(label);
  if (known !== undefined) return known;
  const mask = coveredPatches(label).reduce((bits, patch) => bits | (1 << PATCHES.indexOf(patch)), 0);
  knownMasks.set(label, mask);
  return mask;
}
