import { bodySurfaceM2, SEGMENT_COUNT } from "@/core/body";
import { resistancesAt, simulateOuting, type OutingSeries } from "@/core/simulation";
import { SITES } from "@/core/patches";
import { Tally, type FileReport, type Tolerance } from "./tally";
import { trialKey, trialToOuting, type TrialCase } from "./trial-to-outing";

const DIGIT_CURVES = {
  fingersL: "leftFingers",
  fingersR: "rightFingers",
  toesL: "leftToes",
  toesR: "rightToes",
} as const;
type DigitCurve = keyof typeof DIGIT_CURVES;

type ExpectedTrial = TrialCase & {
  resistance: Record<string, number>[];
  minute: number[];
  debt: number[];
  trunk: number[];
  met: number[];
  shiv: number[];
  tsk: number[][];
  firstSitMinutesTo: Partial<Record<DigitCurve, Record<string, number | null>>>;
  firstSitMinutesToDebt: Record<string, number | null>;
} & Record<DigitCurve, number[]>;
type TrialFile = { cases: ExpectedTrial[] };

// Agreement asked of the trial tables (their "source" line).
const RESISTANCE: Tolerance = { kind: "relative", allowed: 0.01, floor: 0.001 };
const DIGIT: Tolerance = { kind: "absolute", allowed: 0.7, unit: "K" };
const SKIN: Tolerance = { kind: "absolute", allowed: 0.3, unit: "K" };
const DEBT: Tolerance = { kind: "absolute", allowed: 3, unit: "W·h/m²" };
/** 5 min or 5 %, whichever is more, as a share of what is allowed. */
const MINUTES: Tolerance = { kind: "absolute", allowed: 1, unit: "of 5 min or 5 %" };
const MINUTES_ALLOWED = 5;
const SHARE_ALLOWED = 0.05;
// Not named there: as near as the same model ought to come.
const TRUNK: Tolerance = { kind: "absolute", allowed: 0.1, unit: "K" };
const HEAT: Tolerance = { kind: "relative", allowed: 0.05, floor: 50 };

function compareMinutes(
  tally: Tally,
  quantity: string,
  where: string,
  found: number | null,
  expected: number | null,
): void {
  if (expected === null || found === null) {
    tally.note(quantity, where, expected === found ? 0 : Infinity, MINUTES);
    return;
  }
  const allowed = Math.max(MINUTES_ALLOWED, expected * SHARE_ALLOWED);
  tally.note(quantity, where, Math.abs(found - expected) / allowed, MINUTES);
}

/**
 * Whether a sit begins beyond a bound and leaves it in the first minutes, there by less than digits may differ: such a
 * curve grazes, and when it crosses is no figure of its own.
 */
const grazesAtStart = (curve: Float64Array, from: number, expected: number | null, bound: number): boolean =>
  expected === 0 && Math.abs(curve[from + 1]! - bound) <= DIGIT.allowed;

/** First minute after the start of the first sitting phase at which a curve passes a bound. */
function minutesTo(curve: Float64Array, from: number, isBeyond: (value: number) => boolean): number | null {
  for (let minute = from + 1; minute < curve.length; minute++) if (isBeyond(curve[minute]!)) return minute - from;
  return null;
}

function firstSittingMinute(trial: TrialCase): number {
  const index = trial.phases.findIndex(({ posture }) => posture === "sitting");
  return trial.phases.slice(0, Math.max(0, index)).reduce((total, { minutes }) => total + minutes, 0);
}

function compareCurves(tally: Tally, expected: ExpectedTrial, series: OutingSeries): void {
  const surfaceM2 = bodySurfaceM2({ heightM: expected.person.height, massKg: expected.person.weight });
  expected.minute.forEach((minute, index) => {
    const where = `${expected.name}, minute ${minute}`;
    for (const [curve, digit] of Object.entries(DIGIT_CURVES)) {
      tally.compare(curve, where, series.digitC[digit][minute], expected[curve as DigitCurve][index], DIGIT);
    }
    const skin = Array.from(series.segmentSkinC.subarray(minute * SEGMENT_COUNT, (minute + 1) * SEGMENT_COUNT));
    tally.compare("tsk", where, skin, expected.tsk[index], SKIN);
    tally.compare("debt", where, series.heatDebtWhPerM2[minute], expected.debt[index], DEBT);
    tally.compare("trunk", where, series.trunkC[minute], expected.trunk[index], TRUNK);
    tally.compare("met", where, series.heatMadeW[minute], expected.met[index], HEAT);
    tally.compare("shiv", where, series.shiveringWPerM2[minute]! * surfaceM2, expected.shiv[index], HEAT);
  });
}

function compareCrossings(tally: Tally, expected: ExpectedTrial, series: OutingSeries, what: string): void {
  const from = firstSittingMinute(expected);
  for (const [curve, bounds] of Object.entries(expected.firstSitMinutesTo)) {
    for (const [bound, minute] of Object.entries(bounds)) {
      const digitC = series.digitC[DIGIT_CURVES[curve as DigitCurve]];
      if (grazesAtStart(digitC, from, minute, Number(bound))) continue;
      const found = minutesTo(digitC, from, (value) => value < Number(bound));
      compareMinutes(tally, `${what} to ${curve}`, `${expected.name}, ${bound} °C`, found, minute);
    }
  }
  for (const [bound, minute] of Object.entries(expected.firstSitMinutesToDebt)) {
    const found = minutesTo(series.heatDebtWhPerM2, from, (value) => value > Number(bound));
    compareMinutes(tally, `${what} to debt`, `${expected.name}, ${bound} W·h/m²`, found, minute);
  }
}

/** Whole outings with explicit stacks against `simulateOuting`. */
export function compareTrialOutings(file: TrialFile): FileReport {
  const tally = new Tally();
  for (const expected of file.cases) {
    const outing = trialToOuting(expected);
    let minute = 0;
    expected.phases.forEach((phase, index) => {
      const found = resistancesAt(outing, minute);
      for (const { patch, side, key } of SITES) {
        const name = trialKey(patch, side);
        tally.compare(
          "R",
          `${expected.name}, phase ${index}, ${name}`,
          found[key],
          expected.resistance[index]?.[name],
          RESISTANCE,
        );
      }
      minute += phase.minutes;
    });
    // The tables were stepped as the published body is, a minute at a time with flows of the minute before.
    const published = simulateOuting(outing, { stepping: "published" }).series;
    compareCurves(tally, expected, published);
    compareCrossings(tally, expected, published, "minutes");
    compareCrossings(tally, expected, simulateOuting(outing).series, "own steps, minutes");
  }
  return tally.report(file.cases.length);
}
