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

/** What the resistances of a step follow from; while it stays the same they do too. */
const sameResistances = (one: Conditions, other: Conditions): boolean =>
  one.outfit === other.outfit &&
  one.contactM2KPerW === other.contactM2KPerW &&
  one.posture === other.posture &&
  one.relativeWindMPerS === other.relativeWindMPerS &&
  one.walkSpeedMPerS === other.walkSpeedMPerS;

/**
 * How skin and digits meet an outing's surroundings in a step: parallel patches per segment, contact with the ground
 * where weight rests, convection the greater of natural and forced. Buffers of one sitter, filled without allocating.
 * @source physics of the outing mode, change 1 (docs/method.md)
 */
export class OutingExchange {
  /** Resistance skin to surroundings of every site, in the order of SITES, m²·K/W; fingers and toes by their digit. */
  readonly sitesM2KPerW = new Float64Array(SITES.length);
  /** By the order of DIGITS. */
  readonly digitsM2KPerW = new Float64Array(DIGIT_COUNT);
  readonly digitSurroundingsC = new Float64Array(DIGIT_COUNT);

  private readonly windMPerS = new Float64Array(SEGMENT_COUNT);
  private readonly convectionWPerM2K = new Float64Array(SEGMENT_COUNT);
  private readonly clothingM2KPerW = new Float64Array(SEGMENT_COUNT);
  /** Per m² of segment skin: towards air and sky, and towards what is touched. */
  private readonly freeWPerM2K = new Float64Array(SEGMENT_COUNT);
  private readonly touchingWPerM2K = new Float64Array(SEGMENT_COUNT);
  /** Share of the dry exchange that goes to air and sky, and share of that which goes to the air. */
  private readonly freeShare = new Float64Array(SEGMENT_COUNT);
  private readonly convectionShare = new Float64Array(SEGMENT_COUNT);
  /** Air and sky weighed by how they take heat, °C. */
  private readonly operativeC = new Float64Array(SEGMENT_COUNT);
  private stackM2KPerW = new Float64Array(0);
  private before: Conditions | null = null;

  /** Writes one step's exchange. */
  write(out: SkinExchange, body: Body, at: Conditions): void {
    if (this.before === null || !sameResistances(this.before, at)) {
      this.writeResistances(out, at);
      this.writeConductances(out, body);
    }
    this.before = at;
    const { freeShare, convectionShare, operativeC, digitSurroundingsC } = this;
    const { surroundingsC } = out;
    const { airTemperatureC, radiantTemperatureC, groundTemperatureC } = at;
    const vapourKPa = (saturationPressureKPa(airTemperatureC) * at.relativeHumidityPercent) / 100;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const operative = radiantTemperatureC + convectionShare[segment]! * (airTemperatureC - radiantTemperatureC);
      operativeC[segment] = operative;
      surroundingsC[segment] = groundTemperatureC + freeShare[segment]! * (operative - groundTemperatureC);
    }
    out.vapourPressureKPa.fill(vapourKPa);
    out.breathedAirC = airTemperatureC;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) digitSurroundingsC[digit] = operativeC[DIGIT_SEGMENT[digit]!]!;
  }

  /** What stays the same until the resistances change. */
  private writeConductances(out: SkinExchange, body: Body): void {
    const { skinAreaM2 } = body.parameters;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const free = this.freeWPerM2K[segment]!;
      const all = free + this.touchingWPerM2K[segment]!;
      this.freeShare[segment] = free / all;
      out.dryConductanceWPerK[segment] = all * skinAreaM2[segment]!;
    }
  }

  private writeResistances(out: SkinExchange, at: Conditions): void {
    const stirred = stirring(at.relativeWindMPerS, at.walkSpeedMPerS);
    this.windMPerS.fill(at.relativeWindMPerS);
    // Lying alone would need skin and air temperatures, and an outing has no such posture yet.
    convection(this.convectionWPerM2K, at.posture, this.windMPerS, this.windMPerS, this.windMPerS, "greater");
    const radiating = radiation(at.posture);
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const hc = this.convectionWPerM2K[segment]!;
      this.convectionShare[segment] = hc / (hc + radiating[segment]!);
    }
    this.writeStacks(at, stirred);
    this.writeDigits(at);
    this.writeSites(at);
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      out.evaporativeResistanceM2KPaPerW[segment] =
        this.clothingM2KPerW[segment]! / (LEWIS_K_PER_KPA * VAPOUR_INDEX) +
        1 / (LEWIS_K_PER_KPA * this.convectionWPerM2K[segment]!);
    }
  }

  /** Clothing of each different stack. */
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
    const { digitsM2KPerW, stackM2KPerW } = this;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const stack = digitStack[digit]!;
      const surface = digitConvection(digitShapes[digit]!, at.relativeWindMPerS) + DIGIT_RADIATION_W_PER_M2K;
      digitsM2KPerW[digit] = stackM2KPerW[stack]! + stacks[stack]!.skinOverOuterArea / surface;
    }
  }

  private writeSites(at: Conditions): void {
    const { stacks, siteStack } = at.outfit;
    const { sitesM2KPerW, digitsM2KPerW, stackM2KPerW, convectionWPerM2K } = this;
    const { freeWPerM2K, touchingWPerM2K, clothingM2KPerW } = this;
    const radiating = radiation(at.posture);
    freeWPerM2K.fill(0);
    touchingWPerM2K.fill(0);
    clothingM2KPerW.fill(0);
    for (let index = 0; index < SITES.length; index++) {
      const segment = SITE_SEGMENT[index]!;
      const share = SITE_SHARE[index]!;
      const air = 1 / (convectionWPerM2K[segment]! + radiating[segment]!);
      const digit = SITE_DIGIT[index]!;
      const contact = at.contactM2KPerW[index]!;
      const stack = siteStack[index]!;
      const free = Number.isNaN(contact);
      const worn = stackM2KPerW[stack]! + stacks[stack]!.skinOverOuterArea * air;
      const total = digit >= 0 ? digitsM2KPerW[digit]! : free ? worn : contact;
      sitesM2KPerW[index] = total;
      clothingM2KPerW[segment] = clothingM2KPerW[segment]! + share * Math.max(0, total - air);
      if (digit >= 0) continue; // loses its heat as a digit
      const towards = free ? freeWPerM2K : touchingWPerM2K;
      towards[segment] = towards[segment]! + share / total;
    }
  }
}
