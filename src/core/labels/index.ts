export { LOSS_AT_OWN_MASS } from "./absorption";
export {
  ASSEMBLY_FACTOR,
  FACE_PERMEABILITY_L_PER_M2S,
  LOFT_KEPT,
  type Assembly,
  type ExplicitPanel,
  type Face,
  type Label,
  type LabelPanel,
  type Wear,
} from "./label";
export {
  BATTING_FIBRES,
  FIBRES,
  LABEL_RANGE,
  SOLID_SUBSTANCES,
  type BattingFibre,
  type Fibre,
  type Material,
  type MaterialKind,
  type SolidSubstance,
} from "./material";
export { coveredMask, coveredPatches, readLabel, type MaterialRead, type PatchReading } from "./read-label";
export { gramReading, type GramReading } from "./gram-reading";
export { readMaterial, type MaterialReading } from "./reading";
export { waterResistanceOfFace } from "./water-resistance";
