import { SEGMENT_COUNT } from "../body";
import { DIGIT_COUNT, DIGITS, type Digit } from "../digits";
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
  /** 17 values a minute, in the order of SEGMENTS. */
  readonly segmentSkinC: Float64Array;
};

/** Writes a sitter's state into curves of a fixed length. */
export type Recorder = { readonly series: OutingSeries; record(minute: number, sitter: Sitter, at: Conditions): void };

/** @param minutes length of the curves: minutes 0 to `minutes`, both recorded */
export function createRecorder(minutes: number): Recorder {
  const curve = (): Float64Array => new Float64Array(minutes + 1);
  const digitC = Object.fromEntries(DIGITS.map((digit) => [digit, curve()])) as Record<Digit, Float64Array>;
  const digitCurves = DIGITS.map((digit) => digitC[digit]);
  const segmentSkinC = new Float64Array((minutes + 1) * SEGMENT_COUNT);
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
    segmentSkinC,
  };
  const record = (minute: number, sitter: Sitter, at: Conditions): void => {
    for (let digit = 0; digit < DIGIT_COUNT; digit++) digitCurves[digit]![minute] = sitter.digitC[digit]!;
    series.heatDebtWhPerM2[minute] = sitter.debtWhPerM2();
    series.shiveringWPerM2[minute] = sitter.shiveringWPerM2();
    series.trunkC[minute] = sitter.trunkC();
    series.meanSkinC[minute] = sitter.meanSkinC();
    series.heatMadeW[minute] = sitter.body.last.heatMadeW;
    series.airTemperatureC[minute] = at.airTemperatureC;
    series.relativeWindMPerS[minute] = at.relativeWindMPerS;
    const { skinC } = sitter.body.now;
    const from = minute * SEGMENT_COUNT;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) segmentSkinC[from + segment] = skinC[segment]!;
  };
  return { series, record };
}
