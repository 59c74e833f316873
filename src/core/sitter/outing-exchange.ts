import {
  convection,
  radiation,
  saturationPressureKPa,
  SEGMENT_COUNT,
  type Body,
  type BodyParameters,
  type SkinExchange,
} from "../body";
import { clothingInsulation, stirring } from "../clothing";
import {
  DIGIT_COUNT,
  DIGIT_RADIATION_W_PER_M2K,
  DIGIT_SEGMENT,
  digitConvection,
  NOSE,
  USUAL_SOLE_SHARE,
} from "../digits";
import { isDigitPatch, SITE_INDEX, SITES } from "../patches";
import { LEWIS_K_PER_KPA } from "../units";
import { BREATHED_SHARE, type ClothingMoisture } from "../water";
import { BODY_POSTURE, type Conditions } from "./conditions";
import { FollowedConditions, followedC } from "./followed-conditions";
import { wetContact } from "./outfit/wet-contact";
import { DIGIT_SITE } from "./outfit/outfit";
import { INSIDE_C, SurfaceExchange } from "./outfit/surface-exchange";
import { restsOnSeat } from "./outfit/contact";

/** 1 where a site is a digit: fingers and toes lose their heat by themselves. */
const IS_DIGIT_SITE = Uint8Array.from(SITES, ({ patch }) => (isDigitPatch(patch) ? 1 : 0));
/** Site each digit covers; nose and cheeks share the face and are watched only. */
const DIGIT_AT_SITE = Int32Array.from(DIGIT_SITE);
const SITE_SEGMENT = Int32Array.from(SITES, ({ segmentIndex }) => segmentIndex);
const SITE_SHARE = Float64Array.from(SITES, ({ share }) => share);

