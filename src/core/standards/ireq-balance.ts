import {
  clothPermeability,
  stirring,
  standardWindFactor,
  stirredAirLayer,
  STATIC_AIR_LAYER_M2K_PER_W,
} from "../clothing";
import { breathingLoss, saturationPressureKPa } from "../body";
import { KELVIN_AT_ZERO_C_ROUNDED } from "../units";

/** How much strain the standard allows: high (minimal) or none (neutral). */
export type IreqCriterion = "minimal" | "neutral";

/** What the standard's balance takes. */
export type IreqInput = {
  readonly airTemperatureC: number;
  readonly radiantTemperatureC: number;
  readonly relativeWindMPerS: number;
  readonly relativeHumidityPercent: number;
  /** Heat production, W/m². */
  readonly metabolicRateWPerM2: number;
  readonly walkSpeedMPerS: number;
};

const PERMEABILITY_INDEX = 0.38;
const LEWIS_TERM = 0.06; // 1/16.7, as the standard rounds it
const STEFAN_BOLTZMANN_W_PER_M2K4 = 5.67e-8;
const EMISSIVITY = 0.95;
const RADIANT_AREA_SHARE = 0.77;
/** As the standard's own program has it, and with it all tables computed by it; its text prints 1.97. */
const AREA_FACTOR_PER_M2K_PER_W = 1.197;

/** Skin temperature and wettedness of each criterion. @source ISO 11079:2007 */
const SKIN: Readonly<Record<IreqCriterion, (metabolicRateWPerM2: number) => { skinC: number; wettedness: number }>> = {
  minimal: (rate) => ({ skinC: 33.34 - 0.0354 * rate, wettedness: 0.06 }),
  neutral: (rate) => ({ skinC: 35.7 - 0.0285 * rate, wettedness: 0.001 * rate }),
};

/** Clothing area factor of an insulation in m²·K/W. @source ISO 11079:2007 */
export const ireqAreaFactor = (insulationM2KPerW: number): number => 1 + AREA_FACTOR_PER_M2K_PER_W * insulationM2KPerW;

/** Stirred outer air layer, m²·K/W. */
export const ireqAirLayer = (at: IreqInput): number =>
  stirredAirLayer(stirring(at.relativeWindMPerS, at.walkSpeedMPerS));

/** Share of total insulation left in wind and walking. */
export const ireqWindShare = (at: IreqInput, airPermeabilityLPerM2S: number): number =>
  standardWindFactor(stirring(at.relativeWindMPerS, at.walkSpeedMPerS), clothPermeability(airPermeabilityLPerM2S));

const FIXED_POINT_STEPS = 100;

/**
 * Resultant insulation of worn clothing, without air layer, m²·K/W; its area factor is its own.
 * @source ISO 11079:2007
 */
export function resultantInsulation(at: IreqInput, intrinsicM2KPerW: number, airPermeabilityLPerM2S: number): number {
  const share = ireqWindShare(at, airPermeabilityLPerM2S);
  const airLayer = ireqAirLayer(at);
  let resultant = intrinsicM2KPerW;
  // The area factor changes the result by a few per cent: the repetition shrinks the error tenfold each time.
  for (let step = 0; step < FIXED_POINT_STEPS; step++) {
    const areaFactor = ireqAreaFactor(resultant);
    resultant = (intrinsicM2KPerW + STATIC_AIR_LAYER_M2K_PER_W / areaFactor) * share - airLayer / areaFactor;
  }
  return resultant;
}

/**
 * Heat left over, W/m²: production less evaporation, breathing, radiation, convection and what is stored.
 * @param clothingM2KPerW resultant insulation of the clothing, m²·K/W
 * @param areaFactor clothing area factor
 * @param storageWPerM2 heat stored in the body; negative while it cools
 * @source ISO 11079:2007, heat balance
 */
export function ireqResidual(
  at: IreqInput,
  criterion: IreqCriterion,
  clothingM2KPerW: number,
  areaFactor: number,
  storageWPerM2: number,
): number {
  const rate = at.metabolicRateWPerM2;
  const { skinC, wettedness } = SKIN[criterion](rate);
  const airLayer = ireqAirLayer(at);
  const airKPa = (saturationPressureKPa(at.airTemperatureC) * at.relativeHumidityPercent) / 100;
  const breathing = breathingLoss(rate, at.airTemperatureC, airKPa, "iso-11079");
  const evaporativeResistance = (LEWIS_TERM / PERMEABILITY_INDEX) * (airLayer + clothingM2KPerW);
  const evaporation = (wettedness * (saturationPressureKPa(skinC) - airKPa)) / evaporativeResistance;
  const throughClothing = rate - evaporation - breathing.dry - breathing.moist - storageWPerM2;
  const surfaceC = skinC - clothingM2KPerW * throughClothing;
  const radiation = radiationWPerM2K(surfaceC, at.radiantTemperatureC);
  const convection = 1 / airLayer - radiation;
  const dry =
    areaFactor * (radiation * (surfaceC - at.radiantTemperatureC) + convection * (surfaceC - at.airTemperatureC));
  return throughClothing - dry;
}

/** Radiation coefficient between surface and surroundings; its limit where both are equal. */
function radiationWPerM2K(surfaceC: number, radiantC: number): number {
  const [one, other] = [surfaceC + KELVIN_AT_ZERO_C_ROUNDED, radiantC + KELVIN_AT_ZERO_C_ROUNDED];
  // (a⁴ − b⁴)/(a − b) without the division
  return STEFAN_BOLTZMANN_W_PER_M2K4 * EMISSIVITY * RADIANT_AREA_SHARE * (one ** 2 + other ** 2) * (one + other);
}
