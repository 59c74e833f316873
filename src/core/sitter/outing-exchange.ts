import { convection, radiation, saturationPressureKPa, SEGMENT_COUNT, type Body, type SkinExchange } from "../body";
import { clothingInsulation, stirring } from "../clothing";
import { DIGIT_COUNT, DIGIT_RADIATION_W_PER_M2K, DIGIT_SEGMENT, digitConvection } from "../digits";
import { isDigitPatch, SITE_INDEX, SITES } from "../patches";
import { LEWIS_K_PER_KPA } from "../units";
import type { Conditions } from "./conditions";
import { DIGIT_SITE } from "./outfit";

/** Vapour index of ordinary clothing (ISO 9920:2007); by outer layer once wetness is built. */
const VAPOUR_INDEX = 0.38;

/** How skin and digits meet the air in a step. */
export type OutingExchange = {
  /** Resistance skin to surroundings of every site, in the order of SITES, m²·K/W; fingers and toes by their digit. */
  readonly sitesM2KPerW: Float64Array;
  /** By the order of DIGITS. */
  readonly digitsM2KPerW: Float64Array;
  readonly digitSurroundingsC: Float64Array;
};

/** Digit whose resistance stands for a site; −1 where the site is none. Nose and cheeks share the face and are watched only. */
const SITE_DIGIT: readonly number[] = SITES.map(({ key, patch }) =>
  isDigitPatch(patch) ? DIGIT_SITE.indexOf(SITE_INDEX[key]!) : -1,
);

/** Buffers of one sitter; `write` fills them and allocates nothing. */
export function createOutingExchange(): OutingExchange & {
  write(out: SkinExchange, body: Body, at: Conditions): void;
} {
  const sitesM2KPerW = new Float64Array(SITES.length);
  const digitsM2KPerW = new Float64Array(DIGIT_COUNT);
  const digitSurroundingsC = new Float64Array(DIGIT_COUNT);
  const windMPerS = new Float64Array(SEGMENT_COUNT);
  const airC = new Float64Array(SEGMENT_COUNT);
  const convectionWPerM2K = new Float64Array(SEGMENT_COUNT);
  const airLayerM2KPerW = new Float64Array(SEGMENT_COUNT);
  const operativeC = new Float64Array(SEGMENT_COUNT);
  const conductanceWPerM2K = new Float64Array(SEGMENT_COUNT);
  const towards = new Float64Array(SEGMENT_COUNT);
  const clothingM2KPerW = new Float64Array(SEGMENT_COUNT);

  function writeAir(at: Conditions): void {
    windMPerS.fill(at.relativeWindMPerS);
    airC.fill(at.airTemperatureC);
    convection(convectionWPerM2K, at.posture, windMPerS, airC, airC, "greater");
    const radiating = radiation(at.posture);
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const hc = convectionWPerM2K[segment]!;
      const hr = radiating[segment]!;
      airLayerM2KPerW[segment] = 1 / (hc + hr);
      operativeC[segment] = (hc * at.airTemperatureC + hr * at.radiantTemperatureC) / (hc + hr);
    }
  }

  function writeDigits(at: Conditions, stirred: number): void {
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const stack = at.outfit.digitStacks[digit]!;
      const surface = digitConvection(at.outfit.digitShapes[digit]!, at.relativeWindMPerS) + DIGIT_RADIATION_W_PER_M2K;
      digitsM2KPerW[digit] = clothingInsulation(stack, stirred) + stack.skinOverOuterArea / surface;
      digitSurroundingsC[digit] = operativeC[DIGIT_SEGMENT[digit]!]!;
    }
  }

  function writeSites(at: Conditions, stirred: number): void {
    conductanceWPerM2K.fill(0);
    towards.fill(0);
    clothingM2KPerW.fill(0);
    for (let index = 0; index < SITES.length; index++) {
      const { segmentIndex: segment, share } = SITES[index]!;
      const air = airLayerM2KPerW[segment]!;
      const digit = SITE_DIGIT[index]!;
      const contact = at.contactM2KPerW[index] ?? null;
      const stack = at.outfit.stacks[index]!;
      const total =
        digit >= 0
          ? digitsM2KPerW[digit]!
          : (contact ?? clothingInsulation(stack, stirred) + stack.skinOverOuterArea * air);
      sitesM2KPerW[index] = total;
      clothingM2KPerW[segment]! += share * Math.max(0, total - air);
      if (digit >= 0) continue; // loses its heat as a digit
      conductanceWPerM2K[segment]! += share / total;
      towards[segment]! += (share / total) * (contact === null ? operativeC[segment]! : at.groundTemperatureC);
    }
  }

  /**
   * Writes how skin and digits meet an outing's surroundings: parallel patches per segment, contact with the ground
   * where weight rests, convection the greater of natural and forced.
   * @source physics of the outing mode, change 1 (docs/method.md)
   */
  function write(out: SkinExchange, body: Body, at: Conditions): void {
    const stirred = stirring(at.relativeWindMPerS, at.walkSpeedMPerS);
    const vapourKPa = (saturationPressureKPa(at.airTemperatureC) * at.relativeHumidityPercent) / 100;
    writeAir(at);
    writeDigits(at, stirred);
    writeSites(at, stirred);
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const conductance = conductanceWPerM2K[segment]!;
      out.surroundingsC[segment] = towards[segment]! / conductance;
      out.dryConductanceWPerK[segment] = conductance * body.parameters.skinAreaM2[segment]!;
      out.evaporativeResistanceM2KPaPerW[segment] =
        clothingM2KPerW[segment]! / (LEWIS_K_PER_KPA * VAPOUR_INDEX) +
        1 / (LEWIS_K_PER_KPA * convectionWPerM2K[segment]!);
      out.vapourPressureKPa[segment] = vapourKPa;
    }
    out.breathedAirC = at.airTemperatureC;
  }

  return { sitesM2KPerW, digitsM2KPerW, digitSurroundingsC, write };
}
