import * as m from "@/messages";
import { SEGMENT_COUNT, SEGMENT_INDEX, type Segment } from "../body";
import { DIGIT_COUNT, DIGITS, type Digit } from "../digits";
import { CoreError } from "../errors";
import type { Conditions, Sitter } from "../sitter";

/** Curves of an outing, a value per minute from its start (index 0 is the moment of stepping out). */
export type OutingSeries = {
  readonly minutes: number;
  readonly digitC: Readonly<Record<Digit, Float64Array>>;
  readonly heatDebtWhPerM2: Float64Array;
  readonly shiveringWPerM2: Float64Array;
  readonly trunkC: Float64Array;
  readonly meanSkinC: Float64Array;
  readonly heatMadeW: Float64Array;
  readonly airTemperatureC: Float64Array;
  readonly relativeWindMPerS: Float64Array;
  /** Water in the clothes of each part, g per m² of its skin; over the mouth, of the cloth there. */
  readonly waterGPerM2: Readonly<Record<WetPart, Float64Array>>;
  /** 17 values a minute, in the order of SEGMENTS. */
  readonly segmentSkinC: Float64Array;
};

/** Parts whose wetness is told. */
export const WET_PARTS = ["trunk", "feet", "hands", "head", "legs", "mouth"] as const;
export type WetPart = (typeof WET_PARTS)[number];
/** Segments of each part; the cloth over the mouth is followed by itself. */
const WET_SEGMENTS: Readonly<Record<Exclude<WetPart, "mouth">, readonly Segment[]>> = {
  trunk: ["chest", "back", "pelvis"],
  feet: ["leftFoot", "rightFoot"],
  hands: ["leftHand", "rightHand"],
  head: ["head", "neck"],
  legs: ["leftThigh", "leftLeg", "rightThigh", "rightLeg"],
};
const SEGMENTS_OF_PART = Object.values(WET_SEGMENTS).map((segments) => segments.map((own) => SEGMENT_INDEX[own]));

/** Writes a sitter's state into curves of a fixed length; minutes that were stepped over lie on the straight line. */
export type Recorder = { readonly series: OutingSeries; record(minute: number, sitter: Sitter, at: Conditions): void };

/**
 * @param minutes length of the curves: minutes 0 to `minutes`, both recorded
 * @param all whether each segment's skin and the water are recorded; otherwise their curves stay empty
 */
export function createRecorder(minutes: number, all = true): Recorder {
  const curve = (): Float64Array => new Float64Array(minutes + 1);
  const digitC = Object.fromEntries(DIGITS.map((digit) => [digit, curve()])) as Record<Digit, Float64Array>;
  const ofWater = WET_PARTS.map((part) => [part, all ? curve() : new Float64Array(0)] as const);
  const waterGPerM2 = Object.fromEntries(ofWater) as Record<WetPart, Float64Array>;
  const waterCurves = all ? ofWater.map(([, values]) => values) : [];
  const digitCurves = DIGITS.map((digit) => digitC[digit]);
  const segmentSkinC = new Float64Array(all ? (minutes + 1) * SEGMENT_COUNT : 0);
  const series = {
    minutes,
    digitC,
    heatDebtWhPerM2: curve(),
    shiveringWPerM2: curve(),
    trunkC: curve(),
    meanSkinC: curve(),
    heatMadeW: curve(),
    airTemperatureC: curve(),
    relativeWindMPerS: curve(),
    waterGPerM2,
    segmentSkinC,
  };
  const curves = [
    ...digitCurves,
    ...waterCurves,
    series.heatDebtWhPerM2,
    series.shiveringWPerM2,
    series.trunkC,
    series.meanSkinC,
    series.heatMadeW,
    series.airTemperatureC,
    series.relativeWindMPerS,
  ];
  let last = 0;
  const record = (minute: number, sitter: Sitter, at: Conditions): void => {
    for (let digit = 0; digit < DIGIT_COUNT; digit++) digitCurves[digit]![minute] = sitter.digitC[digit]!;
    series.heatDebtWhPerM2[minute] = sitter.debtWhPerM2();
    series.shiveringWPerM2[minute] = sitter.shiveringWPerM2();
    series.trunkC[minute] = aliveTrunkC(sitter, minute);
    series.meanSkinC[minute] = sitter.meanSkinC();
    series.heatMadeW[minute] = sitter.body.last.heatMadeW;
    series.airTemperatureC[minute] = at.airTemperatureC;
    series.relativeWindMPerS[minute] = at.relativeWindMPerS;
    if (sitter.wet) recordWater(waterCurves, minute, sitter);
    if (all) recordSkin(segmentSkinC, minute, sitter.body.now.skinC);
    if (minute - last > 1) {
      for (const curve of curves) fillBetween(curve, last, minute, 1, 0);
      for (let segment = 0; all && segment < SEGMENT_COUNT; segment++) {
        fillBetween(segmentSkinC, last, minute, SEGMENT_COUNT, segment);
      }
    }
    last = minute;
  };
  return { series, record };
}

/** Beyond it there is no person left to ask (assumption: about the hottest survived). A cold one was told long before. */
const HOTTEST_TRUNK_C = 43;

/** @throws {CoreError} `left-the-model` where the core is hotter than anyone survives, or no number at all */
function aliveTrunkC(sitter: Sitter, minute: number): number {
  const trunkC = sitter.trunkC();
  if (trunkC <= HOTTEST_TRUNK_C && sitter.digitC.every(Number.isFinite)) return trunkC;
  const way = trunkC > HOTTEST_TRUNK_C ? m.overheatsGiveLessEffortOrFewer : m.cannotBeComputedWithTheseFigures;
  throw new CoreError("left-the-model", m.afterMinTheBody({ minute, way }));
}

function recordWater(curves: readonly Float64Array[], minute: number, sitter: Sitter): void {
  if (curves.length === 0) return;
  SEGMENTS_OF_PART.forEach((segments, part) => (curves[part]![minute] = heldOver(sitter, segments)));
  curves[SEGMENTS_OF_PART.length]![minute] = sitter.wet!.heldOverMouthGPerM2();
}

/** Water in the clothes over some segments, g per m² of their skin. */
function heldOver({ wet, body }: Sitter, segments: readonly number[]): number {
  const { skinAreaM2 } = body.parameters;
  let heldG = 0;
  let areaM2 = 0;
  for (const segment of segments) {
    heldG += wet!.heldGPerM2(segment) * skinAreaM2[segment]!;
    areaM2 += skinAreaM2[segment]!;
  }
  return heldG / areaM2;
}

/** Water in the clothes of the trunk now, g/m²; none where no water is followed. */
export const trunkWaterGPerM2 = (sitter: Sitter): number =>
  sitter.wet ? heldOver(sitter, SEGMENTS_OF_PART[WET_PARTS.indexOf("trunk")]!) : 0;

function recordSkin(segmentSkinC: Float64Array, minute: number, skinC: Float64Array): void {
  const from = minute * SEGMENT_COUNT;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) segmentSkinC[from + segment] = skinC[segment]!;
}

/** Draws a straight line between two places of a curve. */
function fillBetween(curve: Float64Array, from: number, to: number, stride: number, first: number): void {
  const start = curve[from * stride + first]!;
  const slope = (curve[to * stride + first]! - start) / (to - from);
  for (let index = from + 1; index < to; index++) curve[index * stride + first] = start + slope * (index - from);
}
