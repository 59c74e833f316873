import { z } from "zod";
import { GAP_BY_FIT_MM, LAYER_RANGE } from "@/core/clothing";
import {
  ASSEMBLY_FACTOR,
  BATTING_FIBRES,
  FIBRES,
  FACE_PERMEABILITY_L_PER_M2S,
  LABEL_RANGE,
  LOFT_KEPT,
  SOLID_SUBSTANCES,
} from "@/core/labels";
import { PATCHES } from "@/core/patches";
import { keysOf, within } from "../../within";

const MOST_PANELS = 64;
const MOST_MATERIALS = 12;
const MOST_LAYERS = 16;

const thicknessMm = within(LABEL_RANGE.thicknessMm);
const massGPerM2 = within(LABEL_RANGE.massGPerM2);

export const materialSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("thickness"), thicknessMm, fibre: z.enum(FIBRES).optional() }),
  z.strictObject({ kind: z.literal("highPile"), thicknessMm }),
  z.strictObject({
    kind: z.literal("garmentBatting"),
    massGPerM2,
    fibre: z.enum(BATTING_FIBRES),
    quilted: z.boolean(),
  }),
  z.strictObject({ kind: z.enum(["bootBatting", "gloveBatting", "mittBatting"]), massGPerM2 }),
  z.strictObject({ kind: z.literal("fleece"), massGPerM2 }),
  z.strictObject({ kind: z.literal("knit"), massGPerM2, fibre: z.enum(FIBRES).optional() }),
  z.strictObject({ kind: z.literal("felt"), thicknessMm }),
  z.strictObject({
    kind: z.literal("down"),
    fillPowerIn3PerOz: within(LABEL_RANGE.fillPowerIn3PerOz),
    fillG: within(LABEL_RANGE.fillG),
    panelAreaM2: within(LABEL_RANGE.panelAreaM2),
    peakLoftMm: thicknessMm.optional(),
  }),
  z.strictObject({
    kind: z.literal("testSheet"),
    insulationM2KPerW: within(LABEL_RANGE.testedM2KPerW),
    statesTotal: z.boolean(),
  }),
  z.strictObject({ kind: z.literal("solid"), substance: z.enum(SOLID_SUBSTANCES), thicknessMm }),
]);

const MOST_PART_NAME = 40;
/** Name of a part that comes off or folds away. */
export const partSchema = z.string().trim().min(1).max(MOST_PART_NAME);

const patches = z.array(z.enum(PATCHES)).min(1).max(PATCHES.length);

export const layerSchema = z.strictObject({
  insulationM2KPerW: within(LAYER_RANGE.insulationM2KPerW),
  thicknessMm: within(LAYER_RANGE.thicknessMm),
  gapMm: within(LAYER_RANGE.gapMm),
  airPermeabilityLPerM2S: within(LAYER_RANGE.airPermeabilityLPerM2S),
  keptUnderLoad: within(LAYER_RANGE.keptUnderLoad),
  rigidWall: z.boolean(),
  easeMm: within(LAYER_RANGE.easeMm).optional(),
  vapourIndex: within(LAYER_RANGE.vapourIndex).optional(),
});

export const labelSchema = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("panels"),
    panels: z
      .array(
        z.strictObject({
          patches,
          materials: z.array(materialSchema).min(1).max(MOST_MATERIALS),
          coverShare: within(LAYER_RANGE.coverShare).optional(),
          part: partSchema.optional(),
        }),
      )
      .min(1)
      .max(MOST_PANELS),
    assembly: z.enum(keysOf(ASSEMBLY_FACTOR)),
    face: z.enum(keysOf(FACE_PERMEABILITY_L_PER_M2S)),
    fit: z.enum(keysOf(GAP_BY_FIT_MM)),
    wear: z.enum(keysOf(LOFT_KEPT)),
    easeMm: within(LAYER_RANGE.easeMm).optional(),
  }),
  z.strictObject({
    kind: z.literal("explicit"),
    panels: z
      .array(
        z.strictObject({
          patches,
          side: z.enum(["left", "right", "both"]),
          layers: z.array(layerSchema).max(MOST_LAYERS),
          coverShare: within(LAYER_RANGE.coverShare).optional(),
          part: partSchema.optional(),
        }),
      )
      .min(1)
      .max(MOST_PANELS),
  }),
]);
