import { bisect } from "../numeric";
import { cloFromInsulation, insulationFromClo } from "../units";
import { STATIC_AIR_LAYER_M2K_PER_W } from "../clothing";
import {
  ireqAirLayer,
  ireqAreaFactor,
  ireqResidual,
  ireqWindShare,
  resultantInsulation,
  type IreqCriterion,
  type IreqInput,
} from "./ireq-balance";

/** Insulation a standard asks for, clo. */
export type RequiredInsulation = {
  /** Resultant (IREQ): as worn in wind and walking, without the air layer. */
  readonly requiredClo: number;
  /** Intrinsic, as a test sheet in still air would state it. */
  readonly intrinsicClo: number;
};

const LEAST_INSULATION_M2K_PER_W = 0;
const MOST_INSULATION_M2K_PER_W = 5;
const TOLERANCE_M2K_PER_W = 1e-9;

/**
 * Insulation at which heat made and heat lost balance (IREQ).
 * @param airPermeabilityLPerM2S of the outer layer, for the intrinsic figure
 * @throws {CoreError} `not-converged` where no clothing at all balances (too warm) or none is thick enough
 * @source ISO 11079:2007
 */
export function requiredInsulation(
  at: IreqInput,
  criterion: IreqCriterion,
  airPermeabilityLPerM2S: number,
): RequiredInsulation {
  const clothing = bisect(
    (insulation) => ireqResidual(at, criterion, insulation, ireqAreaFactor(insulation), 0),
    LEAST_INSULATION_M2K_PER_W,
    MOST_INSULATION_M2K_PER_W,
    TOLERANCE_M2K_PER_W,
  );
  const areaFactor = ireqAreaFactor(clothing);
  const total = clothing + ireqAirLayer(at) / areaFactor;
  const intrinsic = total / ireqWindShare(at, airPermeabilityLPerM2S) - STATIC_AIR_LAYER_M2K_PER_W / areaFactor;
  return { requiredClo: cloFromInsulation(clothing), intrinsicClo: cloFromInsulation(intrinsic) };
}

/** How long a stay in given clothing may last before the heat debt is reached. */
export type ExposureLimit = { readonly kind: "unlimited" } | { readonly kind: "limited"; readonly hours: number };

/** Heat debt at which the standard ends a stay, W·h/m². @source ISO 11079:2007 */
const ALLOWED_DEBT_WH_PER_M2 = 40;
const MOST_STORAGE_W_PER_M2 = 2000;
const TOLERANCE_W_PER_M2 = 1e-6;

/**
 * Heat balance in given clothing as a function of the heat stored, W/m²: zero where the storage is the true one.
 * @param intrinsicClo insulation worn, as stated in still air, clo
 * @source ISO 11079:2007
 */
export function ireqOfClothing(
  at: IreqInput,
  criterion: IreqCriterion,
  intrinsicClo: number,
  airPermeabilityLPerM2S: number,
): (storageWPerM2: number) => number {
  const clothing = resultantInsulation(at, insulationFromClo(intrinsicClo), airPermeabilityLPerM2S);
  return (storage) => ireqResidual(at, criterion, clothing, ireqAreaFactor(clothing), storage);
}

/**
 * Duration limited exposure (DLE), hours.
 * @param intrinsicClo insulation worn, as stated in still air, clo
 * @source ISO 11079:2007
 */
export function exposureLimit(
  at: IreqInput,
  criterion: IreqCriterion,
  intrinsicClo: number,
  airPermeabilityLPerM2S: number,
): ExposureLimit {
  const residual = ireqOfClothing(at, criterion, intrinsicClo, airPermeabilityLPerM2S);
  const storage = bisect(residual, -MOST_STORAGE_W_PER_M2, MOST_STORAGE_W_PER_M2, TOLERANCE_W_PER_M2);
  return storage >= 0 ? { kind: "unlimited" } : { kind: "limited", hours: ALLOWED_DEBT_WH_PER_M2 / -storage };
}
