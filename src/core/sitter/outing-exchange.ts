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
import { DIGIT_COUNT, DIGIT_RADIATION_W_PER_M2K, DIGIT_SEGMENT, digitConvection, NOSE } from "../digits";
import { isDigitPatch, SITE_INDEX, SITES } from "../patches";
import { LEWIS_K_PER_KPA } from "../units";
import { BREATHED_SHARE, type WaterBook } from "../water";
import { BODY_POSTURE, type Conditions } from "./conditions";
import { wetContact } from "./wet-contact";
import { DIGIT_SITE } from "./outfit";

/** 1 where a site is a digit: fingers and toes lose their heat by themselves. */
const IS_DIGIT_SITE = Uint8Array.from(SITES, ({ patch }) => (isDigitPatch(patch) ? 1 : 0));
/** Site each digit covers; nose and cheeks share the face and are watched only. */
const DIGIT_AT_SITE = Int32Array.from(DIGIT_SITE);
const SITE_SEGMENT = Int32Array.from(SITES, ({ segmentIndex }) => segmentIndex);
const SITE_SHARE = Float64Array.from(SITES, ({ share }) => share);

const FACE = SITE_INDEX.face!;

/** Share of its insulation that dry clothing keeps. */
const DRY = new Float64Array(SEGMENT_COUNT).fill(1);

/** What the resistances of a step follow from; while it stays the same they do too. */
type Followed = {
  outfit: Conditions["outfit"] | null;
  contactM2KPerW: Float64Array | null;
  posture: Conditions["posture"] | null;
  relativeWindMPerS: number;
  walkSpeedMPerS: number;
  waterVersion: number;
};

/** Notes what the resistances follow from; whether any of it changed. */
function hasChanged(before: Followed, at: Conditions, waterVersion: number): boolean {
  const changed =
    at.posture === "lying" || // its convection follows skin and air
    before.outfit !== at.outfit ||
    before.contactM2KPerW !== at.contactM2KPerW ||
    before.posture !== at.posture ||
    before.relativeWindMPerS !== at.relativeWindMPerS ||
    before.walkSpeedMPerS !== at.walkSpeedMPerS ||
    before.waterVersion !== waterVersion;
  before.outfit = at.outfit;
  before.contactM2KPerW = at.contactM2KPerW;
  before.posture = at.posture;
  before.relativeWindMPerS = at.relativeWindMPerS;
  before.walkSpeedMPerS = at.walkSpeedMPerS;
  before.waterVersion = waterVersion;
  return changed;
}

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

  /** Skin bare to air and sky, m²·K/W, by the order of SEGMENTS. */
  readonly airM2KPerW = new Float64Array(SEGMENT_COUNT);
  /** Share of what goes to air and sky that goes to the air. */
  readonly convectionShare = new Float64Array(SEGMENT_COUNT);
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
  private stackM2KPerW = new Float64Array(0);
  private readonly before: Followed = {
    outfit: null,
    contactM2KPerW: null,
    posture: null,
    relativeWindMPerS: NaN,
    walkSpeedMPerS: NaN,
    waterVersion: 0,
  };

  private readonly water: WaterBook | null;

  /** @param water what keeps the water in the clothes, if they take up any */
  constructor(water: WaterBook | null = null) {
    this.water = water;
  }

  /** Writes one step's exchange. */
  write(out: SkinExchange, body: Body, at: Conditions): void {
    if (hasChanged(this.before, at, this.water?.version ?? 0)) {
      this.writeResistances(at, body.now.skinC);
      this.writeConductances(out, body.parameters);
    }
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
    const posture = BODY_POSTURE[at.posture];
    convection(this.convectionWPerM2K, posture, this.windMPerS, this.airC, skinC, "greater");
    const radiating = radiation(posture);
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const hc = this.convectionWPerM2K[segment]!;
      this.convectionShare[segment] = hc / (hc + radiating[segment]!);
      this.airM2KPerW[segment] = 1 / (hc + radiating[segment]!);
    }
    this.writeStacks(at, stirred);
    this.writeDigits(at);
    this.writeSites(at);
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
    const { stacks, digitParts, digitShapes } = at.outfit;
    const { digitsM2KPerW, stackM2KPerW } = this;
    const kept = this.water?.state.keptShare ?? DRY;
    const mouthKept = this.water?.state.mouthKeptShare ?? 1;
    digitsM2KPerW.fill(0);
    let surface = 0;
    for (let part = 0; part < digitParts.place.length; part++) {
      const digit = digitParts.place[part]!;
      const stack = digitParts.stack[part]!;
      if (part === 0 || digitParts.place[part - 1] !== digit) {
        surface = digitConvection(digitShapes[digit]!, at.relativeWindMPerS) + DIGIT_RADIATION_W_PER_M2K;
      }
      const keeps = kept[DIGIT_SEGMENT[digit]!]! * (digit === NOSE ? mouthKept : 1);
      const worn = stackM2KPerW[stack]! * keeps + stacks[stack]!.skinOverOuterArea / surface;
      digitsM2KPerW[digit] = digitsM2KPerW[digit]! + digitParts.share[part]! / worn;
    }
    for (let digit = 0; digit < DIGIT_COUNT; digit++) digitsM2KPerW[digit] = 1 / digitsM2KPerW[digit]!;
  }

  private writeSites(at: Conditions): void {
    this.writeSiteResistances(at);
    const { sitesM2KPerW, airM2KPerW, freeWPerM2K, touchingWPerM2K, clothingM2KPerW } = this;
    freeWPerM2K.fill(0);
    touchingWPerM2K.fill(0);
    clothingM2KPerW.fill(0);
    for (let site = 0; site < SITES.length; site++) {
      const segment = SITE_SEGMENT[site]!;
      const share = SITE_SHARE[site]!;
      const total = sitesM2KPerW[site]!;
      clothingM2KPerW[segment] = clothingM2KPerW[segment]! + share * Math.max(0, total - airM2KPerW[segment]!);
      if (IS_DIGIT_SITE[site] === 1) continue; // loses its heat as a digit
      const towards = Number.isNaN(at.contactM2KPerW[site]!) ? freeWPerM2K : touchingWPerM2K;
      towards[segment] = towards[segment]! + share / total;
    }
  }

  private writeSiteResistances(at: Conditions): void {
    const { stacks, siteParts } = at.outfit;
    const { sitesM2KPerW, digitsM2KPerW, stackM2KPerW, airM2KPerW, vapourIndex } = this;
    const kept = this.water?.state.keptShare ?? DRY;
    const faceKept = 1 - BREATHED_SHARE * (1 - (this.water?.state.mouthKeptShare ?? 1));
    sitesM2KPerW.fill(0);
    vapourIndex.fill(0);
    for (let part = 0; part < siteParts.place.length; part++) {
      const site = siteParts.place[part]!;
      const stack = siteParts.stack[part]!;
      const segment = SITE_SEGMENT[site]!;
      const share = siteParts.share[part]!;
      const keeps = kept[segment]! * (site === FACE ? faceKept : 1);
      const worn = stackM2KPerW[stack]! * keeps + stacks[stack]!.skinOverOuterArea * airM2KPerW[segment]!;
      sitesM2KPerW[site] = sitesM2KPerW[site]! + share / worn;
      vapourIndex[segment] = vapourIndex[segment]! + SITE_SHARE[site]! * share * stacks[stack]!.vapourIndex;
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
