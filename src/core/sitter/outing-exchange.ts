import { convection, radiation, saturationPressureKPa, SEGMENT_COUNT, type Body, type SkinExchange } from "../body";
import { clothingInsulation, stirring } from "../clothing";
import { DIGIT_COUNT, DIGIT_RADIATION_W_PER_M2K, DIGIT_SEGMENT, digitConvection } from "../digits";
import { isDigitPatch, SITE_INDEX, SITES } from "../patches";
import { LEWIS_K_PER_KPA } from "../units";
import type { Conditions } from "./conditions";
import { DIGIT_SITE } from "./outfit";

/** Vapour index of ordinary clothing (ISO 9920:2007); by outer layer once wetness is built. */
const VAPOUR_INDEX = 0.38;

/** Digit whose resistance stands for a site; −1 where the site is none. Nose and cheeks share the face and are watched only. */
const SITE_DIGIT = Int32Array.from(SITES, ({ key, patch }) =>
  isDigitPatch(patch) ? DIGIT_SITE.indexOf(SITE_INDEX[key]!) : -1,
);
const SITE_SEGMENT = Int32Array.from(SITES, ({ segmentIndex }) => segmentIndex);
const SITE_SHARE = Float64Array.from(SITES, ({ share }) => share);

/** How skin and digits meet the air in a step; buffers of one sitter, filled by `write` without allocating. */
export class OutingExchange {
  /** Resistance skin to surroundings of every site, in the order of SITES, m²·K/W; fingers and toes by their digit. */
  readonly sitesM2KPerW = new Float64Array(SITES.length);
  /** By the order of DIGITS. */
  readonly digitsM2KPerW = new Float64Array(DIGIT_COUNT);
  readonly digitSurroundingsC = new Float64Array(DIGIT_COUNT);

  private readonly windMPerS = new Float64Array(SEGMENT_COUNT);
  private readonly airC = new Float64Array(SEGMENT_COUNT);
  private readonly convectionWPerM2K = new Float64Array(SEGMENT_COUNT);
  private readonly airLayerM2KPerW = new Float64Array(SEGMENT_COUNT);
  private readonly operativeC = new Float64Array(SEGMENT_COUNT);
  private readonly conductanceWPerM2K = new Float64Array(SEGMENT_COUNT);
  private readonly towards = new Float64Array(SEGMENT_COUNT);
  private readonly clothingM2KPerW = new Float64Array(SEGMENT_COUNT);
  private stackM2KPerW = new Float64Array(0);

  private writeAir(at: Conditions): void {
    const { windMPerS, airC, convectionWPerM2K, airLayerM2KPerW, operativeC } = this;
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

  /** Clothing of each different stack once a step. */
  private writeStacks(at: Conditions, stirred: number): void {
    const { stacks } = at.outfit;
    if (this.stackM2KPerW.length < stacks.length) this.stackM2KPerW = new Float64Array(stacks.length);
    const { stackM2KPerW } = this;
    for (let place = 0; place < stacks.length; place++) {
      stackM2KPerW[place] = clothingInsulation(stacks[place]!, stirred);
    }
  }

  private writeDigits(at: Conditions): void {
    const { stacks, digitStack, digitShapes } = at.outfit;
    const { digitsM2KPerW, digitSurroundingsC, stackM2KPerW, operativeC } = this;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const stack = digitStack[digit]!;
      const surface = digitConvection(digitShapes[digit]!, at.relativeWindMPerS) + DIGIT_RADIATION_W_PER_M2K;
      digitsM2KPerW[digit] = stackM2KPerW[stack]! + stacks[stack]!.skinOverOuterArea / surface;
      digitSurroundingsC[digit] = operativeC[DIGIT_SEGMENT[digit]!]!;
    }
  }

  private writeSites(at: Conditions): void {
    const { stacks, siteStack } = at.outfit;
    const { sitesM2KPerW, digitsM2KPerW, stackM2KPerW, airLayerM2KPerW, operativeC } = this;
    const { conductanceWPerM2K, towards, clothingM2KPerW } = this;
    conductanceWPerM2K.fill(0);
    towards.fill(0);
    clothingM2KPerW.fill(0);
    for (let index = 0; index < SITES.length; index++) {
      const segment = SITE_SEGMENT[index]!;
      const share = SITE_SHARE[index]!;
      const air = airLayerM2KPerW[segment]!;
      const digit = SITE_DIGIT[index]!;
      const contact = at.contactM2KPerW[index]!;
      const stack = siteStack[index]!;
      const free = Number.isNaN(contact);
      const total =
        digit >= 0
          ? digitsM2KPerW[digit]!
          : free
            ? stackM2KPerW[stack]! + stacks[stack]!.skinOverOuterArea * air
            : contact;
      sitesM2KPerW[index] = total;
      clothingM2KPerW[segment] = clothingM2KPerW[segment]! + share * Math.max(0, total - air);
      if (digit >= 0) continue; // loses its heat as a digit
      const conductance = share / total;
      conductanceWPerM2K[segment] = conductanceWPerM2K[segment]! + conductance;
      towards[segment] = towards[segment]! + conductance * (free ? operativeC[segment]! : at.groundTemperatureC);
    }
  }

  /**
   * Writes how skin and digits meet an outing's surroundings: parallel patches per segment, contact with the ground
   * where weight rests, convection the greater of natural and forced.
   * @source physics of the outing mode, change 1 (docs/method.md)
   */
  write(out: SkinExchange, body: Body, at: Conditions): void {
    const stirred = stirring(at.relativeWindMPerS, at.walkSpeedMPerS);
    const vapourKPa = (saturationPressureKPa(at.airTemperatureC) * at.relativeHumidityPercent) / 100;
    this.writeAir(at);
    this.writeStacks(at, stirred);
    this.writeDigits(at);
    this.writeSites(at);
    const { conductanceWPerM2K, towards, clothingM2KPerW, convectionWPerM2K } = this;
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
}