const FACE = SITE_INDEX.face!;
/** Toes and the sole on which they rest, by digit; −1 where a digit rests on nothing. */
const SOLE_OF_DIGIT = Int32Array.from(DIGIT_SITE, (site) =>
  SITES[site]!.patch === "toes" ? SITE_INDEX[`sole.${SITES[site]!.side!}`]! : -1,
);
/** Share of its insulation that dry clothing keeps. */
const DRY = new Float64Array(SEGMENT_COUNT).fill(1);

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

  /** Outer surface to air and sky, the mean over what is free, m²·K/W, by the order of SEGMENTS. */
  readonly airM2KPerW = new Float64Array(SEGMENT_COUNT);
  /** Share of what goes to air and sky that goes to the air, by segment; by digit. */
  readonly convectionShare = new Float64Array(SEGMENT_COUNT);
  private readonly digitConvectionShare = new Float64Array(DIGIT_COUNT);
  /** Air and sky weighed by how they take heat, °C. */
  readonly operativeC = new Float64Array(SEGMENT_COUNT);

  private readonly windMPerS = new Float64Array(SEGMENT_COUNT);
  private readonly convectionWPerM2K = new Float64Array(SEGMENT_COUNT);
  private readonly airC = new Float64Array(SEGMENT_COUNT);
  /** Of what lies outermost, by share of the segment. */
  private readonly vapourIndex = new Float64Array(SEGMENT_COUNT);
  /** Of the clothing alone, as wet as it is, m²·K/W. */
  readonly clothingM2KPerW = new Float64Array(SEGMENT_COUNT);
  /** Evaporative, of the air outside, m²·kPa/W. */
  readonly airVapourM2KPaPerW = new Float64Array(SEGMENT_COUNT);
  /** Per m² of segment skin: towards air and sky, and towards what is touched. */
  private readonly freeWPerM2K = new Float64Array(SEGMENT_COUNT);
  private readonly touchingWPerM2K = new Float64Array(SEGMENT_COUNT);
  /** Share of the dry exchange that goes to air and sky. */
  private readonly freeShare = new Float64Array(SEGMENT_COUNT);
  /** Share of a digit's loss that goes into what it rests on. */
  private readonly digitTouchingShare = new Float64Array(DIGIT_COUNT);
  /** Conductance times convection share, summed by segment, by site and by digit. */
  private readonly toAirWPerM2K = new Float64Array(SEGMENT_COUNT);
  private readonly siteToAirWPerM2K = new Float64Array(SITES.length);
  private readonly digitToAirWPerM2K = new Float64Array(DIGIT_COUNT);
  private readonly surface = new SurfaceExchange();
  private stackM2KPerW = new Float64Array(0);
  private readonly before = new FollowedConditions();

  /**
   * @param water what keeps the water in the clothes, if they take up any
   * @param soleShare share of the toes' surface that rests on the sole
   */
  constructor(
    private readonly water: ClothingMoisture | null = null,
    private readonly soleShare: number = USUAL_SOLE_SHARE,
  ) {}

  /** Writes one step's exchange. */
  write(out: SkinExchange, body: Body, at: Conditions): void {
    const waterVersion = this.water?.version ?? 0;
    if (this.before.differFrom(at, waterVersion)) {
      this.before.follow(at, waterVersion);
      this.writeResistances(at, body.now.skinC);
      this.writeConductances(out, body.parameters);
    }
    const { freeShare, convectionShare, operativeC, digitSurroundingsC } = this;
    const { surroundingsC } = out;
    const { airTemperatureC, radiantTemperatureC, groundTemperatureC, seatTemperatureC } = at;
    const vapourKPa = (saturationPressureKPa(airTemperatureC) * at.relativeHumidityPercent) / 100;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const operative = radiantTemperatureC + convectionShare[segment]! * (airTemperatureC - radiantTemperatureC);
      operativeC[segment] = operative;
      const touchedC = restsOnSeat(segment, at.posture) ? seatTemperatureC : groundTemperatureC;
      surroundingsC[segment] = touchedC + freeShare[segment]! * (operative - touchedC);
    }
    out.vapourPressureKPa.fill(vapourKPa);
    out.breathedAirC = airTemperatureC;
    const { digitConvectionShare, digitTouchingShare } = this;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const operative = radiantTemperatureC + digitConvectionShare[digit]! * (airTemperatureC - radiantTemperatureC);
      digitSurroundingsC[digit] = operative + digitTouchingShare[digit]! * (groundTemperatureC - operative);
    }
  }

  /** What stays the same until the resistances change. */
  private writeConductances(out: SkinExchange, { skinAreaM2 }: BodyParameters): void {
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const free = this.freeWPerM2K[segment]!;
      const all = free + this.touchingWPerM2K[segment]!;
      this.freeShare[segment] = free / all;
      out.dryConductanceWPerK[segment] = all * skinAreaM2[segment]!;
      const ofAir = 1 / (LEWIS_K_PER_KPA * this.convectionWPerM2K[segment]!);
      const evaporative = this.clothingM2KPerW[segment]! / (LEWIS_K_PER_KPA * this.vapourIndex[segment]!) + ofAir;
      this.airVapourM2KPaPerW[segment] = ofAir;
      out.vapourConductanceWPerKPa[segment] = skinAreaM2[segment]! / evaporative;
    }
  }

  private writeResistances(at: Conditions, skinC: Float64Array): void {
    const stirred = stirring(at.relativeWindMPerS, at.walkSpeedMPerS);
    this.windMPerS.fill(at.relativeWindMPerS);
    this.airC.fill(at.airTemperatureC);
    this.surface.around(followedC(at.airTemperatureC), followedC(at.radiantTemperatureC));
    const posture = BODY_POSTURE[at.posture];
    convection(this.convectionWPerM2K, posture, this.windMPerS, this.airC, skinC, "greater");
    this.writeStacks(at, stirred);
    this.writeDigits(at);
    this.writeSites(at, radiation(posture));
    this.restToes(at);
  }

  /** Clothing of each different stack. */
  private writeStacks(at: Conditions, stirred: number): void {
    const { stacks } = at.outfit;
    if (this.stackM2KPerW.length < stacks.length) this.stackM2KPerW = new Float64Array(stacks.length);
    const { stackM2KPerW } = this;
    for (let index = 0; index < stacks.length; index++) {
      stackM2KPerW[index] = clothingInsulation(stacks[index]!, stirred);
    }
  }

  /** Digits as they meet air and sky. */
  private writeDigits(at: Conditions): void {
    const { stacks, digitParts, digitShapes } = at.outfit;
    const { digitsM2KPerW, digitToAirWPerM2K, digitConvectionShare, stackM2KPerW, surface } = this;
    const kept = this.water?.state.retainedInsulation ?? DRY;
    const mouthKept = this.water?.state.mouthKeptShare ?? 1;
    digitsM2KPerW.fill(0);
    digitToAirWPerM2K.fill(0);
    let convects = 0;
    for (let part = 0; part < digitParts.place.length; part++) {
      const digit = digitParts.place[part]!;
      const stack = digitParts.stack[part]!;
      if (part === 0 || digitParts.place[part - 1] !== digit) {
        convects = digitConvection(digitShapes[digit]!, at.relativeWindMPerS);
      }
      const keeps = kept[DIGIT_SEGMENT[digit]!]! * (digit === NOSE ? mouthKept : 1);
      const conductance =
        digitParts.share[part]! /
        surface.find(
          convects,
          DIGIT_RADIATION_W_PER_M2K,
          stackM2KPerW[stack]! * keeps,
          stacks[stack]!.skinOverOuterArea,
          INSIDE_C.digit,
        );
      digitsM2KPerW[digit] = digitsM2KPerW[digit]! + conductance;
      digitToAirWPerM2K[digit] = digitToAirWPerM2K[digit]! + conductance * surface.convectionShare;
    }
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      digitConvectionShare[digit] = digitToAirWPerM2K[digit]! / digitsM2KPerW[digit]!;
      digitsM2KPerW[digit] = 1 / digitsM2KPerW[digit]!;
    }
  }

  /** Toes rest on the sole with a part of their surface: that part loses its heat into what lies under it. */
  private restToes({ contactM2KPerW }: Conditions): void {
    const { digitsM2KPerW, digitTouchingShare, sitesM2KPerW, soleShare } = this;
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const sole = SOLE_OF_DIGIT[digit]!;
      digitTouchingShare[digit] = 0;
      if (sole < 0) continue;
      const site = DIGIT_AT_SITE[digit]!;
      const isImmersed = !Number.isNaN(contactM2KPerW[site]!);
      const upper = (1 - soleShare) / (isImmersed ? contactM2KPerW[site]! : digitsM2KPerW[digit]!);
      const under = soleShare / sitesM2KPerW[sole]!;
      const touching = (isImmersed ? upper : 0) + (Number.isNaN(contactM2KPerW[sole]!) ? 0 : under);
      digitTouchingShare[digit] = touching / (upper + under);
      digitsM2KPerW[digit] = 1 / (upper + under);
      sitesM2KPerW[site] = digitsM2KPerW[digit]!;
    }
  }

  private writeSites(at: Conditions, radiationWPerM2K: Float64Array): void {
    this.writeSiteResistances(at, radiationWPerM2K);
    this.writeAir(at);
    const { sitesM2KPerW, airM2KPerW, freeWPerM2K, touchingWPerM2K, clothingM2KPerW } = this;
    clothingM2KPerW.fill(0);
    for (let site = 0; site < SITES.length; site++) {
      const segment = SITE_SEGMENT[site]!;
      const share = SITE_SHARE[site]!;
      const total = sitesM2KPerW[site]!;
      clothingM2KPerW[segment] = clothingM2KPerW[segment]! + share * Math.max(0, total - airM2KPerW[segment]!);
      if (IS_DIGIT_SITE[site] === 1 || Number.isNaN(at.contactM2KPerW[site]!)) continue; // digits lose their heat themselves
      touchingWPerM2K[segment] = touchingWPerM2K[segment]! + share / total;
    }
    // A segment that touches with all of its skin has nothing free to divide by, and no surroundings to weigh.
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      this.convectionShare[segment] =
        freeWPerM2K[segment]! > 0 ? this.toAirWPerM2K[segment]! / freeWPerM2K[segment]! : 1;
    }
  }

  /** Conductance to air and sky of what is free, by segment, and the resistance of the outer air. */
  private writeAir(at: Conditions): void {
    const { sitesM2KPerW, siteToAirWPerM2K, freeWPerM2K, touchingWPerM2K, toAirWPerM2K } = this;
    freeWPerM2K.fill(0);
    touchingWPerM2K.fill(0);
    toAirWPerM2K.fill(0);
    for (let site = 0; site < SITES.length; site++) {
      if (IS_DIGIT_SITE[site] === 1 || !Number.isNaN(at.contactM2KPerW[site]!)) continue;
      const segment = SITE_SEGMENT[site]!;
      const share = SITE_SHARE[site]!;
      freeWPerM2K[segment] = freeWPerM2K[segment]! + share / sitesM2KPerW[site]!;
      toAirWPerM2K[segment] = toAirWPerM2K[segment]! + share * siteToAirWPerM2K[site]!;
    }
  }

  private writeSiteResistances(at: Conditions, radiationWPerM2K: Float64Array): void {
    const { stacks, siteParts } = at.outfit;
    const { sitesM2KPerW, siteToAirWPerM2K, digitsM2KPerW, stackM2KPerW, airM2KPerW, vapourIndex, surface } = this;
    const kept = this.water?.state.retainedInsulation ?? DRY;
    const faceKept = 1 - BREATHED_SHARE * (1 - (this.water?.state.mouthKeptShare ?? 1));
    sitesM2KPerW.fill(0);
    siteToAirWPerM2K.fill(0);
    vapourIndex.fill(0);
    airM2KPerW.fill(0);
    for (let part = 0; part < siteParts.place.length; part++) {
      const site = siteParts.place[part]!;
      const stack = siteParts.stack[part]!;
      const segment = SITE_SEGMENT[site]!;
      const share = siteParts.share[part]!;
      const keeps = kept[segment]! * (site === FACE ? faceKept : 1);
      const conductance =
        share /
        surface.find(
          this.convectionWPerM2K[segment]!,
          radiationWPerM2K[segment]!,
          stackM2KPerW[stack]! * keeps,
          stacks[stack]!.skinOverOuterArea,
          INSIDE_C.skin,
        );
      const ofSegment = SITE_SHARE[site]! * share;
      sitesM2KPerW[site] = sitesM2KPerW[site]! + conductance;
      siteToAirWPerM2K[site] = siteToAirWPerM2K[site]! + conductance * surface.convectionShare;
      airM2KPerW[segment] = airM2KPerW[segment]! + ofSegment / surface.bothWPerM2K;
      vapourIndex[segment] = vapourIndex[segment]! + ofSegment * stacks[stack]!.vapourIndex;
    }
    for (let site = 0; site < SITES.length; site++) {
      const contact = at.contactM2KPerW[site]!;
      sitesM2KPerW[site] = Number.isNaN(contact) ? 1 / sitesM2KPerW[site]! : contact;
    }
    if (this.water && at.contactWater) wetContact(sitesM2KPerW, at.contactWater, this.water.state.waterGPerM2);
    for (let digit = 0; digit < DIGIT_COUNT; digit++) {
      const site = DIGIT_AT_SITE[digit]!;
      if (IS_DIGIT_SITE[site] === 1) sitesM2KPerW[site] = digitsM2KPerW[digit]!;
    }
  }
}
