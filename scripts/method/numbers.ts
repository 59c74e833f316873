// Single numbers of the method page, read from the code.
import { SKIN_C } from "@/charts/state-of-part";
import { OUTING_BODY } from "@/core/body";
import { DRYING_SIDES } from "@/core/care/drying";
import { EARLIER_MINUTES } from "@/core/changes/clothing-changes";
import { PAD_MM } from "@/core/changes/sitting-changes";
import { GAP_BY_FIT_MM, ORDINARY_VAPOUR_INDEX, STATIC_AIR_LAYER_M2K_PER_W } from "@/core/clothing";
import { GAP_RADIATION_W_PER_M2K, GAP_WITHOUT_FURTHER_GAIN_MM, STILL_AIR_W_PER_MK } from "@/core/clothing/air-gap";
import { TOUCH_M2K_PER_W } from "@/core/clothing/contact";
import { FLOW_LOST_PER_MM, LEAST_FLOW_SHARE } from "@/core/clothing/fit-budget";
import { OPENING_PERMEABILITY_L_PER_M2S } from "@/core/clothing/stack";
import { SITTING_W_PER_M2, WORTH_A_PIECE_CLO } from "@/core/day/kind-of-day";
import { COOLS_WITHIN_MIN } from "@/core/devices/device-batteries";
import { DIGIT_RADIATION_W_PER_M2K, USUAL_SOLE_SHARE } from "@/core/digits";
import { COLD_DILATION_FROM_C } from "@/core/digits/digit-blood";
import { DIAMETER_M, LEAST_CONVECTION_W_PER_M2K } from "@/core/digits/digit-surface";
import { SNOW_FACTOR, SNOW_FACTOR_PER_CM, SNOWSHOE_SINKING_SHARE } from "@/core/effort/walking";
import { PACK_FADES_FROM } from "@/core/heat/heat-course";
import { MEAN_OF_PEAK_LOFT, TESTED_SPREAD } from "@/core/labels/reading";
import { HELD_PAST_PLAN_MINUTES, LEFT_WITHIN_MINUTES, RECOVERY_MINUTES } from "@/core/limits";
import { HARD_LIMIT_SOON_MINUTES, MOTIONLESS_BELOW_C } from "@/core/opinion/go-or-stay";
import { ADULT_FROM_KG, ADULT_FROM_YEARS, FLOW_OUTSIDE_ADULTS } from "@/core/outing/adult";
import { PACKED_G_PER_L } from "@/core/dressing";
import { WARM_ROOM, WIND_STEPS_PER_M_PER_S } from "@/core/simulation";
import { FLOW_OF_COLD_HANDS } from "@/core/simulation";
import { WAITS_MIN } from "@/core/emergency";
import { RANGE_MEMBERS } from "@/core/range";
import { LOW_SHARE, WIDENED_BY } from "@/core/range/minutes-range";
import { CUT_AT_DEVIATIONS, GAP_RANGE, OPENING_RANGE_PER_K, SOLE_SHARE_RANGE } from "@/core/range/variation";
import { USUAL_START } from "@/core/sitter";
import { SOLE_LOAD } from "@/core/sitter";
import { ERROR_OF_DOUBLED, FIRST_STEP_S, LONGEST_STEP_S, MOST_STEP_ERROR_K } from "@/core/sitter/step-controller";
import { COVERS_MOUTH_FROM } from "@/core/dressing";
import { IN_WATER } from "@/core/sitter";
import {
  BRUNT_CONSTANT,
  BRUNT_PER_ROOT_HPA,
  CLOUD_CLOSES,
  RADIATION_W_PER_M2K_AT_FROST,
  SNOW_PER_WIND_W_S_PER_M3K,
  SNOW_STILL_W_PER_M2K,
} from "@/core/sky/sky-radiation";
import { ABSORPTIVITY, ALBEDO, CLEAR_DIFFUSE_SHARE, CLOUD_DIMS, CLOUD_EXPONENT } from "@/core/sky/sun-on-person";
import { BREATH_SHARE } from "@/core/touch/fog";
import { SKIN_EFFUSIVITY } from "@/core/touch/touch";
import { LEWIS_K_PER_KPA, SECONDS_PER_MINUTE, MINUTES_PER_HOUR } from "@/core/units";
import { BREATH_KEPT, BREATHED_SHARE } from "@/core/water";
import { MOST_PER_MASS } from "@/core/water/water-properties";
import { GROUND_INSULATION_M2K_PER_W, SEAT_INSULATION_M2K_PER_W, SHELTER } from "@/core/weather";
import { USUAL_ICE_THICKNESS_M, WATER_STOOD_IN_C } from "@/core/weather/ground";
import { BODY_HEIGHT_M, FORECAST_HEIGHT_M } from "@/core/weather/wind-at-seat";
import { figure, listed, percent } from "./figures";

const MM_PER_M = 1000;
const between = ([low, high]: readonly [number, number]): string => `${figure(low)} and ${figure(high)}`;

