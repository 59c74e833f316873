import { GAP_BY_FIT_MM, type Layer } from "../clothing";
import { PATCHES, type Patch, type Side } from "../patches";
import { ASSEMBLY_FACTOR, BOOT_TOE_FACTOR, FACE_PERMEABILITY_L_PER_M2S, LOFT_KEPT, type Label } from "./label";
import { readMaterial, type MaterialReading } from "./reading";

/** What a piece is over one patch of one side. */
export type PatchReading = {
  readonly patch: Patch;
  readonly side: Side | "both";
  readonly layers: readonly Layer[];
  /** Resistance of the piece itself, flat, and one standard deviation, m²·K/W. */
  readonly insulationM2KPerW: number;
  readonly spreadM2KPerW: number;
};

type PanelsLabel = Extract<Label, { kind: "panels" }>;

/** Share of the stack left over a patch: seams, openings, and the sole, which has neither. */
function assemblyOver(label: PanelsLabel, patch: Patch): number {
  if (label.assembly !== "boot") return ASSEMBLY_FACTOR[label.assembly];
  if (patch === "sole") return 1;
  return ASSEMBLY_FACTOR.boot * (patch === "toes" ? BOOT_TOE_FACTOR : 1);
}

const sumOf = (readings: readonly MaterialReading[], value: (reading: MaterialReading) => number): number =>
  readings.reduce((total, reading) => total + value(reading), 0);

function readPanel(label: PanelsLabel, patch: Patch, readings: readonly MaterialReading[]): PatchReading {
  const bulk = sumOf(readings, (reading) => reading.insulationM2KPerW);
  const loft = LOFT_KEPT[label.wear];
  const insulationM2KPerW = bulk * assemblyOver(label, patch) * loft;
  const layer: Layer = {
    insulationM2KPerW,
    thicknessMm: sumOf(readings, (reading) => reading.thicknessMm) * loft,
    gapMm: GAP_BY_FIT_MM[label.fit],
    airPermeabilityLPerM2S: FACE_PERMEABILITY_L_PER_M2S[label.face],
    keptUnderLoad: sumOf(readings, (reading) => reading.keptUnderLoad * reading.insulationM2KPerW) / bulk,
    rigidWall: label.assembly === "boot",
  };
  // Materials of a piece are misread together: their spreads add, not cancel.
  const spreadShare = sumOf(readings, (reading) => reading.relativeSpread * reading.insulationM2KPerW) / bulk;
  return { patch, side: "both", layers: [layer], insulationM2KPerW, spreadM2KPerW: insulationM2KPerW * spreadShare };
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
    return label.panels.flatMap(({ patches, side, layers }) =>
      patches.map((patch) => ({
        patch,
        side,
        layers,
        insulationM2KPerW: layers.reduce((total, layer) => total + layer.insulationM2KPerW, 0),
        spreadM2KPerW: 0,
      })),
    );
  }
  return label.panels.flatMap(({ patches, materials }) => {
    const readings = materials.map(readMaterial);
    return patches.map((patch) => readPanel(label, patch, readings));
  });
}

/** Patches a label covers, from head to foot. */
export function coveredPatches(label: Label): Patch[] {
  const covered = new Set(label.panels.flatMap(({ patches }) => patches));
  return PATCHES.filter((patch) => covered.has(patch));
}