const PLAIN = {
  opening: OUTING_BODY.openingPerTrunkK,
  vapourIndex: ORDINARY_VAPOUR_INDEX,
  firstStep: FIRST_STEP_S,
  longestStep: LONGEST_STEP_S / SECONDS_PER_MINUTE,
  dilationFrom: COLD_DILATION_FROM_C,
  digitRadiation: DIGIT_RADIATION_W_PER_M2K,
  digitConvection: LEAST_CONVECTION_W_PER_M2K,
  mostBend: MOST_STEP_ERROR_K,
  peakLoft: MEAN_OF_PEAK_LOFT,
  staticAir: STATIC_AIR_LAYER_M2K_PER_W,
  stillAir: STILL_AIR_W_PER_MK,
  gapRadiation: GAP_RADIATION_W_PER_M2K,
  gapMost: GAP_WITHOUT_FURTHER_GAIN_MM,
  windStep: 1 / WIND_STEPS_PER_M_PER_S,
  touchKept: TOUCH_M2K_PER_W,
  tightGap: GAP_BY_FIT_MM.tight,
  leastFlow: LEAST_FLOW_SHARE,
  flowLost: FLOW_LOST_PER_MM,
  openingLeak: OPENING_PERMEABILITY_L_PER_M2S,
  forecastHeight: FORECAST_HEIGHT_M,
  bodyHeight: BODY_HEIGHT_M,
  soleShare: USUAL_SOLE_SHARE,
  waterC: WATER_STOOD_IN_C,
  leftWithin: LEFT_WITHIN_MINUTES,
  flowOutside: FLOW_OUTSIDE_ADULTS,
  coldFlow: FLOW_OF_COLD_HANDS,
  iceThickness: USUAL_ICE_THICKNESS_M,
  cloudCloses: CLOUD_CLOSES,
  absorption: ABSORPTIVITY,
  snowshoes: SNOWSHOE_SINKING_SHARE,
  warmRoom: WARM_ROOM.airTemperatureC,
  sittingRate: SITTING_W_PER_M2,
  worthAPiece: WORTH_A_PIECE_CLO,
  recovery: RECOVERY_MINUTES,
  heldHours: HELD_PAST_PLAN_MINUTES / MINUTES_PER_HOUR,
  adultYears: ADULT_FROM_YEARS,
  adultKg: ADULT_FROM_KG,
  widened: WIDENED_BY,
  hardSoon: HARD_LIMIT_SOON_MINUTES,
  motionless: MOTIONLESS_BELOW_C,
  members: RANGE_MEMBERS,
  cutAt: CUT_AT_DEVIATIONS,
  padMm: PAD_MM,
  earlier: EARLIER_MINUTES,
  packed: PACKED_G_PER_L,
  lewis: LEWIS_K_PER_KPA,
  dryingFixed: DRYING_SIDES.fixed,
  cellCools: COOLS_WITHIN_MIN,
  skinEffusivity: SKIN_EFFUSIVITY,
  fallMinutes: IN_WATER.seconds / SECONDS_PER_MINUTE,
  fallWater: IN_WATER.waterC,
  fallWorn: IN_WATER.wornM2KPerW,
  waits: WAITS_MIN,
} as const;

const plain = Object.fromEntries(Object.entries(PLAIN).map(([name, value]) => [name, () => figure(value, 4)]));

/** What each name of the page says, where it is a number or a few. */
export const METHOD_NUMBERS: Readonly<Record<string, () => string>> = {
  ...plain,
  openingRange: () => between(OPENING_RANGE_PER_K),
  gapRange: () => between(GAP_RANGE),
  soleRange: () => between(SOLE_SHARE_RANGE),
  grounds: () => listed(GROUND_INSULATION_M2K_PER_W),
  seats: () => listed(SEAT_INSULATION_M2K_PER_W),
  digitWidths: () =>
    listed(Object.fromEntries(Object.entries(DIAMETER_M).map(([what, metres]) => [what, metres * MM_PER_M]))),
  leastBend: () => `1/${figure(ERROR_OF_DOUBLED)}`,
  start: () => {
    const { minutes, airTemperatureC, relativeHumidityPercent, insulationClo, activityRatio } = USUAL_START;
    return `${figure(minutes)} minutes indoors at ${figure(airTemperatureC)} °C and ${figure(relativeHumidityPercent)} %, in ${figure(insulationClo)} clo, at ${figure(activityRatio)} times basal heat`;
  },
  testedSpread: () => percent(TESTED_SPREAD),
  offSoles: () => percent(1 - SOLE_LOAD.sitting!),
  brunt: () => `${figure(BRUNT_CONSTANT)} + ${figure(BRUNT_PER_ROOT_HPA)}`,
  skyShares: () => [...new Set(Object.values(SHELTER).map(({ skyShare }) => figure(skyShare)))].join(", "),
  snowLoss: () =>
    `${figure(SNOW_STILL_W_PER_M2K)} + ${figure(SNOW_PER_WIND_W_S_PER_M3K)}v + ${figure(RADIATION_W_PER_M2K_AT_FROST)}`,
  cloudDims: () => `${figure(CLOUD_DIMS)}c^${figure(CLOUD_EXPONENT)}`,
  diffuse: () => `${figure(CLEAR_DIFFUSE_SHARE)} + ${figure(1 - CLEAR_DIFFUSE_SHARE)}c²`,
  albedo: () => `${figure(ALBEDO.snow)} on snow, else ${figure(ALBEDO.bare)}`,
  snowFactor: () => `${figure(SNOW_FACTOR)} + ${figure(SNOW_FACTOR_PER_CM)}`,
  lowShare: () => percent(LOW_SHARE),
  highShare: () => percent(1 - LOW_SHARE),
  skinStates: () =>
    `cool from ${figure(SKIN_C.comfort)}, cold from ${figure(SKIN_C.cold)}, near numb from ${figure(SKIN_C.hard)}`,
  holds: () => `${figure(MOST_PER_MASS)} ×`,
  packHolds: () => percent(PACK_FADES_FROM),
  breathCovered: () => percent(BREATH_SHARE.faceCovered),
  breathBare: () => percent(BREATH_SHARE.faceBare),
  breathKept: () => percent(BREATH_KEPT),
  breathedShare: () => percent(BREATHED_SHARE),
  coversMouth: () => percent(COVERS_MOUTH_FROM),
};
